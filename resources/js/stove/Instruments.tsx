import { useEffect, useState } from 'react';
import type { CookEventInput, StovePot } from '../api/generated/documents';
import { timeOfDay } from './clock';

type What = NonNullable<CookEventInput['what']>;

interface Props {
  cook: StovePot;
  trouble: string;
  onHappen: (...events: CookEventInput[]) => void;
  onMeasure: (what: What) => void;
}

const readings: [What, string, string][] = [
  ['mass', 'weight', 'weight, g'],
  ['depth', 'depth', 'mm on the handle'],
  ['temperature', 'temperature', '°C'],
  ['brix', '°Brix', '°Brix'],
  ['ph', 'pH', 'pH'],
];
const simulated: [What, string][] = [
  ['mass', 'Scale'],
  ['temperature', 'Probe'],
  ['brix', 'Refractometer'],
  ['ph', 'pH meter'],
];

/** What the scale, the probe and the rest say of the pot: typed, or read from the practice pot. */
export function Instruments({ cook, trouble, onHappen, onMeasure }: Props) {
  const [what, setWhat] = useState<What>('mass');
  const [typed, setTyped] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const newest = cook.readings[0]?.event;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was typed goes once it is among the readings
  useEffect(() => {
    setTyped('');
    setSaid(null);
  }, [newest]);
  const [withPan, setWithPan] = useState(true);
  const hint = readings.find(([each]) => each === what)?.[2] ?? '';
  return (
    <section className="panel stove-instruments" aria-label="Instruments">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          // noted once more as it stands, it is meant
          const sure = said === typed;
          setSaid(typed);
          onHappen({ kind: 'reading', what, amount: typed, ...(what === 'mass' ? { with_pan: withPan, sure } : {}) });
        }}
      >
        <select aria-label="What was read" value={what} onChange={(event) => setWhat(event.target.value as What)}>
          {readings.map(([each, words]) => (
            <option key={each} value={each}>
              {words}
            </option>
          ))}
        </select>
        <input
          aria-label={hint}
          placeholder={hint}
          inputMode="decimal"
          value={typed}
          maxLength={40}
          onChange={(event) => setTyped(event.target.value)}
        />
        <button type="submit" className="do" disabled={typed.trim() === ''}>
          Note it
        </button>
        {what === 'mass' && (
          <label className="stove-check">
            <input type="checkbox" checked={withPan} onChange={(event) => setWithPan(event.target.checked)} />
            with the pan
          </label>
        )}
      </form>
      {cook.is_practice && (
        <p className="stove-simulated">
          <span className="quiet">Simulated:</span>
          {simulated.map(([each, words]) => (
            <button key={each} type="button" className="plain" onClick={() => onMeasure(each)}>
              {words}
            </button>
          ))}
        </p>
      )}
      {trouble !== '' && (
        <p role="alert" className="trouble">
          {trouble}
        </p>
      )}
      <ul className="stove-readings">
        {cook.readings.slice(0, 3).map((reading) => (
          <li key={reading.event}>
            <strong>{reading.text}</strong>{' '}
            <span className="quiet">
              {reading.what}, {timeOfDay(reading.at)}
              {reading.is_simulated && ', simulated'}
            </span>
            <button
              type="button"
              className="stove-link"
              aria-label={`Take ${reading.text} back`}
              onClick={() => onHappen({ kind: 'taken_back', event: reading.event })}
            >
              wrong
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
