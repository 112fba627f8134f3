import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { createRecipe } from '../api/generated/client';
import { held, letGo } from './unkept';

/** A recipe that was thrown away elsewhere while it was changed here: what is held of it may be kept as another. */
export function KeepAsCopy({ id }: { id: string }) {
  const navigate = useNavigate();
  const keep = useMutation({
    mutationFn: () => {
      const unkept = held(id);
      if (unkept === null) throw new Error('Nothing is held of it in this browser any more.');
      return createRecipe({ recipe: unkept.recipe });
    },
    onSuccess: (copy) => {
      letGo(id);
      navigate(`/bench/${copy.id}`);
    },
  });
  if (held(id) === null) return null;
  return (
    <p className="keep-as-copy">
      This browser holds what you had changed of it.{' '}
      <button type="button" className="action" onClick={() => keep.mutate()} disabled={keep.isPending}>
        Keep it as a copy
      </button>
      {keep.isError && <span role="alert"> {keep.error.message}</span>}
    </p>
  );
}
