import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { makeBatch } from '../../api/generated/client';
import type { Trials } from '../../api/generated/documents';
import { dayOf } from '../../shared/day';
import { SaidDifferent } from './SaidDifferent';

interface Props {
  recipes: Trials['recipes'];
  recipe: string;
  ticks: string[];
  onWritten: () => void;
}

/** A try that was made long ago, or just now, written down with what was different that time. */
export function FromMemory({ recipes, recipe, ticks, onWritten }: Props) {
  const [of, setOf] = useState(recipe);
  const [text, setText] = useState('');
  const [day, setDay] = useState(() => dayOf(new Date()));
  const write = useMutation({
    mutationFn: () => makeBatch(of, { made_on: day, ...(text.trim() === '' ? {} : { different: text.trim() }) }),
    onSuccess: () => {
      setText('');
      onWritten();
    },
  });
  return (
    <section className="panel fields book-memory" aria-label="Written down from memory">
      <h2>Written down from memory</h2>
      {recipes.length > 1 && (
        <label>
          Made by
          <select value={of} onChange={(event) => setOf(event.target.value)}>
            {recipes.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <SaidDifferent recipe={of} text={text} ticks={ticks} onText={setText} />
      <label>
        Made on
        <input type="date" value={day} max={dayOf(new Date())} onChange={(event) => setDay(event.target.value)} />
      </label>
      <button type="button" className="do" disabled={day === '' || write.isPending} onClick={() => write.mutate()}>
        Write it down
      </button>
      {write.isError && (
        <p role="alert" className="trouble">
          {write.error.message}
        </p>
      )}
      {write.isSuccess && text === '' && <p role="status">It is in the book.</p>}
    </section>
  );
}
