import Autocomplete from '@mui/material/Autocomplete';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { readNote } from '../api/generated/client';
import type { IngredientList, Reading, Recipe, RecipeLine } from '../api/generated/documents';
import { answered } from '../shared/answered';
import { type Answers, ReadLines } from '../shared/ReadLines';
import { pigment } from '../shared/vocabulary';
import { findIngredients, useIngredients } from './useIngredients';

type Measures = NonNullable<Recipe['measures']>;

interface Props {
  measures: Measures;
  onAdd: (ingredient: string, amount: string) => void;
  onRead: (lines: RecipeLine[]) => void;
}

type Offered = IngredientList['ingredients'][number];

const intoView = (asked: HTMLElement | null) => asked?.scrollIntoView({ block: 'nearest' });

/** Search as you type, and a line more. What nobody knows stays a line as well, with its problem. */
export function AddLine({ measures, onAdd, onRead }: Props) {
  const [typed, setTyped] = useState('');
  const found = useIngredients(typed.trim());
  const [asking, setAsking] = useState<{ reading: Reading; answers: Answers } | null>(null);
  const queries = useQueryClient();
  const addTyped = async (name: string) => {
    // "1 cup tamari" is a line of a recipe; a name alone begins with the usual amount
    const read = await readNote({ text: name, measures }).catch(() => undefined);
    const lines = read === undefined ? [] : answered(read, {}).flatMap((stage) => stage.lines ?? []);
    const isNameAlone = read?.questions.some(({ about, guesses }) => about === 'amount' && guesses[0] === 'to taste');
    if (read !== undefined && lines.length > 0 && !isNameAlone) {
      if (read.questions.length === 0) onRead(lines);
      else setAsking({ reading: read, answers: {} });
      return;
    }
    const first = await findIngredients(queries, name).then(
      ({ ingredients }) => ingredients[0],
      () => undefined,
    );
    onAdd(first?.slug ?? name, first?.starting_amount ?? '1 tbsp');
  };
  const offered = typed.trim() === '' ? [] : (found.data?.ingredients ?? []);
  if (asking !== null) {
    return (
      <section className="add-asked" aria-label="What was typed" ref={intoView}>
        <ReadLines
          reading={asking.reading}
          answers={asking.answers}
          onAnswer={(index, answer) => setAsking({ ...asking, answers: { ...asking.answers, [index]: answer } })}
        />
        <div className="proposal-do">
          <button
            type="button"
            className="action"
            onClick={() => {
              onRead(answered(asking.reading, asking.answers).flatMap((stage) => stage.lines ?? []));
              setAsking(null);
            }}
          >
            Add it
          </button>
          <button type="button" className="plain" onClick={() => setAsking(null)}>
            Cancel
          </button>
        </div>
      </section>
    );
  }
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
