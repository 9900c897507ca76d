/** The weekdays in the order in which the person’s week has them, Monday is 1. */
export const weekdaysFrom = (weekStart: number): number[] =>
  Array.from({ length: 7 }, (_, i) => ((weekStart - 1 + i) % 7) + 1);
