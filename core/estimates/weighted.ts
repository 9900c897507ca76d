/** A figure that counts so much; of one that is censored it is known only that it is larger. */
export type Weighed = { readonly value: number; readonly weight: number; readonly censored: boolean };

/** The part of a distribution that lies below a value. */
type Step = { readonly value: number; readonly below: number };

/**
 * The distribution of some figures, in order: at each the share of all that lies below its middle. Censored ones count among
 * those that are larger for as long as they are known to be (the product-limit estimate, Kaplan and Meier 1958, weighted).
 */
export function distributionOf(figures: readonly Weighed[]): readonly Step[] {
  const sorted = [...figures].sort((a, b) => a.value - b.value || Number(a.censored) - Number(b.censored));
  let atRisk = sorted.reduce((sum, { weight }) => sum + weight, 0);
  let survives = 1;
  const steps: Step[] = [];
  for (let i = 0; i < sorted.length;) {
    const value = sorted[i]?.value ?? 0;
    let [ends, goes] = [0, 0];
    for (let one = sorted[i]; one?.value === value; one = sorted[(i += 1)]) {
      goes += one.weight;
      if (!one.censored) ends += one.weight;
    }
    if (ends > 0) {
      const after = survives * (1 - Math.min(1, ends / atRisk));
      steps.push({ value, below: 1 - (survives + after) / 2 });
      survives = after;
    }
    atRisk -= goes;
  }
  return steps;
}

/** The value below which a share (0 to 1) of a distribution lies, between its steps in a line; undefined of none. */
export function quantile(steps: readonly Step[], share: number): number | undefined {
  let [low, high] = [0, steps.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((steps[middle]?.below ?? 1) < share) low = middle + 1;
    else high = middle;
  }
  const [before, at] = [steps[low - 1], steps[low]];
  if (!before || !at) return (at ?? before)?.value;
  const along = (share - before.below) / (at.below - before.below);
  return before.value + along * (at.value - before.value);
}

/** How many figures of equal weight say as much as these (Kish 1965). */
export function effective(weights: readonly number[]): number {
  const [sum, squares] = weights.reduce(([s, q]: [number, number], w) => [s + w, q + w * w], [0, 0]);
  return squares === 0 ? 0 : (sum * sum) / squares;
}
