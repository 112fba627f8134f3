import type { Evaluation, Ghost, Recipe, RecipeRecord } from '../api/generated/documents';
import { BalanceCard } from './BalanceCard';
import { BatchesCard } from './BatchesCard';
import { FigureCard } from './FigureCard';
import { FreeCard } from './FreeCard';
import { KeepingCard } from './KeepingCard';
import { LineCard } from './LineCard';
import type { Looking } from './looking';
import { SpoonCard } from './SpoonCard';
import { StageCard } from './StageCard';
import { SwapCard } from './SwapCard';
import { TasteCard } from './TasteCard';
import type { Adjusting } from './useAdjusting';
import type { Draft } from './useDraft';

interface Props {
  record: RecipeRecord;
  adjusting: Adjusting;
  onApply: (index: number, half: boolean) => void;
  onVariant: (recipe: Recipe) => void;
  onPreview: (ghosts: Ghost[] | null) => void;
  draft: Draft;
  evaluation: Evaluation | null;
  figures: Evaluation | null;
  looking: Looking;
  lit: string | null;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
}

/** Open a taste and see who brings it; open a line and see what it brings; nothing open, the spoon. */
export function SidePanel(props: Props) {
  return (
    <section className="panel closer" id="spoon" aria-label="A closer look">
      <Shown {...props} />
    </section>
  );
}

/** What is looked at and is no longer there, such as a line that was taken out, gives way to the spoon. */
function Shown(props: Props) {
  const { record, adjusting, draft, evaluation, figures, looking, lit, onLook, onPoint } = props;
  const close = () => onLook(null);
  const line = (id: string) => evaluation?.bench.lines.find((each) => each.id === id);
  if (looking?.at === 'batches') return <BatchesCard record={record} onClose={close} />;
  if (looking?.at === 'free')
    return <FreeCard draft={draft} onClose={close} onPreview={props.onPreview} onVariant={props.onVariant} />;
  if (figures === null) return null;
  switch (looking?.at) {
    case 'stage': {
      const stage = draft.recipe.stages.find(({ id }) => id === looking.id);
      if (stage === undefined) break;
      return (
        <StageCard
          key={stage.id}
          draft={draft}
          stage={stage}
          bench={figures.bench}
          problems={(evaluation?.analysis.problems ?? []).filter((problem) => problem.at === stage.id)}
          troubles={(evaluation?.analysis.troubles ?? []).filter((trouble) => trouble.stage === stage.id)}
          onClose={close}
        />
      );
    }
    case 'figure':
      return <FigureCard bench={figures.bench} figure={looking.id} onClose={close} />;
    case 'keeping':
      return <KeepingCard keeping={figures.bench.keeping} onClose={close} />;
    case 'swap': {
      const swapped = line(looking.id);
      if (swapped === undefined) break;
      return (
        <SwapCard
          key={swapped.id}
          draft={draft}
          line={swapped}
          onClose={close}
          onPreview={props.onPreview}
          onVariant={props.onVariant}
        />
      );
    }
    case 'line': {
      const opened = line(looking.id);
      if (opened === undefined || evaluation === null) break;
      return (
        <LineCard
          draft={draft}
          line={opened}
          lines={evaluation.bench.lines}
          problems={evaluation.analysis.problems}
          onClose={close}
          onSwap={() => onLook({ at: 'swap', id: opened.id })}
        />
      );
    }
    case 'taste': {
      const column = figures.bench.columns.find(({ measure }) => measure === looking.id);
      if (column === undefined) break;
      return (
        <TasteCard
          column={column}
          lines={figures.bench.lines}
          lit={lit}
          onClose={close}
          onLook={onLook}
          onPoint={onPoint}
          onAim={(figure) => {
            adjusting.ask({ by: 'figure', measure: column.measure, figure });
            onLook(null);
          }}
          interaction={figures.bench.interactions.find(({ measure }) => measure === column.measure)?.text ?? ''}
        />
      );
    }
  }
  if (looking?.at !== 'balance' && figures.bench.figures.length > 0)
    return (
      <SpoonCard
        adjusting={adjusting}
        draft={draft}
        evaluation={figures}
        onApply={props.onApply}
        onForSomebody={() => onLook({ at: 'free' })}
        onVariant={(index) => {
          const proposal = adjusting.proposals[index];
          if (proposal !== undefined) props.onVariant(proposal.recipe);
        }}
      />
    );
  return (
    <BalanceCard
      bench={figures.bench}
      recipe={draft.recipe}
      problems={evaluation?.analysis.problems ?? []}
      record={record}
      onLook={onLook}
    />
  );
}
