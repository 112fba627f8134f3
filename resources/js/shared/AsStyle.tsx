import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Style } from '../api/generated/documents';
import { stylesKey } from './useStyles';

/** Captures a recipe or a batch that was liked as a style for others. */
export function AsStyle({ called, capture }: { called: string; capture: (name: string) => Promise<Style> }) {
  const queries = useQueryClient();
  const [name, setName] = useState<string | null>(null);
  const keep = useMutation({
    mutationFn: capture,
    onSuccess: () => {
      setName(null);
      queries.invalidateQueries({ queryKey: stylesKey });
    },
  });
  if (name === null) {
    return (
      <>
        <button type="button" className="plain" onClick={() => setName(called)}>
          Keep it as a style
        </button>
        {keep.isSuccess && <p className="done">{keep.data.name} is among the styles.</p>}
      </>
    );
  }
  return (
    <div className="aim-for">
      <label>
        Style called
        <input
          style={{ width: '150px' }}
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <button
        type="button"
        className="suggestion"
        disabled={name.trim() === ''}
        onClick={() => keep.mutate(name.trim())}
      >
        Keep it
      </button>
      {keep.isError && (
        <p role="alert" className="trouble">
          {keep.error.message}
        </p>
      )}
    </div>
  );
}
