import { Link } from 'react-router';
import type { LogList } from '../api/generated/documents';
import './log.css';

/** The jars whose day comes first, and those whose day is past, kept apart so that nobody serves these. */
export function UseFirst({ jars }: { jars: LogList['use_first'] }) {
  const waiting = jars.filter((jar) => !jar.is_past);
  const past = jars.filter((jar) => jar.is_past);
  if (jars.length === 0) return null;
  return (
    <div className="log-first">
      {waiting.length > 0 && (
        <section aria-label="Use first">
          <h2>Use first</h2>
          <Jars jars={waiting} />
        </section>
      )}
      {past.length > 0 && (
        <section aria-label="Past their day" className="log-past">
          <h2>Past their day: do not serve</h2>
          <Jars jars={past} />
        </section>
      )}
    </div>
  );
}

function Jars({ jars }: { jars: LogList['use_first'] }) {
  return (
    <ul>
      {jars.map((jar) => (
        <li key={jar.text}>
          <Link to={`/log/${jar.batch}`}>{jar.text}</Link> <span className="quiet">{jar.until_text}</span>
        </li>
      ))}
    </ul>
  );
}
