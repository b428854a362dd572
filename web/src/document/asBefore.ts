/**
 * The value with everything taken from the value before that is the same there: what did not change stays the same object, so
 * that what is drawn from it need not be drawn anew. Both are JSON.
 */
export function asBefore<T>(value: T, before: unknown): T {
  if (Object.is(value, before)) return value;
  if (typeof value !== 'object' || typeof before !== 'object' || value === null || before === null)
    return value;
  if (Array.isArray(value)) {
    if (!Array.isArray(before)) return value;
    const own = value as unknown[];
    let same = own.length === before.length;
    for (let i = 0; i < own.length; i++) {
      own[i] = asBefore(own[i], before[i]);
      same &&= Object.is(own[i], before[i]);
    }
    return same ? (before as T) : value;
  }
  if (Array.isArray(before)) return value;
  const own = value as Record<string, unknown>;
  const was = before as Record<string, unknown>;
  const names = Object.keys(own);
  let same = names.length === Object.keys(was).length;
  for (const name of names) {
    own[name] = asBefore(own[name], was[name]);
    same &&= name in was && Object.is(own[name], was[name]);
  }
  return same ? (before as T) : value;
}
