import { hashKey } from '@tanstack/react-query';
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { Refusal } from '../api/ask';
import { saveRecipe } from '../api/generated/client';
import type { Recipe, RecipeRecord } from '../api/generated/documents';
import { hold, letGo, opened, saving } from './unkept';

export type Keeping =
  | { state: 'kept'; at: number }
  | { state: 'waiting' }
  | { state: 'failed'; why: string }
  | { state: 'gone' }
  | { state: 'conflict'; theirs: RecipeRecord };

const pauseMs = 700;
const retryMs = 5000;
/** However often it failed, it is tried once more after so long. */
const longestMs = 60000;

/**
 * Keeps the draft a moment after each change, over the revision this tab last saw and no other; at once in this
 * browser, and with what may outlive the page when it goes.
 *
 * @param seen the revision that was changed: an older one where the changes are from before this was opened
 */
export function useAutosave(record: RecipeRecord, recipe: Recipe, seen: number) {
  const [keeping, setKeeping] = useState<Keeping>({ state: 'kept', at: Date.parse(record.updated_at) });
  const revision = useRef(seen);
  const kept = useRef(record.recipe);
  const busy = useRef(false);
  const failures = useRef(0);
  const latest = useRef(recipe);
  useLayoutEffect(() => {
    latest.current = recipe;
  }, [recipe]);

  const isKept = useCallback(
    (sent: Recipe, as: number) => {
      revision.current = as;
      kept.current = sent;
      failures.current = 0;
      if (latest.current === sent) letGo(record.id);
      setKeeping({ state: 'kept', at: Date.now() });
    },
    [record.id],
  );

  const save = useCallback(
    async (keepalive = false) => {
      if (busy.current) return;
      busy.current = true;
      while (kept.current !== latest.current) {
        const sent = latest.current;
        try {
          const answer = await saving(
            record.id,
            saveRecipe(record.id, { recipe: sent }, { revision: revision.current, keepalive }),
          );
          isKept(sent, answer.revision);
        } catch (error) {
          const refusal = error instanceof Refusal ? error : null;
          const theirs = refusal?.status === 409 ? refusal.failure.theirs : undefined;
          if (theirs !== undefined && hashKey([theirs.recipe]) === hashKey([sent])) {
            // what was sent when the page went has come in meanwhile: it is this very draft
            isKept(sent, theirs.revision);
            continue;
          }
          if (theirs !== undefined) setKeeping({ state: 'conflict', theirs });
          else if (refusal?.status === 404) setKeeping({ state: 'gone' });
          else setKeeping({ state: 'failed', why: (error as Error).message });
          break;
        }
      }
      busy.current = false;
    },
    [record.id, isKept],
  );

  useEffect(() => opened(record.id), [record.id]);

  // before anything else can happen it is held here
  useLayoutEffect(() => {
    if (kept.current !== recipe) hold(record.id, { recipe, revision: revision.current, at: Date.now() });
  }, [recipe, record.id]);

  useEffect(() => {
    if (kept.current === recipe) {
      // undone before it was sent: there is nothing to keep
      if (!busy.current) letGo(record.id);
      setKeeping((was) => (was.state === 'waiting' && !busy.current ? { state: 'kept', at: Date.now() } : was));
      return;
    }
    setKeeping((was) => (was.state === 'conflict' || was.state === 'gone' ? was : { state: 'waiting' }));
    const timer = setTimeout(save, pauseMs);
    return () => clearTimeout(timer);
  }, [recipe, save, record.id]);

  useEffect(() => {
    if (keeping.state !== 'failed') return;
    // a server in trouble is not asked more and more
    const timer = setTimeout(save, Math.min(longestMs, retryMs * 2 ** failures.current++));
    return () => clearTimeout(timer);
  }, [keeping, save]);

  // the page goes: what is typed and not left is taken as it stands, held, and sent with what may outlive the page
  useEffect(() => {
    const leave = () => {
      const field = document.activeElement;
      if (field instanceof HTMLElement) flushSync(() => field.blur());
      if (kept.current !== latest.current) {
        hold(record.id, { recipe: latest.current, revision: revision.current, at: Date.now() });
        void save(true);
      }
    };
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, [save, record.id]);

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
      letGo(record.id);
      setKeeping({ state: 'kept', at: Date.parse(theirs.updated_at) });
    },
  };
}
