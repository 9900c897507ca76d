/** Milliseconds of the longest month. */
const MONTH = 31 * 86_400_000;

const monthOf = (instant: number) => new Date(instant).toISOString().slice(0, 7);

/**
 * Tells the partitions that the present day, and the days at other instants (epoch ms), need to be drawn: all that has
 * no month, everything from the month before now on, and the months around the others.
 */
export function neededFor(now: number, others: readonly number[]): (partition: string) => boolean {
  const since = monthOf(now - MONTH);
  const around = new Set(others.flatMap((at) => [at - MONTH, at, at + MONTH].map(monthOf)));
  return (partition) => {
    const month = /(?:\/|-)(\d{4}-\d{2})$/.exec(partition)?.[1];
    return month === undefined || month >= since || around.has(month);
  };
}
