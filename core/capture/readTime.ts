/** A time of day as people type it, as `HH:MM`: `9`, `9:30`, `0930`, `2pm`, `2:30 pm`, `14.30`. Undefined when it cannot be read. */
export function readTime(text: string): string | undefined {
  const found = /^(\d{1,2})(?:[:.h]?([0-5]\d))?\s*([ap])?\.?m?\.?$/.exec(text.trim().toLowerCase());
  if (!found) return undefined;
  const [typedHours, minutes, half] = [Number(found[1]), found[2] ?? '00', found[3]];
  if (half && (typedHours < 1 || typedHours > 12)) return undefined;
  const hours = half ? (typedHours % 12) + (half === 'p' ? 12 : 0) : typedHours;
  return hours < 24 ? `${String(hours).padStart(2, '0')}:${minutes}` : undefined;
}
