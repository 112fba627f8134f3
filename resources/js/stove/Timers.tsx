import { useState } from 'react';
import type { CookEventInput, StovePot } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';
import { until } from './clock';

interface Props {
  cook: StovePot;
  now: number;
  onHappen: (...events: CookEventInput[]) => void;
}

/** Timers of the cook's own. They are kept as the moment they end, so nothing that sleeps in between loses any. */
export function Timers({ cook, now, onHappen }: Props) {
  const [typed, setTyped] = useState('');
  const minutes = typedNumber(typed);
  return (
    <section className="panel stove-timers" aria-label="Timers">
      {cook.timers.map((timer) => (
        <p key={timer.event}>
          <strong className="stove-big">{until(timer.ends_at, now)}</strong> <span>{timer.label}</span>
          <button
            type="button"
            className="stove-link"
            onClick={() => onHappen({ kind: 'timer_off', event: timer.event })}
          >
            off
          </button>
        </p>
      ))}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (minutes !== null) onHappen({ kind: 'timer', minutes });
          setTyped('');
        }}
      >
        <input
          aria-label="Minutes"
          placeholder="minutes"
          inputMode="decimal"
          value={typed}
          maxLength={6}
          onChange={(event) => setTyped(event.target.value)}
        />
        <button type="submit" className="plain" disabled={minutes === null || minutes <= 0}>
          Timer
        </button>
      </form>
    </section>
  );
}
