import type {
  AnalysisProblem,
  AnalysisTrouble,
  EvaluationBench,
  RecipeProcess,
  RecipeStage,
} from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';
import { isHeated, processes } from '../shared/vocabulary';
import { removeStage, setProcess, setStage } from './edits';
import { NumberField } from './NumberField';
import { StageStrip } from './StageStrip';
import type { Draft } from './useDraft';
import { WhereToStop } from './WhereToStop';

type Kind = RecipeProcess['kind'];
type Until = 'loss_percent' | 'mass_g' | 'volume_ml';

const ends: [Until | '', string][] = [
  ['', 'by the minutes alone'],
  ['loss_percent', 'down by, %'],
  ['mass_g', 'down to, g'],
  ['volume_ml', 'down to, ml'],
];

interface Props {
  draft: Draft;
  stage: RecipeStage;
  bench: EvaluationBench;
  problems: AnalysisProblem[];
  troubles: AnalysisTrouble[];
  onClose: () => void;
}

/** One stage: what is done to the pot, how to know that it is done, and what each stage made of the sauce. */
export function StageCard({ draft, stage, bench, problems, troubles, onClose }: Props) {
  const id = stage.id ?? '';
  const process = stage.process ?? null;
  const kind = process?.kind ?? 'none';
  const figures = bench.stages.find((each) => each.id === id);
  const ending = (ends.find(([key]) => key !== '' && process?.until && key in process.until)?.[0] ?? '') as Until | '';
  const value = ending === '' ? undefined : (process?.until as Record<string, number> | null | undefined)?.[ending];
  const change = (part: Partial<RecipeProcess>) => draft.edit(setProcess(id, part));
  const steeped = draft.recipe.stages.some((each) =>
    (each.lines ?? []).some((line) => line.handling === 'steeped' || line.handling === 'whole'),
  );
  return (
    <>
      <div className="panel-head">
        <h2>{stage.name || 'Together'}</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      {troubles.map((trouble) => (
        <section key={trouble.code} className="goes-wrong">
          <h3>{trouble.text}</h3>
          <p>{trouble.mend}</p>
          <p className="quiet">{trouble.source}</p>
        </section>
      ))}
      <div className="stage-fields">
        <label className="wide">
          Called
          <input
            key={stage.name}
            defaultValue={stage.name ?? ''}
            maxLength={120}
            onBlur={(event) =>
              event.target.value !== (stage.name ?? '') && draft.edit(setStage(id, { name: event.target.value.trim() }))
            }
          />
        </label>
        <label className="wide">
          Then
          <select value={kind} onChange={(event) => change({ kind: event.target.value as Kind })}>
            {processes.map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </select>
        </label>
        {kind !== 'none' && (
          <NumberField label="Minutes" value={process?.minutes} onValue={(minutes) => change({ minutes })} />
        )}
        {isHeated(kind) && (
          <>
            <label>
              Heat
              <select
                value={process?.heat ?? 'medium'}
                onChange={(event) => change({ heat: event.target.value as 'low' | 'medium' | 'high' })}
              >
                <option value="low">low</option>
                <option value="medium">medium</option>
                <option value="high">high</option>
              </select>
            </label>
            <label>
              Stop
              <select
                value={ending}
                onChange={(event) => {
                  const next = event.target.value as Until | '';
                  change({
                    until: next === '' ? null : next === 'loss_percent' ? { loss_percent: 30 } : { [next]: 500 },
                  });
                }}
              >
                {ends.map(([key, words]) => (
                  <option key={key} value={key}>
                    {words}
                  </option>
                ))}
              </select>
            </label>
            {ending !== '' && (
              <NumberField
                label="Where"
                value={value}
                onValue={(number) => change({ until: number === null ? null : ({ [ending]: number } as never) })}
              />
            )}
            <NumberField
              label="No hotter than, °C"
              value={process?.temperature_c}
              onValue={(temperature_c) => change({ temperature_c })}
            />
            <NumberField label="Pan, cm wide" value={process?.pan_cm} onValue={(pan_cm) => change({ pan_cm })} />
            <label className="check">
              <input
                type="checkbox"
                checked={process?.lid === true}
                onChange={(event) => change({ lid: event.target.checked })}
              />
              Lid on
            </label>
          </>
        )}
        {steeped && (
          <>
            <label className="check">
              <input
                type="checkbox"
                checked={stage.strain != null}
                onChange={(event) => draft.edit(setStage(id, { strain: event.target.checked ? { press: 0 } : null }))}
              />
              Lift out what steeps
            </label>
            {stage.strain != null && (
              <label>
                Pressed
                <select
                  value={String(stage.strain.press ?? 0)}
                  onChange={(event) =>
                    draft.edit(setStage(id, { strain: { press: typedNumber(event.target.value) ?? 0 } }))
                  }
                >
                  <option value="0">not at all</option>
                  <option value="0.2">a little</option>
                  <option value="0.5">well</option>
                  <option value="0.8">hard</option>
                  {![0, 0.2, 0.5, 0.8].includes(stage.strain.press ?? 0) && (
                    <option value={String(stage.strain.press)}>{stage.strain.press}</option>
                  )}
                </select>
              </label>
            )}
          </>
        )}
        <label className="wide">
          Look for
          <input
            key={stage.look_for}
            defaultValue={stage.look_for ?? ''}
            maxLength={400}
            placeholder="coats the spoon"
            onBlur={(event) =>
              event.target.value !== (stage.look_for ?? '') &&
              draft.edit(setStage(id, { look_for: event.target.value.trim() }))
            }
          />
        </label>
      </div>
      {problems.map((problem) => (
        <p key={problem.code} className="trouble">
          {problem.text}
        </p>
      ))}
      {figures !== undefined && figures.text !== '' && <p>{figures.text}.</p>}
      {figures !== undefined && figures.stop.length > 0 && (
        <>
          <h3>How to know it is done</h3>
          <ul className="stop">
            {figures.stop.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
          <WhereToStop draft={draft} stage={id} />
        </>
      )}
      <StageStrip bench={bench} recipe={draft.recipe} here={id} />
      {(stage.lines ?? []).length === 0 && draft.recipe.stages.length > 1 && (
        <button
          type="button"
          className="plain"
          onClick={() => {
            draft.edit(removeStage(id));
            onClose();
          }}
        >
          Remove this stage
        </button>
      )}
    </>
  );
}
