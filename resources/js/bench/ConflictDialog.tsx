import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Recipe, RecipeRecord } from '../api/generated/documents';

const list = (recipe: Recipe) =>
  recipe.stages.flatMap((stage) =>
    (stage.lines ?? []).map((line) => ({ id: line.id, text: `${line.amount ?? 'tied'} ${line.ingredient}` })),
  );

function Version({ title, recipe, other }: { title: string; recipe: Recipe; other: Recipe }) {
  const same = new Set(list(other).map((line) => line.text));
  return (
    <section>
      <h3>{title}</h3>
      <p className="quiet">{recipe.name}</p>
      <ul>
        {list(recipe).map((line) => (
          <li key={line.id} className={same.has(line.text) ? undefined : 'differs'}>
            {line.text}
          </li>
        ))}
      </ul>
    </section>
  );
}

interface Props {
  mine: Recipe;
  theirs: RecipeRecord;
  onMine: () => void;
  onTheirs: () => void;
  onBoth: () => void;
}

/** The same recipe was changed in two places: both are shown, and nothing is lost whichever is chosen. */
export function ConflictDialog({ mine, theirs, onMine, onTheirs, onBoth }: Props) {
  return (
    <Dialog open aria-labelledby="conflict-title" maxWidth="md">
      <DialogTitle id="conflict-title">Changed in two places</DialogTitle>
      <DialogContent>
        <p>This recipe was saved from another tab since you opened it here. Lines that differ are marked.</p>
        <div className="versions">
          <Version title="Yours, here" recipe={mine} other={theirs.recipe} />
          <Version title="Theirs, saved" recipe={theirs.recipe} other={mine} />
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={onTheirs}>Take theirs</Button>
        <Button onClick={onBoth}>Keep both</Button>
        <Button variant="contained" color="secondary" onClick={onMine}>
          Keep mine
        </Button>
      </DialogActions>
    </Dialog>
  );
}
