import { Link } from 'react-router';
import { useRecipeOnScreen } from '../shared/onScreen';

/** What can be done with this recipe, in the words somebody looks for it by. */
export function WhereItGoes() {
  const recipe = useRecipeOnScreen();
  if (recipe === null) return null;
  const of = encodeURIComponent(recipe);
  return (
    <nav className="where-it-goes" aria-label="With this recipe">
      <Link to={`/batch/${of}`}>How much</Link>
      <Link to={`/when?recipe=${of}`}>When</Link>
      <Link to={`/stove?recipe=${of}`}>Cook it</Link>
      <Link to={`/card/${of}`}>Print, send</Link>
      <Link to={`/trials/${of}`}>Every try</Link>
    </nav>
  );
}
