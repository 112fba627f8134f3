import type { Ghost, RescueInput } from '../api/generated/documents';

export type Feel = keyof NonNullable<RescueInput['feels']>;
/** What a pot looks like, where that is what is wrong with it. */
export type Trouble = NonNullable<RescueInput['trouble']>;
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

/** What somebody is about with the spoon. One state: whatever is asked takes back what was asked before it. */
export interface AdjustingState {
  mode: 'paper' | 'pot';
  /** Steps too much, below 0 for too little; what is fine is not in it. */
  feels: Partial<Record<Feel, number>>;
  asked: Asked;
  /** One line of the pot there is too much of. */
  much: { line: string; steps: number } | null;
  trouble: Trouble | null;
  pot: PotState;
  /** The answer the pointer is on, and the one that was chosen. */
  pointed: number | null;
  chosen: number | null;
  /** What was done, until something else is asked. */
  done: string;
}

export type AdjustingAction =
  | { do: 'mode'; mode: 'paper' | 'pot' }
  | { do: 'feel'; feel: Feel; steps: number }
  | { do: 'ask'; asked: Asked }
  | { do: 'much'; much: AdjustingState['much'] }
  | { do: 'trouble'; trouble: Trouble | null }
  | { do: 'pot'; pot: PotState }
  | { do: 'point'; at: number | null }
  | { do: 'choose'; at: number | null }
  | { do: 'clear' }
  | { do: 'applied'; done: string };

export const nothingAsked: AdjustingState = {
  mode: 'paper',
  feels: {},
  asked: { by: 'spoon' },
  much: null,
  trouble: null,
  pot: { in_pot: '', boiled_further: '', hot: false, before_stage: '' },
  pointed: null,
  chosen: null,
  done: '',
};

const spoken: Feel[] = ['sweet', 'sour', 'salty', 'umami', 'hot', 'thick', 'rich'];

/** What the address says of the spoon, as the next try has it: "salty:1.5,hot:-2". */
export const begunWith = (said: string | null): AdjustingState => ({
  ...nothingAsked,
  feels: Object.fromEntries(
    (said ?? '').split(',').flatMap((each) => {
      const [feel, steps] = each.split(':');
      const value = Number(steps);
      return spoken.some((known) => known === feel) && Number.isFinite(value) && value !== 0 ? [[feel, value]] : [];
    }),
  ),
});

/** Nothing is asked any more; how the pot is, and where one is at it, stays. */
const cleared = (was: AdjustingState): AdjustingState => ({ ...nothingAsked, mode: was.mode, pot: was.pot });

export function adjusting(was: AdjustingState, action: AdjustingAction): AdjustingState {
  switch (action.do) {
    case 'mode':
      return { ...cleared(was), mode: action.mode };
    case 'feel': {
      const { [action.feel]: _, ...others } = was.feels;
      const feels = action.steps === 0 ? others : { ...others, [action.feel]: action.steps };
      return { ...was, feels, asked: { by: 'spoon' }, trouble: null, pointed: null, chosen: null, done: '' };
    }
    case 'ask':
      return { ...cleared(was), mode: 'paper', asked: action.asked };
    case 'much':
      return { ...was, much: action.much, trouble: null, pointed: null, chosen: null, done: '' };
    case 'trouble':
      return { ...cleared(was), trouble: action.trouble };
    case 'pot':
      return { ...was, pot: action.pot, pointed: null, chosen: null };
    case 'point':
      return { ...was, pointed: action.at };
    case 'choose':
      return { ...was, chosen: action.at };
    case 'clear':
      return cleared(was);
    case 'applied':
      return { ...cleared(was), done: action.done };
  }
}

/** In the pot, and by the spoon: what is asked for is something to stir in. */
export const isInPot = ({ mode, asked }: AdjustingState): boolean => mode === 'pot' && asked.by === 'spoon';

export const isAsking = (state: AdjustingState): boolean =>
  state.asked.by !== 'spoon' ||
  Object.keys(state.feels).length > 0 ||
  (state.mode === 'pot' && (state.much !== null || state.trouble !== null));
