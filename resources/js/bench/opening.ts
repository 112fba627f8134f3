import type { QueryClient } from '@tanstack/react-query';
import { openBench, readRecipe } from '../api/generated/client';
import type { Evaluation, RecipeRecord } from '../api/generated/documents';
import { stylesKey } from '../shared/useStyles';
import { held, settled } from './unkept';

/** A recipe as it was opened, and its figures where they came along. */
export interface Opening {
  record: RecipeRecord;
  evaluation: Evaluation | null;
}

/** What was opened ahead, on its way to the Bench it is opened for. */
let ahead: Opening | null = null;

/** The longest a blank page waits for what is opened ahead. */
const patienceMs = 1500;

/** What was opened ahead for this recipe, once. */
export function openedAhead(id: string): Opening | undefined {
  const opening = ahead?.record.id === id ? ahead : undefined;
  ahead = null;
  return opening;
}

/** The recipe that was last touched, or null where none is kept. */
export async function openLast(queries: QueryClient, signal?: AbortSignal): Promise<string | null> {
  const { record, evaluation, styles } = await openBench({}, { signal });
  queries.setQueryData(stylesKey, styles);
  ahead = record === null || held(record.id) !== null ? null : { record, evaluation };
  return record?.id ?? null;
}

/** A recipe with all that the Bench needs at first. */
export async function open(queries: QueryClient, id: string, signal?: AbortSignal): Promise<Opening> {
  // a save that is still under way comes first, or it would be taken for somebody else's
  await settled(id);
  // what the browser fetched ahead may be from before a save of what is held here
  const opened = held(id) === null ? await openBench({ recipe: id }, { signal }) : null;
  if (opened === null || opened.record === null) return { record: await readRecipe(id, { signal }), evaluation: null };
  queries.setQueryData(stylesKey, opened.styles);
  return { record: opened.record, evaluation: opened.evaluation };
}

/**
 * Opens what the address asks for before anything is drawn, so that a Bench is drawn once and whole. What goes wrong, or takes
 * long, is left to the Bench itself.
 */
export async function openAhead(queries: QueryClient): Promise<void> {
  const [, id] = /^\/bench\/([^/]+)$/.exec(location.pathname) ?? [];
  const isLast = location.pathname === '/bench';
  if (id === undefined && !isLast) return;
  const opening = async () => {
    if (id !== undefined) {
      ahead = await open(queries, decodeURIComponent(id));
      return;
    }
    const last = await openLast(queries);
    if (last !== null) history.replaceState(null, '', `/bench/${last}`);
  };
  await Promise.race([opening().catch(() => undefined), new Promise((late) => setTimeout(late, patienceMs))]);
}
