import { useCallback, useEffect, useRef, useState } from 'react';
import { Refusal } from '../api/ask';
import { saveRecipe } from '../api/client';
import type { Recipe, RecipeRecord } from '../api/documents';

export type Keeping =
  | { state: 'kept'; at: number }
  | { state: 'waiting' }
  | { state: 'failed'; why: string }
  | { state: 'conflict'; theirs: RecipeRecord };

const pauseMs = 700;
const retryMs = 5000;

/** Keeps the draft a moment after each change, over the revision this tab last saw and no other. */
export function useAutosave(record: RecipeRecord, recipe: Recipe) {
  const [keeping, setKeeping] = useState<Keeping>({ state: 'kept', at: Date.parse(record.updated_at) });
  const revision = useRef(record.revision);
  const kept = useRef(recipe);
  const busy = useRef(false);
  const latest = useRef(recipe);
  latest.current = recipe;

  const save = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    while (kept.current !== latest.current) {
      const sent = latest.current;
      try {
        const answer = await saveRecipe(record.id, { recipe: sent }, { revision: revision.current });
        revision.current = answer.revision;
        kept.current = sent;
        setKeeping({ state: 'kept', at: Date.now() });
      } catch (error) {
        const theirs = error instanceof Refusal && error.status === 409 ? error.failure.theirs : undefined;
        setKeeping(
          theirs === undefined ? { state: 'failed', why: (error as Error).message } : { state: 'conflict', theirs },
        );
        break;
      }
    }
    busy.current = false;
  }, [record.id]);

  useEffect(() => {
    if (kept.current === recipe) return;
    setKeeping((was) => (was.state === 'conflict' ? was : { state: 'waiting' }));
    const timer = setTimeout(save, pauseMs);
    return () => clearTimeout(timer);
  }, [recipe, save]);

  useEffect(() => {
    if (keeping.state !== 'failed') return;
    const timer = setTimeout(save, retryMs);
    return () => clearTimeout(timer);
  }, [keeping, save]);

  const isKept = keeping.state === 'kept';
  useEffect(() => {
    if (isKept) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [isKept]);

  // leaving the Bench does not wait for the pause
  useEffect(
    () => () => {
      void save();
    },
    [save],
  );

  return {
    keeping,
    /** Saves over the other version. */
    keepMine: (theirs: RecipeRecord) => {
      revision.current = theirs.revision;
      setKeeping({ state: 'waiting' });
      void save();
    },
    /** The draft has been set to the other version. */
    tookTheirs: (theirs: RecipeRecord) => {
      revision.current = theirs.revision;
      kept.current = theirs.recipe;
      setKeeping({ state: 'kept', at: Date.parse(theirs.updated_at) });
    },
  };
}
