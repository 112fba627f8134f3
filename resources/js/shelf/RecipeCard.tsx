import { Link } from 'react-router';
import type { RecipeList } from '../api/generated/documents';
import { ago } from '../shared/ago';
import { Miniature } from './Miniature';

interface Props {
  recipe: RecipeList['recipes'][number];
  now: number;
  onDuplicate: () => void;
  onDelete: () => void;
}

export function RecipeCard({ recipe, now, onDuplicate, onDelete }: Props) {
  if (recipe.broken !== undefined) {
    return (
      <li className="card">
        <div className="card-open">
          <h2>{recipe.name}</h2>
          <p className="trouble">{recipe.broken}</p>
        </div>
        <div className="card-foot">
          <a className="plain" href={`/api/recipes/${recipe.id}/text`} target="_blank" rel="noreferrer">
            Open as text
          </a>
          <a className="plain" href={`/api/recipes/${recipe.id}/text`} download={`${recipe.name}.txt`}>
            Save as a file
          </a>
          <button type="button" className="plain" onClick={onDelete} aria-label={`Delete ${recipe.name}`}>
            Delete
          </button>
        </div>
      </li>
    );
  }

  return (
    <li className="card">
      <Link to={`/bench/${recipe.id}`} className="card-open">
        <h2>{recipe.name}</h2>
        <p className="quiet">
          {recipe.style_name ?? 'no style'} · {recipe.makes_text}
        </p>
        {recipe.tries === 0 && recipe.family_text !== '' && <p className="quiet">{recipe.family_text}</p>}
        <Miniature columns={recipe.columns} />
        <p className="card-verdict">{recipe.verdict}</p>
        {recipe.problems > 0 && (
          <p className="trouble">{recipe.problems === 1 ? 'one thing to mend' : `${recipe.problems} things to mend`}</p>
        )}
      </Link>
      <div className="card-foot">
        <span className="quiet">changed {ago(Date.parse(recipe.updated_at), now)}</span>
        {recipe.tries > 0 && <Link to={`/trials/${recipe.id}`}>{recipe.family_text}</Link>}
        <button type="button" className="plain" onClick={onDuplicate} aria-label={`Duplicate ${recipe.name}`}>
          Duplicate
        </button>
        <button type="button" className="plain" onClick={onDelete} aria-label={`Delete ${recipe.name}`}>
          Delete
        </button>
      </div>
    </li>
  );
}
