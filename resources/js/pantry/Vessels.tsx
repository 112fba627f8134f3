import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { listVessels, replaceVessels } from '../api/generated/client';
import type { VesselList } from '../api/generated/documents';
import { ForgetList } from '../shared/ForgetList';
import { typedNumber } from '../shared/typedNumber';

/** Mugs and ladles of one's own, measured once, and then as good as a cup. */
export function Vessels() {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [millilitres, setMillilitres] = useState('');
  const vessels = useQuery({ queryKey: ['vessels'], queryFn: ({ signal }) => listVessels({ signal }) });
  const kept = vessels.data?.vessels ?? [];
  const keep = useMutation({
    mutationFn: (all: VesselList['vessels']) => replaceVessels({ vessels: all, was: kept }),
    onSuccess: (answer) => {
      queries.setQueryData(['vessels'], answer);
      setName('');
      setMillilitres('');
    },
  });
  return (
    <details className="vessels">
      <summary>My own measures{kept.length > 0 && `: ${kept.map((vessel) => vessel.name).join(', ')}`}</summary>
      <p className="quiet">Fill the mug with water, measure it once, and write “2 blue mugs” from then on.</p>
      <ForgetList
        things={kept}
        words={(vessel) => `${vessel.name}, ${vessel.millilitres} ml`}
        onForget={(others) => keep.mutate(others)}
      />
      <div className="on-hand">
        <label>
          Name
          <input value={name} maxLength={40} placeholder="blue mug" onChange={(event) => setName(event.target.value)} />
        </label>
        <label>
          holds, ml
          <input inputMode="decimal" value={millilitres} onChange={(event) => setMillilitres(event.target.value)} />
        </label>
        <button
          type="button"
          className="action"
          disabled={name.trim() === '' || millilitres.trim() === ''}
          onClick={() => keep.mutate([...kept, { name: name.trim(), millilitres: typedNumber(millilitres) ?? 0 }])}
        >
          Keep it
        </button>
      </div>
      {keep.isError && (
        <p role="alert" className="trouble">
          {keep.error.message}
        </p>
      )}
    </details>
  );
}
