import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { listRecipes, recipeAsIngredient } from '../api/generated/client';

/** One of my sauces as an ingredient of another: my own ketchup in my own barbecue sauce. */
export function AsIngredient({ onMade }: { onMade: (slug: string) => void }) {
  const queries = useQueryClient();
  const recipes = useQuery({
    queryKey: ['recipes', ''],
    queryFn: ({ signal }) => listRecipes({}, { signal }),
    gcTime: 0,
  });
  const make = useMutation({
    mutationFn: (id: string) => recipeAsIngredient(id),
    onSuccess: async (page) => {
      await queries.invalidateQueries({ queryKey: ['pantry'] });
      onMade(page.slug);
    },
  });
  if (recipes.data === undefined || recipes.data.recipes.length === 0) return null;
  return (
    <div className="filters as-ingredient">
      <select
        aria-label="Make an ingredient of one of my recipes"
        value=""
        onChange={(event) => make.mutate(event.target.value)}
      >
        <option value="">Make an ingredient of one of my recipes…</option>
        {recipes.data.recipes.map((recipe) => (
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
