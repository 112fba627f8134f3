import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { readNextTrial, saidOfCups } from '../api/generated/client';
import type { BlindInput, LoggedBatch } from '../api/generated/documents';

/**
 * Two cups of one sauce, named so that nobody knows which is which, and what each at the table says of them in
 * turn.
 */
export function NextTrial({ batch, onSaid }: { batch: string; onSaid: (batch: LoggedBatch) => void }) {
  const [isOpen, setOpen] = useState(false);
  const [answers, setAnswers] = useState<BlindInput['answers']>([]);
  const [who, setWho] = useState('');
  const trial = useQuery({
    queryKey: ['next-trial', batch],
    queryFn: ({ signal }) => readNextTrial(batch, { signal }),
    enabled: isOpen,
    retry: false,
    // the cups keep their names while they stand on the table
    staleTime: Number.POSITIVE_INFINITY,
  });
  const said = useMutation({
    mutationFn: (body: BlindInput) => saidOfCups(batch, body),
    onSuccess: (answer) => onSaid(answer.batch as LoggedBatch),
  });
  const cups = trial.data;
  const say = (better: string) => {
    setAnswers((was) => [...was, { who: who.trim(), better }]);
    setWho('');
  };
  return (
    <section className="panel log-cups" aria-label="The next trial">
      <h2>The next trial</h2>
      {!isOpen && (
        <>
          <p className="quiet">Two cups, one of them moved a little, tasted blind: it teaches most of what you like.</p>
          <button type="button" className="plain" onClick={() => setOpen(true)}>
            Set up two cups
          </button>
        </>
      )}
      {trial.isError && (
        <p role="alert" className="trouble">
          {trial.error.message}
        </p>
      )}
      {said.isError && (
        <p role="alert" className="trouble">
          {said.error.message}
        </p>
      )}
      {said.isSuccess && <p role="status">{said.data.text}</p>}
      {isOpen && cups !== undefined && !said.isSuccess && (
        <>
          <ol className="log-cup-steps">
            <li>
              Weigh {cups.cup_text} into each of two cups. Call one <strong>{cups.plain}</strong> and leave it as it is.
            </li>
            <li>
              Call the other <strong>{cups.changed}</strong> and stir in <strong>{cups.put_text}</strong>: it is then{' '}
              {cups.apart_text}.
            </li>
            <li>Whoever stirred tells nobody, and tastes last. Hand this on.</li>
          </ol>
          <label>
            Who tastes
            <input value={who} placeholder="me" maxLength={60} onChange={(event) => setWho(event.target.value)} />
          </label>
          <p className="log-cup-names">
            {[cups.plain, cups.changed].sort().map((cup) => (
              <button key={cup} type="button" className="plain" onClick={() => say(cup)}>
                {cup} is better
              </button>
            ))}
            <button type="button" className="plain" onClick={() => say('')}>
              No telling
            </button>
          </p>
          <p role="status">
            {answers.length === 0
              ? 'Nobody has said anything yet.'
              : `${answers.length} ${answers.length === 1 ? 'has' : 'have'} said. Hand it on, or look.`}
          </p>
          <p className="log-cup-names">
            <button
              type="button"
              className="do"
              disabled={answers.length === 0 || said.isPending}
              onClick={() =>
                said.mutate({
                  taste: cups.taste as BlindInput['taste'],
                  steps: cups.steps,
                  changed: cups.changed,
                  plain: cups.plain,
                  answers,
                })
              }
            >
              Look which it was
            </button>
            {answers.length > 0 && (
              <button type="button" className="plain" onClick={() => setAnswers((was) => was.slice(0, -1))}>
                Take the last back
              </button>
            )}
          </p>
        </>
      )}
    </section>
  );
}
