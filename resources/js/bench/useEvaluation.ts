import { useEffect, useRef, useState } from 'react';
import type { Evaluation, Recipe } from '../generated/documents';
import { ask } from '../shared/api';

export interface Evaluated {
  /** Of the recipe as it stands, or the last one that was answered. */
  current: Evaluation | null;
  /** The last one in which every amount could be read. */
  good: Evaluation | null;
  /** Counts the answers shown. */
  shown: number;
  /** Why there is no answer for the recipe as it stands. */
  error: string | null;
}

/** Asks for the figures after every change. Answers may come in any order; an older one never replaces a newer. */
export function useEvaluation(recipe: Recipe): Evaluated {
  const [evaluated, setEvaluated] = useState<Evaluated>({ current: null, good: null, shown: 0, error: null });
  const asked = useRef(0);
  useEffect(() => {
    asked.current += 1;
    const mine = asked.current;
    ask<Evaluation>('/api/evaluate', { method: 'POST', body: { recipe } }).then(
      (current) =>
        setEvaluated((was) =>
          mine < was.shown
            ? was
            : { current, good: current.bench.complete ? current : was.good, shown: mine, error: null },
        ),
      (error: Error) => setEvaluated((was) => (mine < was.shown ? was : { ...was, shown: mine, error: error.message })),
    );
  }, [recipe]);
  return evaluated;
}
