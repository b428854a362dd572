import type { CSSProperties } from 'react';

const LONGEST = 200;

/** A name that is being given, in place. Enter and leaving it keep the name, Escape and nothing in it the one before. */
export function NameField({
  name,
  label,
  className,
  style,
  longest = LONGEST,
  give,
  close,
}: {
  name: string;
  label: string;
  className?: string;
  style?: CSSProperties;
  longest?: number;
  give: (name: string) => void;
  close: () => void;
}) {
  return (
    <input
      className={`nameField ${className ?? ''}`}
      aria-label={label}
      style={style}
      defaultValue={name}
      maxLength={longest}
      autoFocus
      onFocus={(event) => event.target.select()}
      onBlur={(event) => {
        const given = event.target.value.trim();
        if (given && given !== name) give(given);
        close();
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') {
          event.currentTarget.value = name;
          event.currentTarget.blur();
        }
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}
