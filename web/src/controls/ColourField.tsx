import { ColorPicker } from 'antd';
import { useState } from 'react';
import { readHex } from './hex';

/** A colour as a swatch that opens a picker, and as hexadecimal digits beside it, taken with the last of them. */
export function ColourField({
  label,
  value,
  opaque = false,
  dragged,
  change,
}: {
  label: string;
  /** As `#rrggbb`, or `#rrggbbaa` where it lets something through. */
  value: string;
  /** Whether it cannot let anything through. */
  opaque?: boolean;
  /** Called while the pointer still moves in the picker. */
  dragged?: (colour: string) => void;
  /** @param gesture what several changes that are one to the person are known by */
  change: (colour: string, gesture?: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [said, setSaid] = useState(false);
  const [gesture, setGesture] = useState(0);
  const type = (text: string) => {
    setTyped(text);
    setSaid(false);
    const colour = readHex(text, opaque);
    if (colour && colour !== value) change(colour, `typed ${gesture}`);
  };
  const leave = () => {
    if (typed === null) return;
    const colour = readHex(typed, opaque, true);
    setSaid(!colour);
    if (!colour) return;
    if (colour !== value) change(colour, `typed ${gesture}`);
    setTyped(null);
  };
  return (
    <span className="colourField">
      <ColorPicker
        size="small"
        disabledAlpha={opaque}
        value={value}
        onChange={(colour) => dragged?.(colour.toHexString().toLowerCase())}
        onChangeComplete={(colour) => {
          setTyped(null);
          setSaid(false);
          change(colour.toHexString().toLowerCase());
        }}
      />
      <input
        aria-label={`${label} in hexadecimal`}
        aria-invalid={said}
        spellCheck={false}
        value={typed ?? value}
        onFocus={() => setGesture((last) => last + 1)}
        onChange={(event) => type(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => event.key === 'Enter' && leave()}
      />
      {said && (
        <em className="problem">
          “{typed}” is no colour: type {opaque ? 'six' : 'six or eight'} hexadecimal digits, as in #f0c24a.
        </em>
      )}
    </span>
  );
}
