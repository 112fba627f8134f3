import type { Draft, Recipe } from '../api/generated/documents';
import { Miniature } from '../shelf/Miniature';

interface Props {
  drafted: Draft;
  isOld: boolean;
  isKeeping: boolean;
  onKeep: (recipe: Recipe) => void;
  onAnother: (drafts: number) => void;
}

/** The draft: a line and a reason each, what is done with it, its balance in small. */
export function TheDraft({ drafted, isOld, isKeeping, onKeep, onAnother }: Props) {
  return (
    <div className="begin-drafted" aria-busy={isOld}>
      <div className="begin-head">
        <h2>A first draft</h2>
        <span className="quiet">makes about {drafted.makes_text}</span>
      </div>
      <table className="ruled">
        <tbody>
          {drafted.reasons.map((line) => (
            <tr key={line.line}>
              <td className="begin-amount">{line.amount}</td>
              <th scope="row">{line.name}</th>
              <td className="quiet">{line.why}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {drafted.method_text !== '' && <p>{drafted.method_text}</p>}
      <Miniature columns={drafted.columns} />
      {drafted.status === 'closest' && <p>{drafted.why}</p>}
      {drafted.notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      <p className="quiet">A start, not a recipe anyone has cooked yet. Taste decides.</p>
      <p className="begin-do">
        <button type="button" className="do" disabled={isKeeping || isOld} onClick={() => onKeep(drafted.recipe)}>
          Take it to the Bench
        </button>
        {drafted.drafts > 1 && (
          <button type="button" className="action" onClick={() => onAnother(drafted.drafts)}>
            Another draft
          </button>
        )}
      </p>
    </div>
  );
}
