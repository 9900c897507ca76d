/**
 * Parts rounded to multiples of `step` that add up to `total`, which is their sum, rounded up or down to a multiple of it; to
 * the nearest if nothing is said. Each is within one step of what it was: those that lose most by rounding down are rounded up,
 * of equal ones the first (the method of largest remainders). shareOut([0.5, 0.5, 2], 1) is [1, 0, 2].
 */
export function shareOut(
  parts: readonly number[],
  step: number,
  total = Math.round(parts.reduce((sum, part) => sum + part, 0) / step) * step,
): number[] {
  const down = parts.map((part) => Math.floor(part / step));
  const missing = total / step - down.reduce((sum, part) => sum + part, 0);
  const byLoss = parts
    .map((part, i) => ({ i, lost: part / step - (down[i] ?? 0) }))
    .sort((a, b) => b.lost - a.lost || a.i - b.i);
  const up = new Set(byLoss.slice(0, missing).map(({ i }) => i));
  return down.map((part, i) => (part + (up.has(i) ? 1 : 0)) * step);
}
