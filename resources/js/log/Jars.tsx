import { useState } from 'react';
import type { JarInput, JarsInput, LoggedBatch } from '../api/generated/documents';
import { dayOf } from '../shared/day';
import { typedNumber } from '../shared/typedNumber';

interface Props {
  batch: LoggedBatch;
  onFill: (jars: JarsInput) => void;
  onJar: (jar: number, changes: JarInput) => void;
}

const today = () => dayOf(new Date());

/** The jars as they stand: full, open, gone; and until when they keep. */
export function Jars({ batch, onFill, onJar }: Props) {
  const [chosen, setChosen] = useState<number | null>(null);
  const asked = batch.jars.length === 0 ? batch.making.jars : null;
  const [count, setCount] = useState(asked === null ? '' : `${asked.count}`);
  const [size, setSize] = useState(asked?.size_text ?? '');
  const jar = batch.jars.find((each) => each.id === chosen);
  const places: NonNullable<JarInput['place']>[] = ['fridge', 'freezer', 'shelf'];
  return (
    <div className="log-halves">
      <section aria-label="Jars">
        <h3>Jars</h3>
        <ul className="log-jars">
          {batch.jars.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                className={`log-jar is-${each.state}`}
                aria-pressed={each.id === chosen}
                onClick={() => setChosen(each.id === chosen ? null : each.id)}
              >
                <span className="log-glass" aria-hidden="true" />
                <span>
                  {each.label}
                  {each.state !== 'full' && ` ${each.state}`}
                </span>
              </button>
            </li>
          ))}
        </ul>
        {jar !== undefined && (
          <p className="log-jar-do">
            {jar.state === 'full' && (
              <button type="button" className="plain" onClick={() => onJar(jar.id, { opened_on: today() })}>
                Opened today
              </button>
            )}
            {jar.state !== 'gone' ? (
              <button type="button" className="plain" onClick={() => onJar(jar.id, { gone_on: today() })}>
                It is gone
              </button>
            ) : (
              <button type="button" className="plain" onClick={() => onJar(jar.id, { gone_on: null })}>
                It is still there
              </button>
            )}
            <label>
              in the
              <select
                value={jar.place}
                onChange={(event) => onJar(jar.id, { place: event.target.value as JarInput['place'] })}
              >
                {places.map((place) => (
                  <option key={place} value={place}>
                    {place}
                  </option>
                ))}
              </select>
            </label>
            <label>
              given to
              <input
                key={`${jar.id} ${jar.given_to}`}
                defaultValue={jar.given_to}
                maxLength={80}
                onBlur={(event) =>
                  event.target.value !== jar.given_to && onJar(jar.id, { given_to: event.target.value })
                }
              />
            </label>
            <span className={jar.is_past ? 'trouble' : 'quiet'}>{jar.keeps_text}</span>
          </p>
        )}
        <form
          className="log-fill"
          onSubmit={(event) => {
            event.preventDefault();
            onFill({ count: typedNumber(count) ?? 1, size: size.trim() });
            setCount('');
          }}
        >
          <input
            aria-label="How many jars"
            placeholder="how many"
            inputMode="numeric"
            maxLength={3}
            value={count}
            onChange={(event) => setCount(event.target.value)}
          />
          <input
            aria-label="How large each"
            placeholder="250 ml, 16 oz"
            maxLength={30}
            value={size}
            onChange={(event) => setSize(event.target.value)}
          />
          <button type="submit" className="plain" disabled={count.trim() === ''}>
            Filled
          </button>
        </form>
      </section>
      <section aria-label="Keep until">
        <h3>Keeps</h3>
        {batch.times === null ? (
          <p className="quiet">Nothing is known of how long it keeps.</p>
        ) : (
          <>
            <p className="log-keeps">{batch.times.short}</p>
            <details>
              <summary>why</summary>
              <p className="quiet">{batch.times.text}</p>
            </details>
          </>
        )}
        {batch.contains_text !== '' && <p>{batch.contains_text}</p>}
      </section>
    </div>
  );
}
