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

/** The recipe that was last touched; null where none is kept, or what is held of it here has yet to be saved. */
async function openLast(queries: QueryClient): Promise<Opening | null> {
  const { record, evaluation, styles } = await openBench({});
  queries.setQueryData(stylesKey, styles);
  return record === null || held(record.id) !== null ? null : { record, evaluation };
}

/**
 * Opens what the address asks for before anything is drawn, so that a Bench is drawn once and whole. What goes wrong,
 * or takes long, is left to the Bench itself: what comes too late is not held, or it would be shown when it is long
 * out of date.
 */
export async function openAhead(queries: QueryClient): Promise<void> {
  const [isBench, id] = /^\/bench(?:\/([^/]+))?$/.exec(location.pathname) ?? [];
  if (isBench === undefined) return;
  const opening = id === undefined ? openLast(queries) : open(queries, decodeURIComponent(id));
  const late = new Promise<null>((pass) => setTimeout(pass, patienceMs, null));
  ahead = await Promise.race([opening.catch(() => null), late]);
  if (ahead !== null && id === undefined) history.replaceState(null, '', `/bench/${ahead.record.id}`);
}
