import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { listRecipes } from '../api/generated/client';

interface Props {
  label: string;
  recipe: string;
  onChoose: (recipe: string) => void;
}

/** One of the sauces on the Shelf. */
export function ChooseRecipe({ label, recipe, onChoose }: Props) {
  const shelf = useQuery({ queryKey: ['recipes', ''], queryFn: ({ signal }) => listRecipes({}, { signal }) });
  const recipes = shelf.data?.recipes ?? [];
  return (
    <>
      {shelf.isSuccess && recipes.length === 0 && (
        <p>
          There is no sauce on the <Link to="/shelf">Shelf</Link> yet. With none written down,{' '}
          <Link to="/pot">a pot that is on already</Link> can be helped too.
        </p>
      )}
      <label>
        {label}
        <select value={recipe} onChange={(event) => onChoose(event.target.value)}>
          <option value="">choose one</option>
          {recipes.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
