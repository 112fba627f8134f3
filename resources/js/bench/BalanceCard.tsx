import type { AnalysisProblem, EvaluationBench } from '../generated/documents';
import type { Looking } from './Desk';

interface Props {
  bench: EvaluationBench;
  problems: AnalysisProblem[];
  onLook: (looking: Looking) => void;
}

/** The whole balance: each taste with its figure, how well it is known, and its verdict. */
export function BalanceCard({ bench, problems, onLook }: Props) {
  const notes = problems.filter((problem) => problem.code === 'not-computed-yet' || problem.at === 'style');
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
        <p key={advice.line} className="caution note">
          {advice.text}
        </p>
      ))}
      {notes.map((note) => (
        <p key={note.at + note.code} className={note.at === 'style' ? 'trouble' : 'quiet note'}>
          {note.text}
        </p>
      ))}
    </>
  );
}
