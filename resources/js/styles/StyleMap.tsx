import { useDrawingArea, useXScale, useYScale } from '@mui/x-charts/hooks';
import { ScatterChart, type ScatterMarkerProps } from '@mui/x-charts/ScatterChart';
import { useQuery } from '@tanstack/react-query';
import { readStyleMap } from '../api/generated/client';
import type { StyleMap as Planes } from '../api/generated/documents';

/** Letters of a name beside its mark; a letter is about so wide and a line so high, in pixels. */
const longest = 24;
const wide = 6.6;
const high = 15;

/** Pixels across below which there is no room for names. */
const narrow = 500;

type Plane = Planes['planes'][number];

const shorten = (text: string) => (text.length > longest ? `${text.slice(0, longest - 1)}…` : text);

type Side = 'right' | 'left' | 'number';

/** On which side of its mark each name stands clear of those before it and within the frame; else its number does. */
function sides(marks: { name: string; left: number; top: number }[], from: number, to: number): Side[] {
  const taken = marks.map(({ left, top }) => ({ from: left - 9, to: left + 9, top }));
  return marks.map(({ name, left, top }, own) => {
    const length = shorten(name).length * wide;
    for (const side of ['right', 'left'] as const) {
      const box =
        side === 'right' ? { from: left + 9, to: left + 9 + length } : { from: left - 9 - length, to: left - 9 };
      const isFree =
        box.from >= from &&
        box.to <= to &&
        taken.every(
          (other, at) =>
            at === own || Math.abs(other.top - top) >= high || other.to <= box.from || other.from >= box.to,
        );
      if (isFree) {
        taken.push({ ...box, top });
        return side;
      }
    }
    return 'number';
  });
}

/** Where each kind of sauce lies and where ours do, on two planes, with the same figures in a table below each. */
export function StyleMap({ onChoose }: { onChoose: (slug: string) => void }) {
  const map = useQuery({ queryKey: ['style-map'], queryFn: ({ signal }) => readStyleMap({ signal }) });
  if (map.isError) return <p role="alert">{map.error.message}</p>;
  return (
    <>
      {(map.data?.planes ?? []).map((plane) => (
        <OnePlane key={plane.heading} plane={plane} onChoose={onChoose} />
      ))}
    </>
  );
}

function OnePlane({ plane, onChoose }: { plane: Plane; onChoose: (slug: string) => void }) {
  const [x, y] = [plane.x, plane.y].map((axis) => `${axis.label}, ${axis.unit}`);
  const name = (points: { name: string }[], place?: { dataIndex: number }) =>
    points[place?.dataIndex ?? -1]?.name ?? '';
  // ours are told apart by their shape and carry their names, so that nobody has to tell colours apart
  const Mark = ({ seriesId, dataIndex, x: left, y: top, color, size }: ScatterMarkerProps) => {
    const isMine = seriesId === 'mine';
    const area = useDrawingArea();
    const [across, up] = [useXScale(), useYScale()];
    const place = (value: number, on: typeof across | typeof up) => Number(on(value as never));
    const side =
      area.width < narrow
        ? 'number'
        : sides(
            plane.mine.map((point) => ({ name: point.name, left: place(point.x, across), top: place(point.y, up) })),
            area.left,
            area.left + area.width,
          )[dataIndex];
    const text = isMine ? (side === 'number' ? `${dataIndex + 1}` : shorten(plane.mine[dataIndex]?.name ?? '')) : '';
    const isLeft = side === 'left';
    return (
      <g transform={`translate(${left},${top})`} cursor={isMine ? undefined : 'pointer'}>
        {isMine ? (
          <path d={`M0 ${-size}L${size} 0L0 ${size}L${-size} 0Z`} fill={color} />
        ) : (
          <circle r={size} fill="var(--enamel)" stroke={color} strokeWidth={2} />
        )}
        <text
          x={isLeft ? -size - 3 : size + 3}
          dy="0.35em"
          textAnchor={isLeft ? 'end' : 'start'}
          fontSize={12}
          pointerEvents="none"
          paintOrder="stroke"
          stroke="var(--enamel)"
          strokeWidth={4}
        >
          {text}
        </text>
      </g>
    );
  };
  return (
    <section className="style-plane" aria-label={plane.heading}>
      <h2>{plane.heading}</h2>
      <ScatterChart
        height={300}
        margin={{ left: 8, right: 16, top: 8, bottom: 8 }}
        grid={{ horizontal: true, vertical: true }}
        // most kinds crowd near nothing: a root spreads them
        xAxis={[{ label: x, scaleType: 'sqrt', min: 0, tickNumber: 6, height: 56 }]}
        slots={{ marker: Mark }}
        yAxis={[{ label: y, scaleType: 'sqrt', min: 0 }]}
        series={[
          {
            id: 'styles',
            label: 'a kind of sauce',
            data: plane.styles,
            color: '#5d7088',
            markerSize: 5,
            valueFormatter: (_, place) => name(plane.styles, place),
          },
          {
            id: 'mine',
            label: 'a sauce of this house',
            data: plane.mine,
            color: '#b03a10',
            markerSize: 7,
            valueFormatter: (_, place) => name(plane.mine, place),
          },
        ]}
        onItemClick={(_: unknown, item: { seriesId?: unknown; dataIndex?: number }) => {
          const slug = item.seriesId === 'styles' ? plane.styles[item.dataIndex ?? -1]?.id : undefined;
          if (slug !== undefined) onChoose(slug);
        }}
      />
      <ol className="style-mine">
        {plane.mine.map((point) => (
          <li key={point.id}>{point.name}</li>
        ))}
      </ol>
      <details>
        <summary>The same as a table</summary>
        <table className="ruled">
          <thead>
            <tr>
              <th scope="col">Sauce</th>
              <th scope="col">{x}</th>
              <th scope="col">{y}</th>
            </tr>
          </thead>
          <tbody>
            {plane.mine.map((point) => (
              <tr key={point.id}>
                <th scope="row">
                  {point.name} <span className="quiet">(of this house)</span>
                </th>
                <td>{point.x_text}</td>
                <td>{point.y_text}</td>
              </tr>
            ))}
            {plane.styles.map((point) => (
              <tr key={point.id}>
                <th scope="row">{point.name}</th>
                <td>{point.x_text}</td>
                <td>{point.y_text}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
