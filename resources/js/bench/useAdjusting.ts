import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useReducer } from 'react';
import { useSearchParams } from 'react-router';
import { rebalance, rescue } from '../api/generated/client';
import type { Brings, Ghost, RebalanceAnswer, Recipe, Rescue } from '../api/generated/documents';
import {
  type Asked,
  adjusting,
  begunWith,
  type Feel,
  isAsking,
  isInPot,
  type PotState,
  type Trouble,
} from './adjusting';

/** One way to go about it, on paper or in the pot, as it is shown. */
export interface Proposal {
  words: string;
  lines: { name: string; before: string; after: string; why: string }[];
  cost: string;
  /** Empty where nothing changes: what is left as it is makes what it made. */
  makes: string;
  /** The same in a word, for the finished sauce. */
  afterwards: string | null;
  note: string;
  /** What the hands do, one step each. */
  hands: string[];
  brings: Brings;
  cautions: string[];
  ghosts: Ghost[];
  recipe: Recipe;
  half: Recipe | null;
}

const onPaper = (answer: RebalanceAnswer): Proposal => ({
  words:
    answer.lines.length === 0
      ? 'Leave it as it is'
      : answer.lines.length === 1
        ? 'Change one line'
        : `Change ${answer.lines.length} lines`,
  lines: answer.lines.map((line) => ({
    name: line.name,
    before: line.before_text,
    after: line.text ?? 'follows',
    why: line.why,
  })),
  cost: answer.why,
  makes: answer.lines.length === 0 ? '' : `makes ${answer.makes_text}`,
  afterwards: answer.lines.length === 0 ? null : `then ${answer.makes_text}`,
  note: '',
  hands: [],
  brings: answer.brings,
  cautions: [],
  ghosts: answer.ghosts,
  recipe: answer.recipe,
  half: null,
});

const isByHand = (option: Rescue['options'][number]) => option.additions.length === 0 && option.boil_off_g === 0;

const inThePot = (option: Rescue['options'][number]): Proposal => ({
  words: option.words,
  lines: [],
  cost: option.cost_text,
  makes: isByHand(option) ? '' : option.pot_text,
  afterwards: isByHand(option) ? null : `then ${option.makes_text}`,
  note: option.note,
  hands: option.steps,
  brings: option.brings,
  cautions: option.cautions,
  ghosts: option.ghosts,
  recipe: option.recipe,
  half: option.half,
});

/** What the spoon says, and what could be done about it. Nothing is worked out here; all of it is asked. */
export function useAdjusting(recipe: Recipe) {
  const [search] = useSearchParams();
  const [state, act] = useReducer(adjusting, search.get('feels'), begunWith);
  const { mode, feels, asked, much, trouble, pot, chosen } = state;
  const asking = isAsking(state);
  const inPot = isInPot(state);
  const answer = useQuery({
    queryKey: ['adjust', inPot, recipe, feels, asked, much, trouble, pot],
    queryFn: async ({ signal }): Promise<{ note: string; proposals: Proposal[]; whyNot: string[] }> => {
      if (inPot) {
        const given = Object.fromEntries(Object.entries(pot).filter(([, value]) => value !== ''));
        const mended = await rescue(
          {
            recipe,
            feels,
            pot: given,
            ...(much === null ? {} : { much: { [much.line]: much.steps } }),
            ...(trouble === null ? {} : { trouble }),
          },
          { signal },
        );
        return {
          note: mended.note,
          proposals: mended.options.map(inThePot),
          whyNot: mended.why_not.map((each) => each.text),
        };
      }
      const wanted =
        asked.by === 'level'
          ? { levels: { [asked.measure]: asked.level } }
          : asked.by === 'figure'
            ? { targets: { [asked.measure]: asked.figure } }
            : asked.by === 'style'
              ? {}
              : { feels };
      const moved = await rebalance({ recipe, ...wanted }, { signal });
      return { note: '', proposals: [moved, ...moved.others].map(onPaper), whyNot: [] };
    },
    enabled: asking,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });

  const proposals = asking && !answer.isError ? (answer.data?.proposals ?? []) : [];
  const shown = proposals[state.pointed ?? chosen ?? 0] ?? null;
  return {
    mode,
    setMode: (next: 'paper' | 'pot') => act({ do: 'mode', mode: next }),
    feels,
    /** Steps too much, below 0 for too little; 0 is fine. */
    feel: (feel: Feel, steps: number) => act({ do: 'feel', feel, steps }),
    asked,
    ask: (next: Asked) => act({ do: 'ask', asked: next }),
    much,
    setMuch: (next: typeof much) => act({ do: 'much', much: next }),
    trouble,
    setTrouble: (next: Trouble | null) => act({ do: 'trouble', trouble: next }),
    pot,
    setPot: (next: PotState) => act({ do: 'pot', pot: next }),
    clear: () => act({ do: 'clear' }),
    isAsking: asking,
    /** What is shown answers the question before this one: it is not to be applied. */
    isStale: asking && answer.isPlaceholderData,
    note: asking ? (answer.data?.note ?? '') : '',
    whyNot: asking ? (answer.data?.whyNot ?? []) : [],
    error: asking && answer.isError ? answer.error.message : null,
    proposals,
    shown,
    /** Tops to draw before anything is applied. */
    ghosts: shown?.ghosts ?? null,
    chosen,
    choose: (at: number | null) => act({ do: 'choose', at }),
    point: (at: number | null) => act({ do: 'point', at }),
    done: state.done,
    /** It is in the recipe: nothing is asked any more, and what was done is said. */
    applied: (done: string) => act({ do: 'applied', done }),
  };
}

export type Adjusting = ReturnType<typeof useAdjusting>;
