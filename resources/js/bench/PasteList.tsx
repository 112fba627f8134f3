import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { readNote } from '../api/client';
import type { Reading, RecipeStage } from '../api/documents';
import { addStages, setAmount, setIngredient } from './edits';
import type { Draft } from './useDraft';

/** A recipe the way it was jotted down, pasted whole; what is unsure is asked before anything is added. */
export function PasteList({ draft, onClose }: { draft: Draft; onClose: () => void }) {
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Record<number, string>>({});
  const read = useMutation({
    mutationFn: () => readNote({ text, measures: draft.recipe.measures ?? 'us' }),
    onSuccess: () => setAnswers({}),
  });
  const reading = read.data;
  const answered = (): RecipeStage[] => {
    if (reading === undefined) return [];
    return reading.questions.reduce((recipe, question, index) => {
      const answer = answers[index];
      if (answer === undefined) return recipe;
      return (question.about === 'amount' ? setAmount : setIngredient)(question.id, answer)(recipe);
    }, reading.recipe).stages;
  };
  /** What is in the recipe if nothing is answered. */
  const stands = (question: Reading['questions'][number]) => {
    const line = reading?.recipe.stages.flatMap((stage) => stage.lines ?? []).find(({ id }) => id === question.id);
    return question.about === 'amount' ? line?.amount : line?.ingredient;
  };
  const count = reading?.recipe.stages.reduce((sum, stage) => sum + (stage.lines?.length ?? 0), 0) ?? 0;
  return (
    <Dialog open onClose={onClose} aria-labelledby="paste-title" maxWidth="sm" fullWidth>
      <DialogTitle id="paste-title">Paste a whole list</DialogTitle>
      <DialogContent>
        <p className="quiet">
          One ingredient to a line, in any words: 2/3 cup cider vinegar, juice of half a lemon, a glug of oil.
        </p>
        <textarea
          className="jotted"
          aria-label="The list as you have it"
          autoFocus
          rows={9}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            read.reset();
          }}
        />
        {read.isError && (
          <p role="alert" className="trouble">
            {read.error.message}
          </p>
        )}
        {reading !== undefined && (
          <div aria-live="polite">
            <p className="sentence">
              {count === 1 ? 'One line read.' : `${count} lines read.`}{' '}
              {reading.questions.length > 0 && 'These need a word from you; what is dark stands if you say nothing.'}
            </p>
            <ul className="questions">
              {reading.questions.map((question, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: questions have no identity but their place
                <li key={index}>
                  <span className="quiet">{question.text}</span>
                  <span>{question.ask}</span>
                  <span>
                    {question.guesses.map((guess) => (
                      <button
                        key={guess}
                        type="button"
                        className="suggestion"
                        aria-pressed={(answers[index] ?? stands(question)) === guess}
                        onClick={() => setAnswers((was) => ({ ...was, [index]: guess }))}
                      >
                        {question.about === 'ingredient' ? guess.replaceAll('-', ' ') : guess}
                      </button>
                    ))}
                  </span>
                </li>
              ))}
            </ul>
          </div>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        {reading === undefined ? (
          <Button variant="contained" disabled={text.trim() === '' || read.isPending} onClick={() => read.mutate()}>
            Read it
          </Button>
        ) : (
          <Button
            variant="contained"
            color="secondary"
            disabled={count === 0}
            onClick={() => {
              draft.edit(addStages(answered()));
              onClose();
            }}
          >
            Add {count === 1 ? 'the line' : `${count} lines`}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
