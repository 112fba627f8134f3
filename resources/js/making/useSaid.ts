import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { readMaking } from '../api/generated/client';
import { keep, nothingSaid, type Said, saidOf } from './said';

/** How long a field rests before what was typed is kept, ms. */
const RESTS = 400;

/** The makings in the fields: those that are kept come from where they are kept, and go back there as they change. */
export function useSaid(makings: string[], recipe: string, to = '') {
  const [said, setSaid] = useState<Said[]>([{ ...nothingSaid(recipe), to }]);
  const [error, setError] = useState<Error | null>(null);
  const isTouched = useRef(false);
  const kept = useQuery({
    queryKey: ['makings', makings],
    queryFn: async ({ signal }) => Promise.all(makings.map((id) => readMaking(id, { signal }))),
    enabled: makings.length > 0,
    retry: false,
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    if (kept.data !== undefined && !isTouched.current) setSaid(kept.data.map(saidOf));
  }, [kept.data]);
  useEffect(() => {
    if (!isTouched.current) return;
    const timer = setTimeout(() => {
      Promise.all(said.filter((each) => each.making !== null).map(keep)).then(
        () => setError(null),
        (why: Error) => setError(why),
      );
    }, RESTS);
    return () => clearTimeout(timer);
  }, [said]);
  const change = (next: Said[]) => {
    isTouched.current = true;
    setSaid(next);
  };
  return { said, change, error: kept.error ?? error, isReady: makings.length === 0 || kept.isSuccess };
}
