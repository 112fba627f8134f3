import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { replacePreferences } from '../api/generated/client';
import type { Preferences } from '../api/generated/documents';
import { Called } from '../shared/Called';
import { ChooseNeeds } from '../shared/ChooseNeeds';
import { measuringSets } from '../shared/measuringSets';
import { typedNumber } from '../shared/typedNumber';
import { useDigitShortcuts } from '../shared/useDigitShortcuts';
import { usePreferences } from '../shared/usePreferences';

const masses: [Preferences['mass'], string][] = [
  ['g', 'grams'],
  ['oz', 'ounces'],
];
const volumes: [Preferences['volume'], string][] = [
  ['ml', 'millilitres'],
  ['cup', 'cups'],
  ['fl oz', 'fluid ounces'],
];
const decimals: [Preferences['decimal'], string][] = [
  ['point', '1.5'],
  ['comma', '1,5'],
];

/** The cups and the scale that are owned, and the units and numbers one likes to read. */
export function HowIMeasure() {
  const queries = useQueryClient();
  const { data: kept } = usePreferences();
  const [step, setStep] = useState<string | null>(null);
  const [digits, setDigits] = useDigitShortcuts();
  const keep = useMutation({
    mutationFn: (all: Preferences) => replacePreferences({ ...all, was: kept }),
    onSuccess: async (answer) => {
      queries.setQueryData(['preferences'], answer);
      setStep(null);
      // every figure on every screen is worded by it
      await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'preferences' });
    },
  });
  if (kept === undefined) return null;
  const never = kept.never ?? [];
  const meanings = kept.meanings ?? [];
  const choose = <Key extends 'measures' | 'mass' | 'volume' | 'decimal'>(
    key: Key,
    label: string,
    choices: [Preferences[Key], string][],
  ) => (
    <label>
      {label}
      <select
        value={kept[key]}
        onChange={(event) => keep.mutate({ ...kept, [key]: event.target.value as Preferences[Key] })}
      >
        {choices.map(([value, word]) => (
          <option key={value} value={value}>
            {word}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <details className="vessels">
      <summary>How I measure and read</summary>
      <div className="own-fields">
        {choose('measures', 'New recipes in', measuringSets)}
        <label>
          My scale shows, g
          <input
            inputMode="decimal"
            value={step ?? String(kept.scale_g)}
            onChange={(event) => setStep(event.target.value)}
            onBlur={() => {
              if (step !== null) keep.mutate({ ...kept, scale_g: typedNumber(step) ?? 0 });
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') event.currentTarget.blur();
            }}
          />
        </label>
        <label className="check">
          <input
            type="checkbox"
            checked={kept.scale !== false}
            onChange={(event) => keep.mutate({ ...kept, scale: event.target.checked })}
          />
          I have a scale
        </label>
        <label className="check">
          <input
            type="checkbox"
            checked={kept.eighths !== false}
            onChange={(event) => keep.mutate({ ...kept, eighths: event.target.checked })}
          />
          I have an eighth-teaspoon
        </label>
        {choose('mass', 'Read weights in', masses)}
        {choose('volume', 'Read volumes in', volumes)}
        {choose('decimal', 'Write a half as', decimals)}
      </div>
      <label className="check">
        <input type="checkbox" checked={digits} onChange={(event) => setDigits(event.target.checked)} />
        On the Bench, the keys 1 to 7 go to a taste
      </label>
      <Link to="/keys">All the keys</Link>
      <ChooseNeeds
        legend={<legend>Never in this house</legend>}
        chosen={never}
        onChoose={(chosen) => keep.mutate({ ...kept, never: chosen })}
      >
        <p className="quiet">Nothing that goes against it is ever proposed.</p>
      </ChooseNeeds>
      {meanings.length > 0 && (
        <fieldset className="needs">
          <legend>What words mean here</legend>
          {meanings.map((each) => (
            <button
              key={each.words}
              type="button"
              className="suggestion"
              onClick={() => keep.mutate({ ...kept, meanings: meanings.filter((other) => other !== each) })}
            >
              {each.words}: <Called slug={each.ingredient} /> ✕
            </button>
          ))}
          <p className="quiet">Taken out, it is asked again.</p>
        </fieldset>
      )}
      {keep.isError && (
        <p role="alert" className="trouble">
          {keep.error.message}
        </p>
      )}
    </details>
  );
}
