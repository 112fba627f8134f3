import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { joinFamily, leaveFamily } from '../api/generated/client';
import type { RecipeRecord } from '../api/generated/documents';
import { ChooseRecipe } from '../shared/ChooseRecipe';

/** The other recipes of this sauce, and which sauce it is a try of: joined and split by hand. */
export function FamilyCard({ record }: { record: RecipeRecord }) {
  const queries = useQueryClient();
  const [family, setFamily] = useState(record.family);
  const [isJoining, setJoining] = useState(false);
  const onSuccess = (now: RecipeRecord) => {
    setFamily(now.family);
    setJoining(false);
    // it stands elsewhere on the Shelf, and in another book
    queries.invalidateQueries({ queryKey: ['recipes'] });
    queries.invalidateQueries({ queryKey: ['trials'] });
  };
  const join = useMutation({ mutationFn: (other: string) => joinFamily(record.id, { with: other }), onSuccess });
  const leave = useMutation({ mutationFn: () => leaveFamily(record.id), onSuccess });
  const trouble = join.error ?? leave.error;
  return (
    <section aria-label="Its family">
      <h3>Its family</h3>
      {family.length > 0 && (
        <ul className="contains">
          {family.map((other) => (
            <li key={other.id}>
              <Link to={`/bench/${other.id}`}>{other.name}</Link>
            </li>
          ))}
        </ul>
      )}
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
      <p className="family-do">
        <Link to={`/trials/${record.id}`}>The book of this sauce</Link>
        {family.length > 0 && (
          <button type="button" className="plain" disabled={leave.isPending} onClick={() => leave.mutate()}>
            It is another sauce
          </button>
        )}
        <button type="button" className="plain" aria-expanded={isJoining} onClick={() => setJoining(!isJoining)}>
          It is a try of another
        </button>
      </p>
      {isJoining && (
        <div className="fields">
          <ChooseRecipe
            label="Of which sauce"
            recipe=""
            onChoose={(other) => {
              if (other !== '') join.mutate(other);
            }}
          />
        </div>
      )}
    </section>
  );
}
