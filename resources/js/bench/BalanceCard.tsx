import { recipeAsStyle } from '../api/generated/client';
import type { AnalysisProblem, EvaluationBench, Recipe, RecipeRecord } from '../api/generated/documents';
import { AsStyle } from '../shared/AsStyle';
import type { Looking } from './looking';
import { StageStrip } from './StageStrip';

interface Props {
  bench: EvaluationBench;
  recipe: Recipe;
  problems: AnalysisProblem[];
  record: RecipeRecord;
  onLook: (looking: Looking) => void;
}

/** The whole balance: each taste with its figure, how well it is known, and its verdict. */
export function BalanceCard({ bench, recipe, problems, record, onLook }: Props) {
  const notes = problems.filter((problem) => problem.at === 'style');
  return (
    <>
      <div className="panel-head">
        <h2>The balance</h2>
        {bench.figures.length > 0 && (
          <button type="button" className="plain" onClick={() => onLook(null)}>
            Close
          </button>
        )}
      </div>
      <p className="sentence">{bench.verdict}</p>
      <ul className="tastes">
        {bench.columns.map((column) => (
          <li key={column.measure}>
            <button type="button" onClick={() => onLook({ at: 'taste', id: column.measure })}>
              <strong>{column.label}</strong>
              <span className="value">{column.value_text}</span>
              <span className="quiet">{column.interval_text}</span>
              <span className={`verdict ${(column.verdict?.kind ?? 'none').replaceAll(' ', '-')}`}>
                {column.verdict?.words}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="quiet">
        Makes {bench.makes.volume_text}, {bench.makes.spread_text}.
      </p>
      <p className="quiet">
        The second figure is how far off the first may be, four times in five. Open a taste to see who brings it.
      </p>
      {bench.advice.map((advice) => (
        <p key={advice.text} className="caution note">
          {advice.text}
        </p>
      ))}
      {bench.interactions.map((each) => (
        <p key={each.measure} className="quiet note">
          {each.text}
        </p>
      ))}
      <StageStrip bench={bench} recipe={recipe} />
      {bench.figures.length > 0 && (
        <AsStyle called={`Like ${recipe.name}`} capture={(name) => recipeAsStyle(record.id, { name })} />
      )}
      {notes.map((note) => (
        <p key={note.at + note.code} className="trouble">
          {note.text}
        </p>
      ))}
    </>
  );
}
