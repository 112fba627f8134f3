import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { scaleRecipe } from '../api/generated/client';
import { ScaledAmounts } from '../shared/ScaledAmounts';
import { typedNumber } from '../shared/typedNumber';
import type { Draft } from './useDraft';

/** The same sauce for another amount: what it takes is shown while it is typed, and applied only when asked. */
export function ScaleInPlace({ draft, onClose }: { draft: Draft; onClose: () => void }) {
  const [to, setTo] = useState('6 x 250 ml');
  const [headspace, setHeadspace] = useState('5');
  const wanted = useDeferredValue({ to: to.trim(), headspace: typedNumber(headspace) ?? 0 });
  const scaled = useQuery({
    queryKey: ['scale', draft.recipe, wanted.to, wanted.headspace],
    queryFn: ({ signal }) =>
      scaleRecipe({ recipe: draft.recipe, to: wanted.to, headspace_percent: wanted.headspace }, { signal }),
    placeholderData: keepPreviousData,
    enabled: wanted.to !== '',
    retry: false,
    gcTime: 0,
  });
  // what is applied is what stands in the field when it is pressed, and no answer from before
  const apply = useMutation({
    mutationFn: () =>
      scaleRecipe({ recipe: draft.recipe, to: to.trim(), headspace_percent: typedNumber(headspace) ?? 0 }),
    onSuccess: (scale) => {
      draft.edit(() => scale.recipe);
      onClose();
    },
  });
  const trouble = apply.error ?? scaled.error;
  const answer = scaled.isError ? undefined : scaled.data;
  const written = new Map(
    draft.recipe.stages.flatMap((stage) => (stage.lines ?? []).map((line) => [line.id, line.amount])),
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="scale-title" maxWidth="sm" fullWidth>
      <DialogTitle id="scale-title">Make another amount</DialogTitle>
      <DialogContent>
        <div className="scale-asks">
          <label>
            How much
            <input
              autoFocus
              value={to}
              maxLength={100}
              onChange={(event) => setTo(event.target.value)}
              onFocus={(event) => event.target.select()}
            />
          </label>
          <label>
            Headspace, %
            <input inputMode="decimal" value={headspace} onChange={(event) => setHeadspace(event.target.value)} />
          </label>
        </div>
        <p className="quiet">A factor (2x), a weight (900 g), a volume (1.5 l), or bottles (6 x 250 ml).</p>
        {trouble !== null && (
          <p role="alert" className="trouble">
            {trouble.message}
          </p>
        )}
        {answer !== undefined && <ScaledAmounts scale={answer} written={written} />}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          color="secondary"
          disabled={to.trim() === '' || apply.isPending}
          onClick={() => apply.mutate()}
        >
          Apply it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
