import { useState } from 'react';
import type { LoggedBatch, ServedInput } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';

interface Props {
  served: LoggedBatch['served'];
  onServed: (served: ServedInput) => void;
}

/** How many had of it, what was left over and what it cost: the next “for 20 people” goes by it. */
export function Served({ served, onServed }: Props) {
  const [people, setPeople] = useState(served.people === null ? '' : `${served.people}`);
  const [left, setLeft] = useState(served.left_over_text);
  const [cost, setCost] = useState(served.cost === null ? '' : `${served.cost}`);
  return (
    <form
      className="log-served"
      aria-label="Who had it"
      onSubmit={(event) => {
        event.preventDefault();
        onServed({
          people: people.trim() === '' ? null : typedNumber(people),
          left_over: left,
          cost: cost.trim() === '' ? null : typedNumber(cost),
        });
      }}
    >
      <label>
        How much was eaten
        <input
          inputMode="numeric"
          value={people}
          placeholder="people"
          onChange={(event) => setPeople(event.target.value)}
        />
      </label>
      <label>
        Left over
        <input value={left} placeholder="150 mL" onChange={(event) => setLeft(event.target.value)} />
      </label>
      <label>
        It cost
        <input inputMode="decimal" value={cost} placeholder="6.40" onChange={(event) => setCost(event.target.value)} />
      </label>
      <button type="submit" className="action">
        Write it down
      </button>
      {served.text !== '' && <span className="quiet">{served.text}</span>}
    </form>
  );
}
