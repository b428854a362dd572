/**
 * The value with everything taken from the value before that is the same there: what did not change stays the same object, so
 * that what is drawn from it need not be drawn anew. Both are JSON.
 */
export function asBefore<T>(value: T, before: unknown): T {
  if (Object.is(value, before)) return value;
  if (typeof value !== 'object' || typeof before !== 'object' || value === null || before === null)
    return value;
  if (Array.isArray(value)) return Array.isArray(before) ? listAsBefore(value, before) : value;
  if (Array.isArray(before)) return value;
  const own = value as Record<string, unknown>;
  const was = before as Record<string, unknown>;
  let same = true;
  let names = 0;
  // Pages of hundreds of blocks are compared while something is dragged: what stays is not written.
  for (const name in own) {
    names++;
    const one = own[name];
    const other = was[name];
    if (one === other && (one !== undefined || name in was)) continue;
    const taken = asBefore(one, other);
    if (taken !== one) own[name] = taken;
    same &&= name in was && Object.is(taken, other);
  }
  return same && names === Object.keys(was).length ? (before as T) : value;
}

function listAsBefore<T>(value: T & unknown[], before: unknown[]): T {
  let same = value.length === before.length;
  for (let i = 0; i < value.length; i++) {
    const one: unknown = value[i];
    if (i < before.length && one === before[i]) continue;
    const taken = asBefore(one, before[i]);
    if (taken !== one) value[i] = taken;
    same &&= Object.is(taken, before[i]);
  }
  return same ? (before as T & unknown[]) : value;
}
