import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { createRecipe, importRecipe } from '../api/generated/client';
import type { Import } from '../api/generated/documents';
import { AsYouStand } from '../shared/AsYouStand';
import { answered } from '../shared/answered';
import { type Answers, Questions } from '../shared/ReadLines';
import { type Held, YourWords } from '../shared/YourWords';

/**
 * A recipe from a file or the clipboard: JSON, JSON-LD, CSV, Markdown or jotted down. What was unsure is asked
 * first.
 */
export function BringIn({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Answers>({});
  const [held, setHeld] = useState<Held>({});
  const [isAsked, setAsked] = useState(false);
  const navigate = useNavigate();
  const read = useMutation({
    mutationFn: (given: string) => importRecipe({ text: given }),
    onSuccess: () => {
      setAnswers({});
      setAsked(false);
    },
  });
  const keep = useMutation({
    mutationFn: (recipe: Import['recipe']) => createRecipe({ recipe }),
    onSuccess: (record) => navigate(`/bench/${record.id}`),
  });
  const trouble = read.error ?? keep.error;
  return (
    <section className="panel bring-in" aria-label="Bring a recipe in">
      <div className="panel-head">
        <h2>Bring a recipe in</h2>
        <span>
          {read.data !== undefined && (
            <button type="button" className="plain" onClick={() => read.reset()}>
              Change the words
            </button>
          )}
          <button type="button" className="plain" onClick={onClose}>
            Close
          </button>
        </span>
      </div>
      {read.data === undefined && (
        <>
          <label>
            From a file
            <input
              type="file"
              accept=".json,.jsonld,.csv,.md,.txt,.html,.htm,application/json,text/*"
              onChange={async (event) => {
                const file = event.target.files?.[0];
                if (file) setText(await file.text());
              }}
            />
          </label>
          <textarea
            className="jotted"
            rows={8}
            aria-label="Or paste it here"
            placeholder="Or paste it here: JSON, JSON-LD, CSV, Markdown, or the way it was jotted down"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <button type="button" className="action" disabled={text.trim() === ''} onClick={() => read.mutate(text)}>
            Read it
          </button>
        </>
      )}
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
      {read.data !== undefined && (
        <Brought
          text={read.variables ?? ''}
          reading={read.data}
          answers={answers}
          onAnswer={(index, answer) => setAnswers((was) => ({ ...was, [index]: answer }))}
          held={held}
          onHold={setHeld}
          isAsked={isAsked}
          onKeep={() => {
            const untied = read.data.questions.some(
              ({ about, guesses }, index) => about === 'ingredient' && guesses.length === 0 && !(index in answers),
            );
            if (untied && !isAsked) setAsked(true);
            else keep.mutate({ ...read.data.recipe, stages: answered(read.data, answers) });
          }}
        />
      )}
    </section>
  );
}

interface BroughtProps {
  text: string;
  reading: Import;
  answers: Answers;
  onAnswer: (index: number, answer: string | null) => void;
  held: Held;
  onHold: (held: Held) => void;
  isAsked: boolean;
  onKeep: () => void;
}

/** The maker's own words beside the steps they became, and what has to be asked. */
function Brought({ text, reading, answers, onAnswer, held, onHold, isAsked, onKeep }: BroughtProps) {
  // the field it was typed into is gone: who uses the keyboard goes on here
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  const stages = answered(reading, answers);
  const things = stages.reduce((count, stage) => count + (stage.lines ?? []).length, 0);
  const { makes } = reading.recipe;
  return (
    <div className={reading.spans.length > 0 ? 'reading' : undefined}>
      {reading.spans.length > 0 && <YourWords text={text} spans={reading.spans} held={held} onHold={onHold} />}
      <section className="stands" aria-label="As you will stand at it">
        <h3 ref={heading} tabIndex={-1}>
          As you will stand at it
        </h3>
        <p>
          <strong>{reading.recipe.name}</strong>: {things === 1 ? '1 line' : `${things} lines`},{' '}
          {stages.length === 1 ? '1 step' : `${stages.length} steps`}.
          {makes ? <span className="quiet"> It says it makes {makes}.</span> : null}
        </p>
        {reading.tongue !== '' && (
          <p className="trouble" role="status">
            This looks like {reading.tongue}. Amounts are read; a name that is not known stays as it is written, to be
            chosen below.
          </p>
        )}
        <AsYouStand reading={reading} stages={stages} held={held} onHold={onHold} />
        <Questions reading={reading} answers={answers} onAnswer={onAnswer} />
        {reading.lost.length > 0 && <p className="quiet">Not brought in: {reading.lost.join('; ')}.</p>}
        {isAsked && (
          <p role="alert" className="trouble">
            Some of it is not understood: it comes along as a line that counts in no figure. Press again to leave it so.
          </p>
        )}
        <button type="button" className="do" onClick={onKeep}>
          Put it on the Shelf
        </button>
      </section>
    </div>
  );
}
