import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { listEquipment, replaceEquipment } from '../api/generated/client';
import type { EquipmentList } from '../api/generated/documents';
import { ForgetList } from '../shared/ForgetList';
import { typedNumber } from '../shared/typedNumber';

type Thing = EquipmentList['equipment'][number];
const blank = { name: '', kind: 'pan' as Thing['kind'], ml: '', count: '1' };

/** The pans, jars, bottles and blender that are owned. */
export function Equipment() {
  const queries = useQueryClient();
  const [typed, setTyped] = useState(blank);
  const equipment = useQuery({ queryKey: ['equipment'], queryFn: ({ signal }) => listEquipment({ signal }) });
  const owned = equipment.data?.equipment ?? [];
  const keep = useMutation({
    mutationFn: (all: Thing[]) => replaceEquipment({ equipment: all, was: owned }),
    onSuccess: async (answer) => {
      queries.setQueryData(['equipment'], answer);
      setTyped(blank);
      await queries.invalidateQueries({ queryKey: ['plan'] });
    },
  });
  return (
    <details className="vessels">
      <summary>
        My pans and jars{owned.length > 0 && `: ${owned.map((each) => `${each.count} × ${each.name}`).join(', ')}`}
      </summary>
      <ForgetList
        things={owned}
        words={(each) => `${each.count} × ${each.name}, ${each.kind}, ${each.ml} ml`}
        onForget={(others) => keep.mutate(others)}
      />
      <div className="on-hand">
        <label>
          Name
          <input
            value={typed.name}
            maxLength={60}
            placeholder="big pan"
            onChange={(event) => setTyped({ ...typed, name: event.target.value })}
          />
        </label>
        <label>
          is a
          <select
            value={typed.kind}
            onChange={(event) => setTyped({ ...typed, kind: event.target.value as Thing['kind'] })}
          >
            <option value="pan">pan</option>
            <option value="jar">jar</option>
            <option value="bottle">bottle</option>
            <option value="blender">blender</option>
          </select>
        </label>
        <label>
          to the brim, ml
          <input
            inputMode="decimal"
            value={typed.ml}
            onChange={(event) => setTyped({ ...typed, ml: event.target.value })}
          />
        </label>
        <label>
          how many
          <input
            inputMode="numeric"
            value={typed.count}
            onChange={(event) => setTyped({ ...typed, count: event.target.value })}
          />
        </label>
        <button
          type="button"
          className="action"
          disabled={typed.name.trim() === '' || typed.ml.trim() === ''}
          onClick={() =>
            keep.mutate([
              ...owned,
              {
                name: typed.name.trim(),
                kind: typed.kind,
                ml: typedNumber(typed.ml) ?? 0,
                count: typedNumber(typed.count) ?? 1,
                width_cm: null,
              },
            ])
          }
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
