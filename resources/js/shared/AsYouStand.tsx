import type { Import } from '../api/generated/documents';
import type { Held } from './YourWords';

interface Props {
  reading: Pick<Import, 'names' | 'steps'>;
  stages: Import['recipe']['stages'];
  held: Held;
  onHold: (held: Held) => void;
}

/** The steps as they will be stood at, each with what goes in. */
export function AsYouStand({ reading, stages, held, onHold }: Props) {
  return (
    <ol className="as-you-stand">
      {stages.map((stage) => (
        <li key={stage.id} data-held={held.stage === stage.id && held.line === undefined}>
          <strong>{reading.steps[stage.id ?? '']}</strong>
          {stage.name ? <span className="quiet"> {stage.name}</span> : null}
          <ul>
            {(stage.lines ?? []).map((line) => (
              <li key={line.id}>
                <button
                  type="button"
                  className="thing"
                  data-held={held.line === line.id}
                  onFocus={() => onHold({ line: line.id })}
                  onPointerEnter={() => onHold({ line: line.id })}
                  onClick={() => onHold({ line: line.id })}
                >
                  <b>{line.amount ?? 'as much'}</b>
                  <span>
                    {reading.names[line.ingredient] ?? line.ingredient}
                    {line.prep ? <span className="quiet">, {line.prep}</span> : null}
                    {line.handling === 'steeped' || line.handling === 'whole' ? (
                      <span className="quiet">, comes out again</span>
                    ) : null}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ol>
  );
}
