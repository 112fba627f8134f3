import fc from 'fast-check';
import type { Recipe, RecipeLine, RecipeStage } from '../../resources/js/api/generated/documents';

/** Drawn from VINCULUM_SEED, as all that is drawn in these tests, so that a run can be had again. */
export const drawn = { seed: Number(process.env.VINCULUM_SEED ?? 1), numRuns: 300 };

/** A line as it stands in a recipe; its id is given where it is put in. */
const line: fc.Arbitrary<RecipeLine> = fc.record({
  ingredient: fc.constantFrom('plum', 'sugar', 'cider-vinegar', 'fine-salt'),
  amount: fc.constantFrom('1 cup', '35 g', '2 tsp', 'to taste'),
  lock: fc.boolean(),
});

const stage: fc.Arbitrary<RecipeStage> = fc.record({
  name: fc.constantFrom('', 'Simmer', 'Off the heat', 'For the brine'),
  process: fc.constantFrom(null, { kind: 'simmer' as const, minutes: 20 }, { kind: 'chill' as const, minutes: 60 }),
  lines: fc.array(line, { maxLength: 4 }),
});

/** Stages with lines, and some without: a simmer, a rest. */
export const stages = (least: number): fc.Arbitrary<RecipeStage[]> =>
  fc.array(stage, { minLength: least, maxLength: 5 }).map((all) => {
    let lines = 0;
    return all.map((each, index) => ({
      ...each,
      id: `s${index + 1}`,
      lines: each.lines?.map((one) => {
        lines += 1;
        return { ...one, id: `l${lines}` };
      }),
    }));
  });

export const recipes: fc.Arbitrary<Recipe> = stages(0).map((all) => ({
  format: 'vinculum-recipe',
  version: 2,
  name: 'Drawn',
  stages: all,
}));
