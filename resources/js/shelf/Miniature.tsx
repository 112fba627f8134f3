import type { RecipeList } from '../api/generated/documents';

/** Tops above this many levels are cut off, here as on the Line. */
const most = 1.8;

/** The balance at a glance: five tops over a bar, each with its band. */
export function Miniature({ columns }: { columns: RecipeList['recipes'][number]['columns'] }) {
  const described = columns.map((column) => `${column.label}: ${column.words || 'no verdict'}`).join(', ');
  return (
    <div className="miniature" role="img" aria-label={described}>
      <div className="miniature-columns" aria-hidden="true">
        {columns.map((column) => (
          <div className="miniature-column" key={column.label}>
            {column.band !== null && (
              <span
                className="miniature-band"
                style={{
                  bottom: `${(Math.min(column.band.low, most) / most) * 100}%`,
                  top: `${100 - (Math.min(column.band.high, most) / most) * 100}%`,
                }}
              />
            )}
            <span
              className={`miniature-top${column.top > most ? ' cut' : ''}`}
              style={{ height: `${(Math.min(column.top, most) / most) * 100}%` }}
            />
          </div>
        ))}
      </div>
      <div className="miniature-labels" aria-hidden="true">
        {columns.map((column) => (
          <span key={column.label}>{column.label}</span>
        ))}
      </div>
    </div>
  );
}
