import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { createRecipe, importRecipe } from '../api/generated/client';
import type { Import } from '../api/generated/documents';
import { answered } from '../shared/answered';
import { type Answers, ReadLines } from '../shared/ReadLines';

/**
 * A recipe from a file or the clipboard: JSON, JSON-LD, CSV, Markdown or jotted down. What was unsure is asked
 * first.
 */
export function BringIn({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Answers>({});
  const navigate = useNavigate();
  const read = useMutation({
    mutationFn: (given: string) => importRecipe({ text: given }),
    onSuccess: () => setAnswers({}),
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
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
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
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
      {read.data !== undefined && (
        <>
          <p>
            <strong>{read.data.recipe.name}</strong>:{' '}
            {read.data.recipe.stages.reduce((count, stage) => count + (stage.lines ?? []).length, 0)} lines.
          </p>
          <ReadLines
            reading={read.data}
            answers={answers}
            onAnswer={(index, answer) => setAnswers((was) => ({ ...was, [index]: answer }))}
          />
          {read.data.lost.length > 0 && <p className="quiet">Not brought in: {read.data.lost.join('; ')}.</p>}
          <button
            type="button"
            className="do"
            onClick={() => read.data && keep.mutate({ ...read.data.recipe, stages: answered(read.data, answers) })}
          >
            Put it on the Shelf
          </button>
        </>
      )}
    </section>
  );
}
