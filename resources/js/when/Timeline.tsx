import type { When, WhenBar } from '../api/generated/documents';

const place = (bar: { left: number; width: number }) => ({
  left: `${bar.left * 100}%`,
  width: `${bar.width * 100}%`,
});

/** Hands above the bar, pots below: one bar a sauce, one for the cook, and what stands on each ring. */
export function Timeline({ plan }: { plan: When }) {
  const bars = (all: WhenBar[]) =>
    all.map((bar) => (
      <span
        key={`${bar.left} ${bar.label}`}
        className={`stove-task ${bar.is_hands ? 'hands' : 'alone'}`}
        style={place(bar)}
        title={bar.label}
      >
        <span>{bar.label}</span>
      </span>
    ));
  return (
    <>
      <div className="when-row when-days" aria-hidden="true">
        <span />
        <div className="when-time">
          {plan.days.map((day) => (
            <span key={day.left} style={{ left: `${day.left * 100}%` }}>
              {day.label}
            </span>
          ))}
        </div>
      </div>
      {plan.sauces.map((sauce) => (
        <div key={sauce.name} className="when-row">
          <p>
            <strong>{sauce.name}</strong>
            <small className={sauce.is_late ? 'trouble' : 'quiet'}>{sauce.ready_text}</small>
          </p>
          <div className="when-time" aria-hidden="true">
            <span className="stove-vinculum" />
            {bars(sauce.bars)}
          </div>
        </div>
      ))}
      {plan.sauces.length > 0 && (
        <div className="when-row">
          <p>
            <strong>You</strong>
            <small className="quiet">when your hands are wanted</small>
          </p>
          <div className="when-time" aria-hidden="true">
            <span className="stove-vinculum" />
            {bars(plan.you)}
          </div>
        </div>
      )}
      {plan.rings.map((ring, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a ring is nothing but its number
        <div key={at} className="when-row when-ring">
          <p>
            <strong>{at === 0 ? 'Rings' : ''}</strong>
          </p>
          <div className="when-time" aria-hidden="true">
            {ring.map((bar) => (
              <span key={bar.left} className="stove-task" style={place(bar)} title={bar.label}>
                <span>{bar.label}</span>
              </span>
            ))}
          </div>
        </div>
      ))}
      <table className="ruled when-list">
        <caption className="quiet">By the clock</caption>
        <tbody>
          {plan.list.map((row) => (
            <tr key={`${row.at_text} ${row.text}`}>
              <th scope="row">{row.at_text}</th>
              <td>{row.text}</td>
              <td className="quiet">{row.minutes_text}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
