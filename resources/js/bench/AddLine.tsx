import Autocomplete from '@mui/material/Autocomplete';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { readNote } from '../api/client';
import type { IngredientList, Recipe, RecipeStage } from '../api/documents';
import { pigment } from '../shared/vocabulary';
import { findIngredients, useIngredients } from './useIngredients';

type Measures = NonNullable<Recipe['measures']>;

interface Props {
  measures: Measures;
  onAdd: (ingredient: string, amount: string) => void;
  onRead: (stages: RecipeStage[]) => void;
}

type Offered = IngredientList['ingredients'][number];

/** Search as you type, and a line more. What nobody knows stays a line as well, with its problem. */
export function AddLine({ measures, onAdd, onRead }: Props) {
  const [typed, setTyped] = useState('');
  const found = useIngredients(typed.trim());
  const queries = useQueryClient();
  const addTyped = async (name: string) => {
    // "1 cup tamari" is a line of a recipe, and read as one
    const read = /\d|[½⅓⅔¼¾]|^(?:an?|half|pinch|dash|juice|zest)\b/i.test(name)
      ? await readNote({ text: name, measures }).catch(() => undefined)
      : undefined;
    if (read?.recipe.stages.some((stage) => (stage.lines ?? []).length > 0)) {
      onRead(read.recipe.stages);
      return;
    }
    const first = await findIngredients(queries, name).then(
      ({ ingredients }) => ingredients[0],
      () => undefined,
    );
    onAdd(first?.slug ?? name, first?.starting_amount ?? '1 tbsp');
  };
  const offered = typed.trim() === '' ? [] : (found.data?.ingredients ?? []);
  return (
    <Autocomplete<Offered, false, false, true>
      className="add"
      freeSolo
      autoHighlight
      clearOnBlur
      value={null}
      inputValue={typed}
      options={offered}
      filterOptions={(options) => options}
      getOptionLabel={(option) => (typeof option === 'string' ? option : option.name)}
      onInputChange={(_, value, reason) => setTyped(reason === 'reset' ? '' : value)}
      onChange={(_, chosen) => {
        if (chosen === null) return;
        setTyped('');
        if (typeof chosen !== 'string') onAdd(chosen.slug, chosen.starting_amount);
        else if (chosen.trim() !== '') void addTyped(chosen.trim().slice(0, 120));
      }}
      renderOption={({ key: _, ...props }, option) => (
        <li key={option.slug} {...props}>
          <span className="offer">
            <span className="offer-head">
              <span className="swatch" style={{ background: pigment(option.tint) }} aria-hidden="true" />
              <strong>{option.name}</strong>
              <span className="quiet">{option.strength_text}</span>
            </span>
            {option.caution !== '' && <span className="offer-caution">{option.caution}</span>}
          </span>
        </li>
      )}
      renderInput={(params) => (
        <div ref={params.slotProps?.input?.ref}>
          <input
            {...params.slotProps?.htmlInput}
            className="add-input"
            placeholder="Add an ingredient"
            aria-label="Add an ingredient"
          />
        </div>
      )}
    />
  );
}
