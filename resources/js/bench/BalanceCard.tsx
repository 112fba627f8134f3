import type { AnalysisProblem, EvaluationBench, Recipe } from '../generated/documents';
import type { Looking } from './Desk';
import { StageStrip } from './StageStrip';

interface Props {
  bench: EvaluationBench;
  recipe: Recipe;
  problems: AnalysisProblem[];
  onLook: (looking: Looking) => void;
}

/** The whole balance: each taste with its figure, how well it is known, and its verdict. */
export function BalanceCard({ bench, recipe, problems, onLook }: Props) {
  const notes = problems.filter((problem) => problem.at === 'style');
  return (
    <>
      <div className="panel-head">
        <h2>The balance</h2>
      </div>
      <p className="sentence">{bench.verdict}</p>
      <ul className="tastes">
        {bench.columns.map((column) => (
          <li key={column.measure}>
            <button type="button" onClick={() => onLook({ taste: column.measure })}>
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
        The second figure is how far off the first may be, four times in five. Open a taste to see who brings it.
      </p>
      {bench.advice.map((advice) => (
        <p key={advice.text} className="caution note">
          {advice.text}
        </p>
      ))}
      <StageStrip bench={bench} recipe={recipe} />
      {notes.map((note) => (
        <p key={note.at + note.code} className="trouble">
          {note.text}
        </p>
      ))}
    </>
  );
}
