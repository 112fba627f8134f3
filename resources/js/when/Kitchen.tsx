import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { replacePreferences } from '../api/generated/client';
import type { Preferences } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';
import { usePreferences } from '../shared/usePreferences';

type Hours = NonNullable<Preferences['kitchen']>;

/** The rings, the oven, and when somebody is up. */
export function Kitchen() {
  const queries = useQueryClient();
  const { data: kept } = usePreferences();
  const [typed, setTyped] = useState<Partial<Record<'rings' | 'wakes' | 'sleeps', string>>>({});
  const keep = useMutation({
    mutationFn: (kitchen: Hours) => replacePreferences({ ...(kept as Preferences), kitchen, was: kept }),
    onSuccess: async (answer) => {
      queries.setQueryData(['preferences'], answer);
      setTyped({});
      await queries.invalidateQueries({ queryKey: ['when'] });
    },
  });
  const kitchen = kept?.kitchen;
  if (kitchen === undefined) return null;
  const field = (key: 'rings' | 'wakes' | 'sleeps', label: string) => (
    <label>
      {label}
      <input
        value={typed[key] ?? `${kitchen[key]}`}
        maxLength={5}
        onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
        onBlur={() => {
          const text = typed[key];
          if (text !== undefined) keep.mutate({ ...kitchen, [key]: key === 'rings' ? (typedNumber(text) ?? 0) : text });
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
        }}
      />
    </label>
  );
  return (
    <details className="when-kitchen">
      <summary>
        {kitchen.rings} rings, up from {kitchen.wakes} to {kitchen.sleeps}
      </summary>
      <div>
        {field('rings', 'Rings')}
        {field('wakes', 'Up from')}
        {field('sleeps', 'to bed at')}
        <label className="stove-check">
          <input
            type="checkbox"
            checked={kitchen.oven}
            onChange={(event) => keep.mutate({ ...kitchen, oven: event.target.checked })}
          />
          there is an oven
        </label>
      </div>
      {keep.isError && (
        <p role="alert" className="trouble">
          {keep.error.message}
        </p>
      )}
    </details>
  );
}
