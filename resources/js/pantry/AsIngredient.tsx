import { useMutation, useQueryClient } from '@tanstack/react-query';
import { recipeAsIngredient } from '../api/generated/client';
import { useRecipeNames } from '../shared/useRecipeNames';

/** One of my sauces as an ingredient of another: my own ketchup in my own barbecue sauce. */
export function AsIngredient({ onMade }: { onMade: (slug: string) => void }) {
  const queries = useQueryClient();
  const { recipes, isKnown, isEmpty, find } = useRecipeNames();
  const make = useMutation({
    mutationFn: (id: string) => recipeAsIngredient(id),
    onSuccess: async (page) => {
      await queries.invalidateQueries({ queryKey: ['pantry'] });
      onMade(page.slug);
    },
  });
  if (!isKnown || isEmpty) return null;
  return (
    <div className="filters as-ingredient">
      {find}
      <select
        aria-label="Make an ingredient of one of my recipes"
        value=""
        onChange={(event) => make.mutate(event.target.value)}
      >
        <option value="">Make an ingredient of one of my recipes…</option>
        {recipes.map((recipe) => (
          <option key={recipe.id} value={recipe.id}>
            {recipe.name}
          </option>
        ))}
      </select>
      {make.isError && (
        <span role="alert" className="trouble">
          {make.error.message}
        </span>
      )}
    </div>
  );
}
