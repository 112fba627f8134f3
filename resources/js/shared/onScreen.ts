import { useEffect, useSyncExternalStore } from 'react';

/** The recipe this tab was last about: where "Bench" and "Batch" in the bar lead. Another tab has its own. */
const key = 'vinculum.on-screen';
const listeners = new Set<() => void>();

const recipeOnScreen = (): string | null => sessionStorage.getItem(key);

const listen = (changed: () => void) => {
  listeners.add(changed);
  return () => {
    listeners.delete(changed);
  };
};

/** Says which recipe a screen shows; null where it turned out that there is none. */
export function useOnScreen(recipe: string | null | undefined) {
  useEffect(() => {
    if (recipe === undefined || recipe === '') return;
    if (recipe === null) sessionStorage.removeItem(key);
    else sessionStorage.setItem(key, recipe);
    for (const changed of listeners) changed();
  }, [recipe]);
}

export const useRecipeOnScreen = (): string | null => useSyncExternalStore(listen, recipeOnScreen);
