import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { deleteOwnIngredient, markOnHand, replaceWithOwn } from '../api/generated/client';
import type { PantryPage } from '../api/generated/documents';
import { pigment } from '../shared/vocabulary';
import { InSeason } from './InSeason';
import { OnHand } from './OnHand';
import { OwnForm } from './OwnForm';
import { useIngredientPage } from './useIngredientPage';

/** Everything known of one ingredient: how strong it is, how it is measured, and where each value comes from. */
interface Props {
  slug: string;
  onClose?: () => void;
  /** Another ingredient is to be shown in its place; '' for none in particular. */
  onOpen: (slug: string) => void;
}

export function IngredientPage({ slug, onClose, onOpen }: Props) {
  const [isMaking, setMaking] = useState(false);
  const page = useIngredientPage(slug);
  const queries = useQueryClient();
  const mark = useMutation({
    mutationFn: (onHand: PantryPage['on_hand']) => markOnHand(slug, onHand),
    onSuccess: (answer) => {
      queries.setQueryData(['ingredient', slug], answer);
      return queries.invalidateQueries({ queryKey: ['pantry'] });
    },
  });
  const remove = useMutation({
    mutationFn: () => deleteOwnIngredient(slug),
    onSuccess: () => {
      onOpen('');
      return queries.invalidateQueries({ queryKey: ['pantry'] });
    },
  });
  const instead = useMutation({
    mutationFn: (recipe: string) => replaceWithOwn(slug, recipe),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (page.isError) return <p role="alert">{page.error.message}</p>;
  const it = page.data;
  if (it === undefined) return null;
  return (
    <article className="panel ingredient" aria-label={it.name}>
      <div className="panel-head">
        <h2>
          <span className="swatch" style={{ background: pigment(it.tint) }} aria-hidden="true" /> {it.name}
        </h2>
        {onClose && (
          <button type="button" className="plain" onClick={onClose}>
            Close
          </button>
        )}
      </div>
      <p className="quiet">
        {it.roles.join(' · ')}; {it.known_text}
      </p>
      {it.caution !== '' && <p className="caution">{it.caution}</p>}
      {it.contains.length > 0 && (
        <p>
          <strong>Contains {it.contains.join(', ')}.</strong>
        </p>
      )}
      {!it.allergens_known && (
        <p className="trouble">Nobody has said which allergens are in it: read its label before anyone eats it.</p>
      )}
      {it.may_contain.length > 0 && <p>May contain {it.may_contain.join(', ')}: check the label.</p>}
      <ul className="brings strengths" aria-label="How strong it is, per 100 g">
        {it.strengths.map((strength) => (
          <li key={strength.measure}>
            <span>{strength.label}</span>
            <span
              className="meter tens"
              style={{ backgroundSize: `${100 / strength.decades}% 100%` }}
              aria-hidden="true"
            >
              <span style={{ width: `${strength.bar * 100}%` }} />
            </span>
            <span className="value">{strength.text}</span>
            <span className="quiet">{strength.text === 'not known' ? '' : strength.unit.replace('/100 g', '')}</span>
          </li>
        ))}
        <li className="quiet tens-legend">Each mark along a bar is ten times the one before.</li>
      </ul>
      <OnHand
        key={it.slug}
        onHand={it.on_hand}
        error={mark.error?.message ?? null}
        onMark={(onHand) => mark.mutate(onHand)}
      />
      <InSeason slug={it.slug} name={it.name} mayHave={it.may_have_season} />
      <div className="doings own-doings">
        <button type="button" className="action" onClick={() => setMaking(true)}>
          {it.own === null ? 'Make my own of it' : 'Correct it'}
        </button>
        {it.own !== null && (
          <button type="button" className="plain" onClick={() => remove.mutate()}>
            Delete it
          </button>
        )}
      </div>
      {isMaking && (
        <OwnForm
          page={it}
          onClose={() => setMaking(false)}
          onKept={(kept) => {
            setMaking(false);
            onOpen(kept);
          }}
        />
      )}
      <h3>Measured as</h3>
      <ul className="portions">
        {it.density_text !== '' && (
          <li>
            <strong>{it.density_text}</strong> <span className="quiet">{it.density_source}</span>
          </li>
        )}
        {it.edible_text !== '' && (
          <li>
            <strong>{it.edible_text}</strong> <span className="quiet">{it.edible_source}</span>
          </li>
        )}
        {it.portions.map((portion) => (
          <li key={portion.name}>
            <strong>
              {portion.name === 'each' ? 'one' : portion.name}: {portion.mass_text}
            </strong>{' '}
            <span className="quiet">
              {portion.spread_text}; {portion.source}
            </span>
          </li>
        ))}
      </ul>
      {it.also.length > 0 && <p className="quiet">Also called {it.also.join(', ')}.</p>}
      <h3>Used in</h3>
      {it.used_in.length === 0 ? (
        <p className="quiet">None of your recipes yet.</p>
      ) : (
        <ul>
          {it.used_in.map((recipe) => (
            <li key={recipe.id}>
              <Link to={`/bench/${recipe.id}`}>{recipe.name}</Link>
            </li>
          ))}
        </ul>
      )}
      {it.could_replace.map((recipe) => (
        <p key={recipe.id}>
          <button type="button" className="plain" onClick={() => instead.mutate(recipe.id)}>
            Use it instead in {recipe.name}
          </button>
        </p>
      ))}
      <details>
        <summary>What 100 g are made of, and how we know</summary>
        <table className="scaled">
          <thead>
            <tr>
              <th scope="col">Constituent</th>
              <th scope="col">In 100 g</th>
              <th scope="col">From</th>
            </tr>
          </thead>
          <tbody>
            {it.composition.map((row) => (
              <tr key={row.name}>
                <td>{row.name}</td>
                <td>{row.text}</td>
                <td className="quiet">{row.source}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </article>
  );
}
