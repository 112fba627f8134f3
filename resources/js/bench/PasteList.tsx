import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { readNote } from '../api/generated/client';
import type { Evaluation, Recipe } from '../api/generated/documents';
import { answered } from '../shared/answered';
import { type Answers, ReadLines } from '../shared/ReadLines';
import { addStages } from './edits';
import type { Draft } from './useDraft';

interface Props {
  draft: Draft;
  room: Evaluation['bench']['room'] | undefined;
  onClose: () => void;
}

/** A recipe the way it was jotted down, pasted whole; what is unsure is asked before anything is added. */
export function PasteList({ draft, room, onClose }: Props) {
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Answers>({});
  const read = useMutation({
    mutationFn: () => readNote({ text, measures: draft.recipe.measures ?? 'us' }),
    onSuccess: () => setAnswers({}),
  });
  const reading = read.data;
  const count =
    reading === undefined ? 0 : answered(reading, answers).reduce((sum, stage) => sum + (stage.lines?.length ?? 0), 0);
  const isTooMany = room !== undefined && count > room.lines_left;
  return (
    <Dialog open onClose={onClose} aria-labelledby="paste-title" maxWidth="sm" fullWidth>
      <DialogTitle id="paste-title">Paste a whole list</DialogTitle>
      <DialogContent>
        <p className="quiet">
          The card from the drawer, as it is: title, list, method and all. 2/3 cup cider vinegar, juice of half a lemon,
          a glug of oil; simmer 20 minutes, strain.
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
            {isTooMany && <p className="trouble room">{room.text}</p>}
            <ReadLines
              reading={reading}
              answers={answers}
              onAnswer={(index, answer) => setAnswers((was) => ({ ...was, [index]: answer }))}
            />
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
            disabled={count === 0 || isTooMany}
            onClick={() => {
              draft.edit((recipe) => ({
                ...addStages(answered(reading, answers))(recipe),
                ...(isBlank(recipe) ? saidBesides(reading.recipe) : {}),
              }));
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

const isBlank = ({ stages }: Recipe) => stages.every((stage) => (stage.lines ?? []).length === 0);

/** What the note says besides lines and stages, for a recipe that has nothing yet. */
const saidBesides = ({ name, makes, serves, story }: Recipe): Partial<Recipe> => ({
  name,
  ...(makes ? { makes } : {}),
  ...(serves ? { serves } : {}),
  ...(story ? { story } : {}),
});
