import type { Recipe } from '../api/generated/documents';

/** A recipe with nothing in it, for a style or for none. */
export const blankRecipe = (name: string, style: string | null, measures: NonNullable<Recipe['measures']>): Recipe => ({
  format: 'vinculum-recipe',
  version: 1,
  name,
  style,
  measures,
  stages: [{ id: 's1', name: '', lines: [] }],
});
