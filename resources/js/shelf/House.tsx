import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { copyHouse, lookAtCopy, putCopyBack, readHouse } from '../api/generated/client';
import { ago } from '../shared/ago';
import { HouseNetwork } from './HouseNetwork';
import { ThrownAway } from './ThrownAway';
import { useFirstMachine } from './useFirstMachine';

/** What this house keeps, the copies of it, and what was thrown away. */
export function House({ now }: { now: number }) {
  const queries = useQueryClient();
  const house = useQuery({ queryKey: ['house'], queryFn: ({ signal }) => readHouse({ signal }) });
  const copy = useMutation({
    mutationFn: () => copyHouse(),
    onSuccess: (answer) => queries.setQueryData(['house'], answer),
  });
  const look = useMutation({ mutationFn: (name: string) => lookAtCopy(name) });
  const putBack = useMutation({
    mutationFn: (name: string) => putCopyBack(name),
    onSuccess: () => window.location.reload(),
  });
  const isHere = useFirstMachine();
  const kept = house.data;
  if (kept === undefined) return house.isError ? <p role="alert">{house.error.message}</p> : null;
  const last = kept.copies[0];
  const trouble = copy.error ?? look.error ?? putBack.error;
  const count = (number: number, one: string, many: string) => `${number} ${number === 1 ? one : many}`;
  return (
    <details className="house">
      <summary>
        {count(kept.recipes, 'recipe', 'recipes')} kept ·{' '}
        {last === undefined ? 'no copy yet' : `last copy ${ago(Date.parse(last.at), now)}`}
        {kept.bin.length > 0 && ` · ${kept.bin.length} thrown away`}
      </summary>
      {trouble !== null && <p role="alert">{trouble.message}</p>}
      <section aria-labelledby="copies">
        <h2 id="copies">Copies of this house</h2>
        <p className="quiet">
          One is made every day the product is started, and thinned as it grows old: seven days, eight weeks, twelve
          months. A copy can be put back here, or with <code>bin/restore</code>; first a copy of how it is now is made.
        </p>
        {isHere === false && (
          <p>Copies are made, taken along and put back on the first machine, the one the product runs on.</p>
        )}
        {isHere === true && (
          <p>
            <button type="button" className="action" disabled={copy.isPending} onClick={() => copy.mutate()}>
              Make a copy now
            </button>{' '}
            <a className="plain" href="/api/house/archive" download="vinculum-house.zip">
              Download everything
            </a>
          </p>
        )}
        <ul className="house-list">
          {kept.copies.map((each) => (
            <li key={each.name}>
              <span>{each.name}</span>
              <span className="quiet">
                {ago(Date.parse(each.at), now)} · {each.kilobytes} kB
              </span>
              {isHere === true && (
                <button type="button" className="plain" onClick={() => look.mutate(each.name)}>
                  What would change
                </button>
              )}
              {look.data?.name === each.name && (
                <span>
                  {look.data.changes.join(' ')}{' '}
                  <button
                    type="button"
                    className="action"
                    disabled={putBack.isPending}
                    onClick={() => putBack.mutate(each.name)}
                  >
                    Put this copy back
                  </button>
                </span>
              )}
            </li>
          ))}
        </ul>
      </section>
      <HouseNetwork now={now} />
      <ThrownAway bin={kept.bin} now={now} mayForget={isHere === true} />
    </details>
  );
}
