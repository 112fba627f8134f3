/** "14:05", from seconds since 1970. */
export const timeOfDay = (at: number): string =>
  new Date(at * 1000).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** "18:28", and "Fri 18:28" where that is another day. */
export function dayAndTime(at: number, now: number): string {
  const isToday = new Date(at * 1000).toDateString() === new Date(now * 1000).toDateString();
  const day = new Date(at * 1000).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
  return isToday ? timeOfDay(at) : `${day}, ${timeOfDay(at)}`;
}

/** "17:05" until then, "1:02:00" when it is hours, "2:10 ago" when it is past. */
export function until(at: number, now: number): string {
  const seconds = Math.abs(Math.round(at - now));
  const parts = [Math.floor(seconds / 60) % 60, seconds % 60].map((part) => `${part}`.padStart(2, '0'));
  const hours = Math.floor(seconds / 3600);
  const text = hours > 0 ? `${hours}:${parts.join(':')}` : `${Number(parts[0])}:${parts[1]}`;
  return at < now ? `${text} ago` : text;
}
