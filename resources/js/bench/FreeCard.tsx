import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { freeRecipe } from '../api/generated/client';
import type { Ghost, Recipe } from '../api/generated/documents';
import { ChooseNeeds } from '../shared/ChooseNeeds';
import type { Need } from '../shared/vocabulary';
import { WhatItBrings } from '../shared/WhatItBrings';
import type { Draft } from './useDraft';

interface Props {
  draft: Draft;
  onClose: () => void;
  onPreview: (ghosts: Ghost[] | null) => void;
  onVariant: (recipe: Recipe) => void;
}

/** The whole recipe at once, for somebody who does not eat something: reviewed line by line before it is made so. */
export function FreeCard({ draft, onClose, onPreview, onVariant }: Props) {
  const [chosen, setChosen] = useState<Need[]>([]);
  const [keep, setKeep] = useState<string[]>([]);
  const [salt, setSalt] = useState(1);
  const [heat, setHeat] = useState(1);
  const isAsking = chosen.length > 0 || salt !== 1 || heat !== 1;
  const free = useQuery({
    queryKey: ['free', draft.recipe, chosen, keep, salt, heat],
    queryFn: ({ signal }) =>
      freeRecipe({ recipe: draft.recipe, needs: chosen, keep, salt_times: salt, heat_times: heat }, { signal }),
    enabled: isAsking,
    retry: false,
    gcTime: 0,
  });
  const answer = isAsking && !free.isError ? free.data : undefined;
  useEffect(() => {
    onPreview(answer?.ghosts ?? null);
    return () => onPreview(null);
  }, [answer, onPreview]);
  return (
    <>
      <div className="panel-head">
        <h2>For somebody else</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      <ChooseNeeds
        legend={<legend className="unseen">What it should be</legend>}
        chosen={chosen}
        onChoose={setChosen}
      />
      <label className="follows">
        Salt
        <select value={salt} onChange={(event) => setSalt(Number(event.target.value))}>
          <option value={1}>as it is</option>
          <option value={0.75}>a quarter less</option>
          <option value={0.5}>half</option>
        </select>
      </label>
      <label className="follows">
        Heat
        <select value={heat} onChange={(event) => setHeat(Number(event.target.value))}>
          <option value={1}>as it is</option>
          <option value={0.5}>half</option>
          <option value={0.25}>a quarter</option>
          <option value={2}>twice</option>
        </select>
      </label>
      {free.isError && isAsking && (
        <p role="alert" className="trouble">
          {free.error.message}
        </p>
      )}
      {answer !== undefined && (
        <>
          <ul className="contains">
            {answer.changes.map((change) => (
              <li key={change.line}>
                <label className="check">
                  <input type="checkbox" checked onChange={() => setKeep((was) => [...was, change.line])} />
                  <span>
                    {change.name} <span className="quiet">{change.why}</span> → <strong>{change.with_text}</strong>
                  </span>
                </label>
              </li>
            ))}
            {answer.left.map((each) => (
              <li key={each.line + each.why} className="trouble">
                {keep.includes(each.line) ? (
                  <label className="check">
                    <input
                      type="checkbox"
                      checked={false}
                      onChange={() => setKeep((was) => was.filter((line) => line !== each.line))}
                    />
                    {each.why}
                  </label>
                ) : (
                  each.why
                )}
              </li>
            ))}
          </ul>
          {answer.also_text !== '' && <p>{answer.also_text}</p>}
          {answer.changes.length === 0 && answer.left.length === 0 && salt === 1 && heat === 1 && (
            <p>By its lines nothing stands in the way.</p>
          )}
          <p>{answer.cost_text}</p>
          <WhatItBrings brings={answer.brings} />
          {answer.check_text !== '' && <p className="trouble">{answer.check_text}</p>}
          {answer.notes.map((note) => (
            <p key={note} className="quiet note">
              {note}
            </p>
          ))}
          {answer.cautions.map((caution) => (
            <p key={caution} className="caution note">
              {caution}
            </p>
          ))}
          <p className="quiet note">
            It follows the lines and their labels. It is never a promise to somebody with an allergy.
          </p>
          <div className="proposal-do">
            <button
              type="button"
              className="do"
              onClick={() => {
                draft.edit(() => answer.recipe);
                onClose();
              }}
            >
              Apply it
            </button>
            <button type="button" className="plain" onClick={() => onVariant(answer.recipe)}>
              Save as a second recipe
            </button>
          </div>
        </>
      )}
    </>
  );
}
