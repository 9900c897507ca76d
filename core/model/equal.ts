/** Whether two values as JSON has them say the same, in whatever order their fields stand; a field without a value is none. */
export function equal(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [one, other] = [new Map(Object.entries(a)), new Map(Object.entries(b))];
  for (const name of new Set([...one.keys(), ...other.keys()])) {
    if (!equal(one.get(name), other.get(name))) return false;
  }
  return true;
}
