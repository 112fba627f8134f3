import { useCallback } from 'react';
import { useSearchParams } from 'react-router';
import type { EvaluationColumn } from '../api/generated/documents';

/** What the panel at the right shows; null is the spoon. */
export type Looking =
  | { at: 'line'; id: string }
  | { at: 'stage'; id: string }
  | { at: 'figure'; id: string }
  | { at: 'swap'; id: string }
  | { at: 'taste'; id: EvaluationColumn['measure'] }
  | { at: 'keeping' | 'batches' | 'balance' | 'free' }
  | null;

/** Levels the Line has room for; what is higher is cut off and says so. */
export const mostLevels = 1.6;

const tastes = ['sweetness', 'sourness', 'saltiness', 'umami', 'heat'] as const;
const withId = ['line', 'stage', 'figure', 'swap'] as const;
const alone = ['keeping', 'batches', 'balance', 'free'] as const;

function fromAddress(said: string | null): Looking {
  const [at = '', ...rest] = (said ?? '').split('.');
  const id = rest.join('.');
  const one = alone.find((each) => each === at);
  if (one !== undefined) return { at: one };
  const named = withId.find((each) => each === at);
  if (named !== undefined && id !== '') return { at: named, id };
  const taste = tastes.find((each) => each === id);
  return at === 'taste' && taste !== undefined ? { at: 'taste', id: taste } : null;
}

export const isAt = (looking: Looking, at: NonNullable<Looking>['at'], id?: string): boolean =>
  looking !== null && looking.at === at && (id === undefined || ('id' in looking && looking.id === id));

/** What is looked at stands in the address: Back closes it, and a link opens it. */
export function useLooking(): [Looking, (looking: Looking) => void] {
  const [search, setSearch] = useSearchParams();
  const said = search.get('look');
  const look = useCallback(
    (next: Looking) => {
      const wanted = next === null ? null : 'id' in next ? `${next.at}.${next.id}` : next.at;
      setSearch(
        (was) => {
          if (wanted === was.get('look')) return was;
          const now = new URLSearchParams(was);
          if (wanted === null) now.delete('look');
          else now.set('look', wanted);
          return now;
        },
        { preventScrollReset: true },
      );
    },
    [setSearch],
  );
  return [fromAddress(said), look];
}
