/** "14:05", from seconds since 1970. */
export const timeOfDay = (at: number): string =>
  new Date(at * 1000).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** "17:05" until then, "1:02:00" when it is hours, "2:10 ago" when it is past. */
export function until(at: number, now: number): string {
  const seconds = Math.abs(Math.round(at - now));
  const parts = [Math.floor(seconds / 60) % 60, seconds % 60].map((part) => `${part}`.padStart(2, '0'));
  const hours = Math.floor(seconds / 3600);
  const text = hours > 0 ? `${hours}:${parts.join(':')}` : `${Number(parts[0])}:${parts[1]}`;
  return at < now ? `${text} ago` : text;
}
