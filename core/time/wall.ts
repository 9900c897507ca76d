/** Minutes after midnight as a time of day, `14:30`; the next midnight is `00:00`. */
export function clockOf(minutes: number): string {
  const two = (number: number) => String(number).padStart(2, '0');
  const within = minutes % 1440;
  return `${two(Math.floor(within / 60))}:${two(within % 60)}`;
}

/** A time of day, `14:30`, as minutes after midnight. */
export const minutesOfClock = (time: string): number =>
  Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
