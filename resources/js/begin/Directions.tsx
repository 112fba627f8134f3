import { useState } from 'react';
import type { Begin } from '../api/generated/documents';

interface Props {
  directions: Begin['directions'];
  style: string;
  onChoose: (style: string) => void;
}

const percent = (share: number) => `${100 * share}%`;

/** Every kind of sauce in small: the first of each family, and the others when asked for. */
export function Directions({ directions, style, onChoose }: Props) {
  const [isAll, setAll] = useState(false);
  const shown = directions.filter(({ slug, leads }) => isAll || leads || slug === style);
  const others = directions.length - shown.length;
  return (
    <>
      <h2>
        <span className="begin-number">1</span> A direction
      </h2>
      <ul className="kinds" aria-label="Directions">
        {shown.map(({ slug, name, family, columns }) => (
          <li key={slug}>
            <button type="button" className="kind-card" aria-pressed={slug === style} onClick={() => onChoose(slug)}>
              {isAll && <small className="quiet">{family}</small>}
              <strong>{name}</strong>
              <span className="kind-columns" aria-hidden="true">
                {columns.map(({ label, aim, low, high }) => (
                  <span className="kind-column" key={label}>
                    <span className="kind-band" style={{ bottom: percent(low), top: percent(1 - high) }} />
                    <span className="kind-aim" style={{ height: percent(aim) }} />
                  </span>
                ))}
              </span>
            </button>
          </li>
        ))}
        {(others > 0 || isAll) && (
          <li>
            <button type="button" className="kind-card kind-more" onClick={() => setAll(!isAll)}>
              {isAll ? 'Fewer' : `${others} more`}
            </button>
          </li>
        )}
      </ul>
      <p className="quiet kinds-legend">Sweet, sour, salty, umami, heat: where each kind aims, within its band.</p>
    </>
  );
}
