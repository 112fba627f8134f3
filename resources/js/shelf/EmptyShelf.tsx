import { Link } from 'react-router';
import { useStyles } from '../shared/useStyles';

/** Nothing kept yet: begin with what it should taste like. */
export function EmptyShelf({ onStart }: { onStart: (name: string, style: string | null) => void }) {
  const styles = useStyles();
  return (
    <section className="empty" aria-labelledby="empty-title">
      <h2 id="empty-title">What should it taste like?</h2>
      <p>
        Pick a direction and the Bench opens with its bands in place. Or{' '}
        <Link to="/begin">have a first draft made</Link> of what you have, with amounts and a reason for each.
      </p>
      <ul>
        {styles.data?.styles.map((style) => (
          <li key={style.slug}>
            <button type="button" className="direction" onClick={() => onStart(style.name, style.slug)}>
              <strong>{style.name}</strong>
              <span>{style.cues?.join(' · ')}</span>
            </button>
          </li>
        ))}
        <li>
          <button type="button" className="direction" onClick={() => onStart('New sauce', null)}>
            <strong>No style</strong>
            <span>just the figures</span>
          </button>
        </li>
      </ul>
    </section>
  );
}
