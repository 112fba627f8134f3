import type { Stove } from '../api/generated/documents';
import { dayAndTime } from './clock';

interface Props {
  stove: Stove;
  shown: string;
  onShow: (cook: string) => void;
}

/** One bar a pot: hands above it, what the pot does alone below, and now across them all. */
export function Bars({ stove, shown, onShow }: Props) {
  return (
    <section className="panel stove-bars" aria-label="All pots">
      {stove.cooks.map((cook) => (
        <div key={cook.id} className="stove-bar">
          <button type="button" className="stove-pot" aria-pressed={cook.id === shown} onClick={() => onShow(cook.id)}>
            <strong>{cook.name}</strong>
            <small className="quiet">
              {cook.makes_text} · {cook.making.ends_text} · done about {dayAndTime(cook.done_at, stove.now)}
              {cook.is_practice && ' · practice'}
            </small>
          </button>
          <div className="stove-time" aria-hidden="true">
            <span className="stove-vinculum" />
            {cook.bars.map((bar) => (
              <span
                key={bar.id}
                className={`stove-task ${bar.is_hands ? 'hands' : 'alone'} ${bar.state}`}
                style={{ left: `${bar.left * 100}%`, width: `${bar.width * 100}%` }}
                title={bar.label}
              >
                <span>{bar.label}</span>
              </span>
            ))}
            <span className="stove-now" style={{ left: `${stove.now_at * 100}%` }} />
          </div>
        </div>
      ))}
    </section>
  );
}
