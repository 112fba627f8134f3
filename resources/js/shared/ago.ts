const steps: [number, Intl.RelativeTimeFormatUnit][] = [
  [60, 'second'],
  [60, 'minute'],
  [24, 'hour'],
  [30, 'day'],
  [12, 'month'],
];
const format = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });

/** "3 minutes ago", from a time in milliseconds. */
export function ago(time: number, now: number): string {
  let passed = Math.max(0, (now - time) / 1000);
  for (const [size, unit] of steps) {
    if (passed < size) return format.format(-Math.floor(passed), unit);
    passed /= size;
  }
  return format.format(-Math.floor(passed), 'year');
}
