import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Batch, BatchList, OwnIngredient, PantryPage } from '../generated/documents';
import { AsStyle } from '../shared/AsStyle';
import { ask } from '../shared/api';
import { HowIsThisWorkedOut } from '../shared/HowIsThisWorkedOut';
import { typedNumber } from '../shared/typedNumber';

type Kind = Batch['readings'][number]['kind'];

/** When this recipe was made, what was measured of each batch, and where that leaves it. */
export function BatchesCard({ recipeId, onClose }: { recipeId: string; onClose: () => void }) {
  const queries = useQueryClient();
  const key = ['batches', recipeId];
  const batches = useQuery({ queryKey: key, queryFn: () => ask<BatchList>(`/api/recipes/${recipeId}/batches`) });
  const refresh = () => queries.invalidateQueries({ queryKey: key });
  const make = useMutation({
    mutationFn: () => ask<Batch>(`/api/recipes/${recipeId}/batches`, { method: 'POST', body: {} }),
    onSuccess: refresh,
  });
  return (
    <>
      <div className="panel-head">
        <h2>Batches</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="quiet">
        A batch keeps what the recipe comes to today. What you measure of it moves it, and only it.
      </p>
      <button type="button" className="action" disabled={make.isPending} onClick={() => make.mutate()}>
        Made it today
      </button>
      {make.isError && (
        <p role="alert" className="trouble">
          {make.error.message}
        </p>
      )}
      {(batches.data?.batches ?? []).map((batch) => (
        <OneBatch key={batch.id} batch={batch} onChange={refresh} />
      ))}
      <HowIsThisWorkedOut about="batches" />
    </>
  );
}

function OneBatch({ batch, onChange }: { batch: Batch; onChange: () => void }) {
  const [kind, setKind] = useState<Kind>('ph');
  const [typed, setTyped] = useState('');
  const [hot, setHot] = useState(false);
  const [rested, setRested] = useState(true);
  const read = useMutation({
    mutationFn: () =>
      ask<Batch>(`/api/batches/${batch.id}/readings`, {
        method: 'POST',
        body: { kind, value: typedNumber(typed), hot, rested },
      }),
    onSuccess: () => {
      setTyped('');
      onChange();
    },
  });
  const correct = useMutation({
    mutationFn: (ingredient: OwnIngredient) =>
      ask<PantryPage>('/api/own-ingredients', { method: 'POST', body: ingredient }),
  });
  const forget = useMutation({
    mutationFn: () => ask<void>(`/api/batches/${batch.id}`, { method: 'DELETE' }),
    onSuccess: onChange,
  });
  const trouble = read.error ?? correct.error ?? forget.error;
  return (
    <section className="batch" aria-label={`Batch of ${batch.made_on}`}>
      <h3>{batch.made_on}</h3>
      {batch.stirred_in.length > 0 && (
        <p className="quiet">Stirred in to taste, in order: {batch.stirred_in.join('; then ')}.</p>
      )}
      <table className="strip">
        <thead>
          <tr>
            <td />
            <th scope="col">Estimated</th>
            <th scope="col">With what was read</th>
          </tr>
        </thead>
        <tbody>
          {batch.figures.map((figure) => (
            <tr key={figure.kind}>
              <th scope="row">{figure.label}</th>
              <td>{figure.estimate_text}</td>
              <td title={figure.moved_text}>
                <strong>{figure.now_text}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {batch.figures.map(
        (figure) =>
          figure.now_text !== '' && (
            <p key={figure.kind} className="quiet">
              {figure.label}: {figure.moved_text}. {figure.offer?.text}{' '}
              {figure.offer !== null && !correct.isSuccess && (
                <button
                  type="button"
                  className="suggestion"
                  onClick={() => figure.offer && correct.mutate(figure.offer.ingredient)}
                >
                  Keep it as my own
                </button>
              )}
              {correct.isSuccess && <strong>{correct.data.name} is in the Pantry.</strong>}
            </p>
          ),
      )}
      <div className="stage-fields">
        <label>
          I measured
          <select value={kind} onChange={(event) => setKind(event.target.value as Kind)}>
            {batch.figures.map((figure) => (
              <option key={figure.kind} value={figure.kind}>
                {figure.label}
              </option>
            ))}
          </select>
        </label>
        <label>
          Reading
          <input inputMode="decimal" value={typed} onChange={(event) => setTyped(event.target.value)} />
        </label>
        <label className="check">
          <input type="checkbox" checked={hot} onChange={(event) => setHot(event.target.checked)} />
          still hot
        </label>
        <label className="check">
          <input type="checkbox" checked={rested} onChange={(event) => setRested(event.target.checked)} />
          rested
        </label>
      </div>
      <div className="doings">
        <button type="button" className="action" disabled={typed.trim() === ''} onClick={() => read.mutate()}>
          Note it
        </button>
        <AsStyle path={`/api/batches/${batch.id}/as-style`} called={`Like ${batch.name}, ${batch.made_on}`} />
        <button type="button" className="plain" onClick={() => forget.mutate()}>
          Forget this batch
        </button>
      </div>
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
    </section>
  );
}
