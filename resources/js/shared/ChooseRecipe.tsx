import { Link } from 'react-router';
import { useRecipeNames } from './useRecipeNames';

interface Props {
  label: string;
  recipe: string;
  onChoose: (recipe: string) => void;
}

/** One of the sauces on the Shelf. */
export function ChooseRecipe({ label, recipe, onChoose }: Props) {
  const { recipes, isEmpty, find } = useRecipeNames();
  return (
    <>
      {isEmpty && (
        <p>
          There is no sauce on the <Link to="/shelf">Shelf</Link> yet. With none written down,{' '}
          <Link to="/pot">a pot that is on already</Link> can be helped too.
        </p>
      )}
      {find}
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
