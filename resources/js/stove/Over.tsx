import { Link } from 'react-router';
import type { CookFinish } from '../api/generated/documents';

/** A cook that is over: what was kept of it, and how near it came. */
export function Over({ finish, onClose }: { finish: CookFinish; onClose: () => void }) {
  return (
    <section className="panel stove-over" aria-label="It is done" aria-live="polite">
      <h2>{finish.batch === null ? 'Practice is over' : 'Kept as a batch of today'}</h2>
      <table className="ruled">
        <caption className="quiet">
          {finish.batch === null ? 'The simulated pot, as it really was' : 'As it went, beside the plan'}
        </caption>
        <thead>
          <tr>
            <th scope="col">taste</th>
            <th scope="col">planned</th>
            <th scope="col">made</th>
            <th scope="col">off by</th>
          </tr>
        </thead>
        <tbody>
          {finish.near.map((row) => (
            <tr key={row.label}>
              <th scope="row">{row.label}</th>
              <td>{row.planned_text}</td>
              <td>{row.made_text}</td>
              <td>{row.off_text}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="stove-keys">
        {finish.batch !== null && (
          <Link className="do" to={`/log/${finish.batch}`}>
            To the Log
          </Link>
        )}
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </p>
    </section>
  );
}
