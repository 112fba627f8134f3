import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { askTongue, tasteCook } from '../api/generated/client';
import type { CookEventInput, StovePot } from '../api/generated/documents';
import type { Feel } from '../bench/adjusting';
import { SpoonRows } from '../bench/SpoonRows';
import { WhatItBrings } from '../shared/WhatItBrings';

interface Props {
  cook: StovePot;
  onHappen: (...events: CookEventInput[]) => void;
}

/** What the spoon says of the pot as it is now, and what to stir in for it. */
export function StoveSpoon({ cook, onHappen }: Props) {
  const [feels, setFeels] = useState<Partial<Record<Feel, number>>>({});
  const taste = useMutation({ mutationFn: (said: typeof feels) => tasteCook(cook.id, { feels: said }) });
  const tongue = useMutation({
    mutationFn: () => askTongue(cook.id),
    onSuccess: (said) => {
      setFeels(said.feels);
      if (Object.keys(said.feels).length > 0) taste.mutate(said.feels);
    },
  });
  const say = (feel: Feel, steps: number) => {
    const said = { ...feels, [feel]: steps };
    setFeels(said);
    if (Object.values(said).some((each) => each !== 0)) taste.mutate(said);
    else taste.reset();
  };
  const stirIn = (lines: { ingredient: string; amount: string }[]) => {
    onHappen(...lines.map((line) => ({ kind: 'added' as const, ...line })));
    setFeels({});
    taste.reset();
    tongue.reset();
  };
  return (
    <section className="panel stove-spoon" aria-label="What the spoon says">
      <h2>What the spoon says</h2>
      <p className="quiet">
        {cook.reduction === null ? 'Of the pot as it is.' : 'Tasted hot, not yet down: it is answered for when it is.'}
      </p>
      {cook.is_practice && (
        <button type="button" className="plain" onClick={() => tongue.mutate()}>
          Let somebody taste it
        </button>
      )}
      {tongue.data !== undefined && <p className="stove-tongue">“{tongue.data.words}”</p>}
      <SpoonRows feels={feels} onSay={say} />
      {(taste.error ?? tongue.error) !== null && (
        <p role="alert" className="trouble">
          {(taste.error ?? tongue.error)?.message}
        </p>
      )}
      <div aria-live="polite">
        {taste.data?.options.map((option) => (
          <article key={option.words} className="stove-answer">
            <h3>{option.words}</h3>
            <p className="quiet">{option.note || option.cost_text}</p>
            <WhatItBrings brings={option.brings} />
            {option.cautions.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
            {option.all.length > 0 && (
              <p className="stove-keys">
                {option.half.length > 0 && (
                  <button type="button" className="do" onClick={() => stirIn(option.half)}>
                    Half now
                  </button>
                )}
                <button type="button" className="plain" onClick={() => stirIn(option.all)}>
                  All of it
                </button>
              </p>
            )}
          </article>
        ))}
        {taste.data !== undefined && taste.data.options.length === 0 && <p>{taste.data.note}</p>}
      </div>
    </section>
  );
}
