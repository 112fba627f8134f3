import { useMutation, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { rememberSwap, swapLine } from '../api/generated/client';
import type { EvaluationLine, Ghost, Recipe, Swap, SwapMemoryInput } from '../api/generated/documents';
import { WhatItBrings } from '../shared/WhatItBrings';
import type { Draft } from './useDraft';
import { useIngredients } from './useIngredients';

interface Props {
  draft: Draft;
  line: EvaluationLine;
  onClose: () => void;
  onPreview: (ghosts: Ghost[] | null) => void;
  onVariant: (recipe: Recipe) => void;
}

type Option = Swap['options'][number];

/** What could stand in for a line, weighed out so that it tastes the same, and what no amount can mend. */
export function SwapCard({ draft, line, onClose, onPreview, onVariant }: Props) {
  const [typed, setTyped] = useState('');
  const [only, setOnly] = useState<string | null>(null);
  const [done, setDone] = useState<Option | null>(null);
  const found = useIngredients(useDeferredValue(typed));
  const swap = useQuery({
    queryKey: ['swap', draft.recipe, line.id, only],
    queryFn: ({ signal }) =>
      swapLine({ recipe: draft.recipe, line: line.id, ...(only === null ? {} : { in: only }) }, { signal }),
    enabled: done === null,
    retry: false,
    gcTime: 0,
  });
  const remember = useMutation({
    mutationFn: (memory: SwapMemoryInput) => rememberSwap(memory),
  });
  useEffect(() => () => onPreview(null), [onPreview]);
  const [out] = useState(line.slug);
  return (
    <>
      <div className="panel-head">
        <h2>Instead of {done === null ? line.short_name : 'it'}</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      {done !== null ? (
        <Remembering
          option={done}
          isKept={remember.isSuccess}
          onKeep={(verdict, note) => remember.mutate({ out, in: done.with[0]?.ingredient ?? '', verdict, note })}
        />
      ) : (
        <>
          <input
            className="add-input"
            aria-label="Something of your own choosing"
            placeholder="Something of your own choosing"
            value={typed}
            maxLength={120}
            onChange={(event) => {
              setTyped(event.target.value);
              setOnly(null);
            }}
          />
          {typed.trim() !== '' && only === null && (
            <ul className="choices">
              {(found.data?.ingredients ?? []).slice(0, 6).map((each) => (
                <li key={each.slug}>
                  <button
                    type="button"
                    onClick={() => {
                      setOnly(each.slug);
                      setTyped(each.name);
                    }}
                  >
                    {each.name}
                  </button>
                </li>
              ))}
            </ul>
          )}
          {swap.isError && (
            <p role="alert" className="trouble">
              {swap.error.message}
            </p>
          )}
          <div className="proposals">
            {(swap.data?.options ?? []).map((option) => (
              <SwapOption
                key={option.words + option.compensation_text}
                option={option}
                onPoint={(on) => onPreview(on ? option.ghosts : null)}
                onApply={() => {
                  onPreview(null);
                  draft.edit(() => option.recipe);
                  setDone(option);
                }}
                onVariant={() => onVariant(option.recipe)}
              />
            ))}
            {swap.data?.options.length === 0 && <p>Nothing in the pantry can stand in for it.</p>}
          </div>
        </>
      )}
    </>
  );
}

function SwapOption(props: {
  option: Option;
  onPoint: (on: boolean) => void;
  onApply: () => void;
  onVariant: () => void;
}) {
  const { option } = props;
  const remarks = [
    option.on_hand ? 'on hand' : '',
    option.season_text,
    option.price_text,
    option.remembered === null
      ? ''
      : `${['not again', 'so-so', 'good'][option.remembered.verdict + 1]}, you said${option.remembered.note === '' ? '' : `: ${option.remembered.note}`}`,
  ].filter((remark) => remark !== '');
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: pointing is a shortcut; the buttons do the rest
    <div className="proposal" onMouseEnter={() => props.onPoint(true)} onMouseLeave={() => props.onPoint(false)}>
      <strong className="proposal-words">{option.words}</strong>
      {option.compensation_text !== '' && <p>{option.compensation_text}</p>}
      {option.handling_text !== '' && <p className="quiet">{option.handling_text}</p>}
      <p>{option.cost_text}</p>
      {remarks.length > 0 && <p className="quiet">{remarks.join('; ')}</p>}
      <WhatItBrings brings={option.brings} />
      {option.allergens_lost.length > 0 && <p className="quiet">no more {option.allergens_lost.join(', ')} from it</p>}
      <p className="quiet note">{option.notes.join(' ')}</p>
      {option.cautions.map((caution) => (
        <p key={caution} className="caution note">
          {caution}
        </p>
      ))}
      <div className="proposal-do">
        <button type="button" className="action" onFocus={() => props.onPoint(true)} onClick={props.onApply}>
          Use it
        </button>
        <button type="button" className="plain" onClick={props.onVariant}>
          Save as a second recipe
        </button>
      </div>
    </div>
  );
}

type Verdict = SwapMemoryInput['verdict'];

const verdicts: [Verdict, string][] = [
  [1, 'Good'],
  [0, 'So-so'],
  [-1, 'Not again'],
];

/** After a swap: what the maker thought of it, so that it comes first, or last, the next time. */
function Remembering(props: { option: Option; isKept: boolean; onKeep: (verdict: Verdict, note: string) => void }) {
  const [note, setNote] = useState('');
  if (props.isKept) return <p className="done">Remembered. It will be said the next time.</p>;
  return (
    <>
      <p className="done">{props.option.words}: it is in. Undo takes it back.</p>
      <label className="follows">
        Note
        <input value={note} maxLength={200} onChange={(event) => setNote(event.target.value)} />
      </label>
      <p className="quiet">How was it, once tasted?</p>
      <div className="proposal-do">
        {verdicts.map(([verdict, words]) => (
          <button key={words} type="button" className="suggestion" onClick={() => props.onKeep(verdict, note)}>
            {words}
          </button>
        ))}
      </div>
    </>
  );
}
