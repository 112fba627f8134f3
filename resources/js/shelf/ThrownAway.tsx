import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { emptyBin, forgetThrownAway, putThrownAwayBack } from '../api/generated/client';
import type { House } from '../api/generated/documents';
import { ago } from '../shared/ago';

type Thrown = House['bin'][number];

/** What was thrown away: put back one by one, or, where this house lives, gone for good. */
export function ThrownAway({ bin, now, mayForget }: { bin: House['bin']; now: number; mayForget: boolean }) {
  const queries = useQueryClient();
  const [isAsking, setAsking] = useState(false);
  // anything that is shown may be of what came back
  const onSuccess = (house: House) => {
    setAsking(false);
    queries.setQueryData(['house'], house);
    return queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'house' });
  };
  const restore = useMutation({ mutationFn: ({ kind, id }: Thrown) => putThrownAwayBack(kind, id), onSuccess });
  const forget = useMutation({ mutationFn: ({ kind, id }: Thrown) => forgetThrownAway(kind, id), onSuccess });
  const empty = useMutation({ mutationFn: () => emptyBin(), onSuccess });
  const trouble = restore.error ?? forget.error ?? empty.error;
  const going = bin.filter((each) => each.stays === '').length;
  if (bin.length === 0) return null;
  return (
    <section aria-labelledby="bin">
      <h2 id="bin">Thrown away</h2>
      {trouble !== null && <p role="alert">{trouble.message}</p>}
      <ul className="house-list">
        {bin.map((each) => (
          <li key={`${each.kind} ${each.id}`}>
            <span>
              {each.name} <span className="quiet">({each.kind})</span>
            </span>
            <span className="quiet">{ago(Date.parse(each.deleted_at), now)}</span>
            <button
              type="button"
              className="plain"
              onClick={() => restore.mutate(each)}
              aria-label={`Put back ${each.name}`}
            >
              Put back
            </button>
            {each.stays === '' && mayForget && (
              <button
                type="button"
                className="plain"
                onClick={() => forget.mutate(each)}
                aria-label={`Delete for good ${each.name}`}
              >
                Delete for good
              </button>
            )}
            {each.stays !== '' && <span className="quiet">{each.stays}</span>}
          </li>
        ))}
      </ul>
      {mayForget &&
        going > 1 &&
        (isAsking ? (
          <p>
            {going} things go for good, and no copy from here on has them.{' '}
            <button type="button" className="action" disabled={empty.isPending} onClick={() => empty.mutate()}>
              Empty it
            </button>{' '}
            <button type="button" className="plain" onClick={() => setAsking(false)}>
              Keep them
            </button>
          </p>
        ) : (
          <button type="button" className="plain" onClick={() => setAsking(true)}>
            Empty it …
          </button>
        ))}
    </section>
  );
}
