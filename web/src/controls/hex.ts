/**
 * A colour typed as hexadecimal digits, with or without `#`; null while it is none.
 *
 * @param opaque whether digits for what it lets through are refused
 * @param done whether no more digits are to come, so that three stand for six
 * @returns `#rrggbb`, or `#rrggbbaa`
 */
export function readHex(text: string, opaque: boolean, done = false): string | null {
  const digits = text.trim().replace(/^#/, '').toLowerCase();
  if (!/^[0-9a-f]+$/.test(digits)) return null;
  if (done && digits.length === 3) return `#${[...digits].map((one) => one + one).join('')}`;
  if (digits.length === 8 && !opaque) return digits.endsWith('ff') ? `#${digits.slice(0, 6)}` : `#${digits}`;
  return digits.length === 6 ? `#${digits}` : null;
}
