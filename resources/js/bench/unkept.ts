import { Refusal } from '../api/ask';
import { saveRecipe } from '../api/generated/client';
import type { Recipe, RecipeRecord } from '../api/generated/documents';

/** What this browser holds of a recipe that the server may not have yet. */
export interface Unkept {
  recipe: Recipe;
  revision: number;
  at: number;
}

const prefix = 'vinculum.unkept.';
const typingPrefix = 'vinculum.typing.';

/** Recipes that are open on a Bench here, whose own saving looks after them. */
const open = new Set<string>();
/** Saves under way, so that a recipe opened again waits for them. */
const underWay = new Map<string, Promise<unknown>>();

const store = (key: string, value: unknown) => {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // a full or forbidden store costs this copy, not the save itself
  }
};

const stored = <T>(key: string): T | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as T | null;
  } catch {
    return null;
  }
};

export const hold = (id: string, unkept: Unkept) => store(prefix + id, unkept);
export const letGo = (id: string) => localStorage.removeItem(prefix + id);
export const held = (id: string): Unkept | null => stored<Unkept>(prefix + id);

/** Lines of two recipes may have one id, so what is typed belongs to the recipe that is open. */
const typingKey = (id = [...open].at(-1)) => typingPrefix + id;

/** A field that is typed in and not left: where, and what stands in it. */
export const typing = (line: string, text: string) => store(typingKey(), { line, text });
export const typed = () => localStorage.removeItem(typingKey());

/** What was typed in a recipe and never left, once. */
export const takeTyped = (id: string): { line: string; text: string } | null => {
  const cut = stored<{ line: string; text: string }>(typingKey(id));
  localStorage.removeItem(typingKey(id));
  return cut;
};

export const opened = (id: string) => {
  open.add(id);
  return () => {
    open.delete(id);
  };
};

/** Saves, and lets whoever opens the recipe meanwhile wait for it. */
export const saving = (id: string, save: Promise<RecipeRecord>): Promise<RecipeRecord> => {
  const done = save.catch(() => undefined).finally(() => underWay.get(id) === done && underWay.delete(id));
  underWay.set(id, done);
  return save;
};

export const settled = async (id: string) => {
  await underWay.get(id);
};

const same = (a: Recipe, b: Recipe) => JSON.stringify(a) === JSON.stringify(b);

/**
 * What was held when a recipe was last left, beside what the server has: nothing, where it has it all; otherwise what
 * is to be put back, and whether it was saved from elsewhere since.
 */
export const leftOver = (record: RecipeRecord): { unkept: Unkept; isElsewhere: boolean } | null => {
  const unkept = held(record.id);
  if (unkept === null) return null;
  if (same(unkept.recipe, record.recipe)) {
    letGo(record.id);
    return null;
  }
  return { unkept, isElsewhere: unkept.revision !== record.revision };
};

/** Sends what is held of recipes nobody has open: a server that was away, a screen that was left at once. */
export async function sendHeld() {
  for (const key of Object.keys(localStorage).filter((each) => each.startsWith(prefix))) {
    const id = key.slice(prefix.length);
    // one that is being opened puts it back itself
    const isHere = open.has(id) || location.pathname === `/bench/${id}`;
    const unkept = isHere ? null : held(id);
    if (unkept === null || underWay.has(id)) continue;
    try {
      await saving(id, saveRecipe(id, { recipe: unkept.recipe }, { revision: unkept.revision }));
      if (held(id)?.at === unkept.at) letGo(id);
    } catch (error) {
      // changed elsewhere or thrown away: it is offered when the recipe is opened; no answer: tried again
      if (!(error instanceof Refusal)) return;
    }
  }
}
