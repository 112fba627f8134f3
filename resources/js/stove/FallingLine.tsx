import type { CookCurve } from '../api/generated/documents';

const wide = 520;
const high = 150;

/** The pot's weight as a line that falls towards its stop, with how sure it is. */
export function FallingLine({ curve, stop, now }: { curve: CookCurve; stop: string; now: string }) {
  const x = (share: number) => share * wide;
  const y = (share: number) => (1 - share) * high;
  const past = curve.line.filter((point) => point.x <= curve.now.x);
  const path = (points: { x: number; y: number }[]) => points.map((point) => `${x(point.x)},${y(point.y)}`).join(' ');
  const band = [
    ...curve.line.map((point) => `${x(point.x)},${y(point.high)}`),
    ...[...curve.line].reverse().map((point) => `${x(point.x)},${y(point.low)}`),
  ].join(' ');
  // below on the left, clear of the line that falls to the right, where there is room beside the word of the stop
  const labelLeft = curve.now.x > 0.6 || (curve.now.x > 0.22 && y(curve.stop_y) - y(curve.now.y) > 44);
  return (
    <svg
      className="stove-curve"
      viewBox={`-8 -14 ${wide + 16} ${high + 22}`}
      role="img"
      aria-label={`${now} of sauce now; it stops at ${stop}`}
    >
      <polygon points={band} className="curve-band" />
      <line x1={0} x2={wide} y1={y(curve.stop_y)} y2={y(curve.stop_y)} className="curve-stop" />
      <polyline points={path(curve.line)} className="curve-to-come" />
      <polyline points={path([...past, curve.now])} className="curve-line" />
      {curve.points.map((point) => (
        <g key={`${point.x} ${point.text}`}>
          <circle cx={x(point.x)} cy={y(point.y)} r={5} className="curve-point" />
          <text x={x(point.x) + 8} y={y(point.y) - 8} className="curve-text">
            {point.text}
          </text>
        </g>
      ))}
      <circle cx={x(curve.now.x)} cy={y(curve.now.y)} r={6.5} className="curve-now" />
      <text
        x={x(curve.now.x) + (labelLeft ? -12 : 12)}
        y={y(curve.now.y) + 18}
        textAnchor={labelLeft ? 'end' : 'start'}
        className="curve-text-now"
      >
        {now} now
      </text>
      <text x={0} y={y(curve.stop_y) - 6} className="curve-text-now">
        stop: {stop}
      </text>
    </svg>
  );
}
