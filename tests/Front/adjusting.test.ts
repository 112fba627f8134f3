import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type AdjustingAction,
  type AdjustingState,
  adjusting,
  begunWith,
  isAsking,
  isInPot,
  nothingAsked,
} from '../../resources/js/bench/adjusting';
import { drawn } from './drawn';

const through = (...actions: AdjustingAction[]): AdjustingState => actions.reduce(adjusting, nothingAsked);

const actions: fc.Arbitrary<AdjustingAction> = fc.oneof(
  fc.record({ do: fc.constant('mode' as const), mode: fc.constantFrom('paper' as const, 'pot' as const) }),
  fc.record({
    do: fc.constant('feel' as const),
    feel: fc.constantFrom('sweet' as const, 'salty' as const, 'thick' as const),
    steps: fc.integer({ min: -4, max: 4 }),
  }),
  fc.record({ do: fc.constant('ask' as const), asked: fc.constant({ by: 'style' as const }) }),
  fc.record({ do: fc.constant('much' as const), much: fc.constantFrom(null, { line: 'l1', steps: 2 }) }),
  fc.record({ do: fc.constant('point' as const), at: fc.constantFrom(null, 0, 1) }),
  fc.record({ do: fc.constant('choose' as const), at: fc.constantFrom(null, 0, 1) }),
  fc.constant({ do: 'clear' as const }),
  fc.constant({ do: 'applied' as const, done: 'Added.' }),
);

describe('what somebody is about with the spoon', () => {
  it('asks once a taste is off, and no more once it is fine again', () => {
    expect(isAsking(nothingAsked)).toBe(false);
    expect(isAsking(through({ do: 'feel', feel: 'salty', steps: 2 }))).toBe(true);
    expect(isAsking(through({ do: 'feel', feel: 'salty', steps: 2 }, { do: 'feel', feel: 'salty', steps: 0 }))).toBe(
      false,
    );
  });

  it('a figure asked for takes back what the spoon said, and the spoon takes back the figure', () => {
    const figure = { do: 'ask', asked: { by: 'figure', measure: 'sweetness', figure: 20 } } as const;
    const felt = { do: 'feel', feel: 'sour', steps: 1 } as const;
    expect(through(felt, figure).feels).toEqual({});
    expect(through(figure, felt).asked).toEqual({ by: 'spoon' });
  });

  it('goes back to paper for what only paper can do, and keeps how the pot is', () => {
    const pot = { in_pot: '400 g', boiled_further: '', hot: true, before_stage: '' };
    const state = through({ do: 'mode', mode: 'pot' }, { do: 'pot', pot }, { do: 'ask', asked: { by: 'style' } });
    expect(state.mode).toBe('paper');
    expect(isInPot(state)).toBe(false);
    expect(state.pot).toEqual(pot);
  });

  it('says what was done until something else is asked', () => {
    const done = through({ do: 'feel', feel: 'salty', steps: 1 }, { do: 'applied', done: 'Added.' });
    expect([done.done, isAsking(done)]).toEqual(['Added.', false]);
    expect(adjusting(done, { do: 'feel', feel: 'salty', steps: 1 }).done).toBe('');
    expect(adjusting(done, { do: 'clear' }).done).toBe('');
  });

  it('an answer that was chosen is of no question before it', () => {
    fc.assert(
      fc.property(fc.array(actions, { maxLength: 12 }), (some) => {
        let state = nothingAsked;
        for (const action of some) {
          const before = state;
          state = adjusting(state, action);
          const question = ({ mode, feels, asked, much, pot }: AdjustingState) => [mode, feels, asked, much, pot];
          const isSame = JSON.stringify(question(before)) === JSON.stringify(question(state));
          const isPicking = action.do === 'point' || action.do === 'choose';
          if (!isSame && !isPicking) expect([state.pointed, state.chosen]).toEqual([null, null]);
          expect(Object.values(state.feels)).not.toContain(0);
        }
      }),
      drawn,
    );
  });
});

it('what the address says of the spoon is what is asked for, and nothing else', () => {
  expect(begunWith('salty:1.5,hot:-2').feels).toEqual({ salty: 1.5, hot: -2 });
  expect(begunWith('salty:0,bitter:2,sweet:x,').feels).toEqual({});
  expect(begunWith(null)).toEqual(nothingAsked);
});
