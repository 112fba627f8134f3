import { useCallback, useState } from 'react';
import type { Recipe } from '../api/generated/documents';
import type { Edit } from './edits';

interface History {
  past: Recipe[];
  present: Recipe;
  future: Recipe[];
  merge: string | null;
  at: number;
}

/** Presses of a nudge closer together than this are one step back. */
const mergeWithinMs = 1200;
const remembered = 200;

export interface Draft {
  recipe: Recipe;
  edit: (change: Edit, merge?: string) => void;
  undo: (() => void) | null;
  redo: (() => void) | null;
}

/** The recipe as it is being changed, with the way back and forth. */
export function useDraft(initial: Recipe): Draft {
  const [history, setHistory] = useState<History>({ past: [], present: initial, future: [], merge: null, at: 0 });
  const edit = useCallback((change: Edit, merge?: string) => {
    const now = Date.now();
    setHistory((was) => {
      const present = change(was.present);
      if (present === was.present) return was;
      const goesOn = merge !== undefined && merge === was.merge && now - was.at < mergeWithinMs;
      const past = goesOn ? was.past : [...was.past, was.present].slice(-remembered);
      return { past, present, future: [], merge: merge ?? null, at: now };
    });
  }, []);
  const undo = useCallback(() => {
    setHistory((was) => {
      const previous = was.past.at(-1);
      if (previous === undefined) return was;
      return {
        past: was.past.slice(0, -1),
        present: previous,
        future: [was.present, ...was.future],
        merge: null,
        at: 0,
      };
    });
  }, []);
  const redo = useCallback(() => {
    setHistory((was) => {
      const [next, ...future] = was.future;
      if (next === undefined) return was;
      return { past: [...was.past, was.present], present: next, future, merge: null, at: 0 };
    });
  }, []);
  return {
    recipe: history.present,
    edit,
    undo: history.past.length > 0 ? undo : null,
    redo: history.future.length > 0 ? redo : null,
  };
}
