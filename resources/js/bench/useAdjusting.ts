import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { rebalance, rescue } from '../api/generated/client';
import type { Brings, Ghost, RebalanceAnswer, Recipe, Rescue, RescueInput } from '../api/generated/documents';

export type Feel = keyof NonNullable<RescueInput['feels']>;
type Measure = Ghost['measure'];

/** What was asked for: by the spoon, by a column drawn to a height, by a figure typed, or by the recipe's style. */
export type Asked =
  | { by: 'spoon' }
  | { by: 'level'; measure: Measure; level: number }
  | { by: 'figure'; measure: Measure; figure: number }
  | { by: 'style' };

export interface PotState {
  in_pot: string;
  boiled_further: string;
  hot: boolean;
  before_stage: string;
}

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
  brings: Brings;
  cautions: string[];
  ghosts: Ghost[];
  recipe: Recipe;
  half: Recipe | null;
}

const nothingFelt: Partial<Record<Feel, number>> = {};
const asPlanned: PotState = { in_pot: '', boiled_further: '', hot: false, before_stage: '' };

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
  brings: answer.brings,
  cautions: [],
  ghosts: answer.ghosts,
  recipe: answer.recipe,
  half: null,
});

const inThePot = (option: Rescue['options'][number]): Proposal => ({
  words: option.words,
  lines: [],
  cost: option.cost_text,
  makes: option.pot_text,
  afterwards: `then ${option.makes_text}`,
  note: option.note,
  brings: option.brings,
  cautions: option.cautions,
  ghosts: option.ghosts,
  recipe: option.recipe,
  half: option.half,
});

/** What the spoon says, and what could be done about it. Nothing is worked out here; all of it is asked. */
export function useAdjusting(recipe: Recipe) {
  const [mode, setMode] = useState<'paper' | 'pot'>('paper');
  const [feels, setFeels] = useState(nothingFelt);
  const [asked, setAsked] = useState<Asked>({ by: 'spoon' });
  const [much, setMuch] = useState<{ line: string; steps: number } | null>(null);
  const [pot, setPot] = useState(asPlanned);
  const [pointed, setPointed] = useState<number | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const [done, setDone] = useState('');

  const isAsking = asked.by !== 'spoon' || Object.keys(feels).length > 0 || (mode === 'pot' && much !== null);
  const inPot = mode === 'pot' && asked.by === 'spoon';
  const answer = useQuery({
    queryKey: ['adjust', inPot, recipe, feels, asked, much, pot],
    queryFn: async ({ signal }): Promise<{ note: string; proposals: Proposal[]; whyNot: string[] }> => {
      if (inPot) {
        const state = Object.fromEntries(Object.entries(pot).filter(([, value]) => value !== ''));
        const mended = await rescue(
          { recipe, feels, pot: state, ...(much === null ? {} : { much: { [much.line]: much.steps } }) },
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
    enabled: isAsking,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });

  const proposals = isAsking && !answer.isError ? (answer.data?.proposals ?? []) : [];
  const shown = proposals[pointed ?? chosen ?? 0] ?? null;
  const clear = () => {
    setFeels(nothingFelt);
    setAsked({ by: 'spoon' });
    setMuch(null);
    setPointed(null);
    setChosen(null);
  };
  const ofFeel = (change: (was: Partial<Record<Feel, number>>) => Partial<Record<Feel, number>>) => {
    setAsked({ by: 'spoon' });
    setChosen(null);
    setDone('');
    setFeels(change);
  };
  return {
    mode,
    setMode: (next: 'paper' | 'pot') => {
      setMode(next);
      clear();
      setDone('');
    },
    feels,
    /** Steps too much, below 0 for too little; 0 is fine. */
    feel: (feel: Feel, steps: number) =>
      ofFeel(({ [feel]: _, ...others }) => (steps === 0 ? others : { ...others, [feel]: steps })),
    asked,
    ask: (next: Asked) => {
      clear();
      setMode('paper');
      setDone('');
      setAsked(next);
    },
    much,
    setMuch,
    pot,
    setPot,
    clear,
    isAsking,
    /** What is shown answers the question before this one: it is not to be applied. */
    isStale: isAsking && answer.isPlaceholderData,
    note: isAsking ? (answer.data?.note ?? '') : '',
    whyNot: isAsking ? (answer.data?.whyNot ?? []) : [],
    error: isAsking && answer.isError ? answer.error.message : null,
    proposals,
    shown,
    /** Tops to draw before anything is applied. */
    ghosts: shown?.ghosts ?? null,
    chosen,
    choose: setChosen,
    point: setPointed,
    done,
    setDone,
  };
}

export type Adjusting = ReturnType<typeof useAdjusting>;
