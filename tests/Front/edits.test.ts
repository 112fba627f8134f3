import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Recipe } from '../../resources/js/api/generated/documents';
import * as edits from '../../resources/js/bench/edits';
import { drawn, recipes, stages } from './drawn';

const idsOfStages = (recipe: Recipe) => recipe.stages.map((stage) => stage.id);
const lines = (recipe: Recipe) => recipe.stages.flatMap((stage) => stage.lines ?? []);
const plain: Recipe = { format: 'vinculum-recipe', version: 2, name: 'Ketchup', stages: [] };

describe('pasting a list', () => {
  it('leaves a simmer without lines where it is', () => {
    const recipe: Recipe = {
      ...plain,
      stages: [
        { id: 's1', name: 'Boil', lines: [{ id: 'l1', ingredient: 'plum', amount: '1 kg' }] },
        { id: 's2', name: '', process: { kind: 'simmer', minutes: 40 }, lines: [] },
      ],
    };
    const after = edits.addStages([{ id: 's1', lines: [{ id: 'l1', ingredient: 'sugar', amount: '1 cup' }] }])(recipe);
    expect(after.stages.map((stage) => stage.process?.kind ?? 'none')).toEqual(['none', 'simmer']);
    expect(after.stages[1]?.lines?.map((line) => line.ingredient)).toEqual(['sugar']);
  });

  it('fills the empty stage a new recipe begins with', () => {
    const recipe: Recipe = { ...plain, stages: [{ id: 's1', name: '', lines: [] }] };
    const pasted = [{ id: 's9', name: 'Simmer', process: { kind: 'simmer' as const }, lines: [] }];
    expect(edits.addStages(pasted)(recipe).stages).toEqual([{ ...pasted[0], id: 's1' }]);
  });

  it('keeps what is done in the stage that is pasted', () => {
    const recipe: Recipe = { ...plain, stages: [{ id: 's1', name: 'Mix', lines: [] }] };
    const pasted = [{ id: 's1', process: { kind: 'boil' as const, minutes: 2 }, lines: [] }];
    expect(edits.addStages(pasted)(recipe).stages.at(-1)?.process?.kind).toBe('boil');
  });

  it('deletes no stage and no line of any recipe, and brings every line of the list once', () => {
    fc.assert(
      fc.property(recipes, stages(1), (recipe, pasted) => {
        const after = edits.addStages(pasted)(recipe);
        expect(idsOfStages(after)).toEqual(expect.arrayContaining(idsOfStages(recipe)));
        expect(new Set(idsOfStages(after)).size).toBe(after.stages.length);
        expect(lines(after)).toHaveLength(lines(recipe).length + pasted.flatMap((stage) => stage.lines ?? []).length);
        expect(lines(after)).toEqual(expect.arrayContaining(lines(recipe)));
        expect(new Set(lines(after).map((line) => line.id)).size).toBe(lines(after).length);
        const doneBefore = recipe.stages.filter((stage) => stage.process).length;
        const doneThere = pasted.filter((stage) => stage.process).length;
        expect(after.stages.filter((stage) => stage.process)).toHaveLength(doneBefore + doneThere);
      }),
      drawn,
    );
  });
});

describe('adding and moving lines', () => {
  const somewhere = fc.integer({ min: 0, max: 30 });

  it('deletes no stage, and no line but the one that is taken away', () => {
    fc.assert(
      fc.property(recipes, somewhere, somewhere, fc.constantFrom<-1 | 1>(-1, 1), (recipe, at, to, by) => {
        const all = lines(recipe);
        const id = all[at % Math.max(1, all.length)]?.id ?? 'none';
        const stage = recipe.stages[to % Math.max(1, recipe.stages.length)];
        const before = stage?.lines?.[to % 3]?.id ?? null;
        const kept = [
          edits.moveLine(id, by),
          edits.dropLine(id, stage?.id ?? '', before),
          edits.dropLine(id, 'nowhere', null),
          edits.dropLine('nothing', stage?.id ?? '', before),
        ];
        for (const edit of kept) {
          const after = edit(recipe);
          expect(idsOfStages(after)).toEqual(idsOfStages(recipe));
          expect(lines(after)).toHaveLength(all.length);
          expect(lines(after)).toEqual(expect.arrayContaining(all));
        }
        const without = edits.removeLine(id)(recipe);
        expect(idsOfStages(without)).toEqual(idsOfStages(recipe));
        expect(lines(without)).toEqual(all.filter((line) => line.id !== id));
        const with2 = edits.addLines([{ ingredient: 'sugar', amount: '1 g' }])(recipe);
        expect(idsOfStages(with2)).toEqual(recipe.stages.length === 0 ? ['s1'] : idsOfStages(recipe));
        expect(lines(with2).slice(0, all.length)).toEqual(all);
      }),
      drawn,
    );
  });

  it('a line moved down and up again is where it was', () => {
    fc.assert(
      fc.property(recipes, somewhere, (recipe, at) => {
        const all = lines(recipe);
        const id = all[at % Math.max(1, all.length)]?.id ?? 'none';
        const down = edits.moveLine(id, 1)(recipe);
        const isLast = down === recipe;
        expect(isLast ? recipe : edits.moveLine(id, -1)(down)).toEqual(recipe);
      }),
      drawn,
    );
  });

  it('no two ids are alike, whatever is added', () => {
    fc.assert(
      fc.property(recipes, (recipe) => {
        const taken = new Set([...idsOfStages(recipe), ...lines(recipe).map((line) => line.id)]);
        expect(taken.has(edits.freshId(recipe, 'l'))).toBe(false);
        expect(taken.has(edits.freshId(recipe, 's'))).toBe(false);
      }),
      drawn,
    );
  });
});
