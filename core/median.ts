/** The figure in the middle of some, the lower one of two; 0 of none. */
export const median = (figures: readonly number[]): number =>
  [...figures].sort((a, b) => a - b)[Math.floor((figures.length - 1) / 2)] ?? 0;
