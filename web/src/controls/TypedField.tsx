import { useEffect, useRef, useState } from 'react';

/**
 * A field that is as high as what is typed in it. What stands in it at first is chosen, so that what is typed comes in its place.
 * Enter takes it, with Ctrl otherwise; Escape leaves it. What had the focus before has it again when the field goes, so that what is
 * typed on falls on nothing.
 */
export function TypedField({
  label,
  value,
  placeholder,
  marked,
  change,
  take,
  leave,
  keyed,
}: {
  label: string;
  value: string;
  placeholder?: string;
  /** A stretch to be chosen now; the same as long as it is not to be chosen again. */
  marked?: { from: number; to: number } | null;
  change: (value: string) => void;
  /** @param otherwise whether Ctrl was held */
  take: (otherwise: boolean) => void;
  leave: () => void;
  /** What else a key does; true when it did something. */
  keyed?: (key: string) => boolean;
}) {
  const [opener] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      const lost = document.activeElement === null || document.activeElement === document.body;
      if (lost && opener instanceof HTMLElement) opener.focus();
    },
    [opener],
  );
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => field.current?.select(), []);
  useEffect(() => {
    if (!marked) return;
    field.current?.focus();
    field.current?.setSelectionRange(marked.from, marked.to);
  }, [marked]);
  return (
    <textarea
      ref={field}
      autoFocus
      rows={1}
      aria-label={label}
      placeholder={placeholder}
      value={value}
      onChange={(event) => change(event.target.value.replace(/\n/g, ' '))}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') leave();
        else if (keyed?.(event.key)) event.preventDefault();
        else if (event.key === 'Enter') {
          event.preventDefault();
          take(event.ctrlKey || event.metaKey);
        }
      }}
    />
  );
}
