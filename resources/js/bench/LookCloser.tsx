import type { Evaluation, Ghost, Recipe, RecipeRecord } from '../generated/documents';
import { BalanceCard } from './BalanceCard';
import { BatchesCard } from './BatchesCard';
import type { Looking } from './Desk';
import { FigureCard } from './FigureCard';
import { FreeCard } from './FreeCard';
import { KeepingCard } from './KeepingCard';
import { LineCard } from './LineCard';
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

/** Open a taste and see who brings it; open a line and see what it brings. */
export function LookCloser(props: Props) {
  const { record, adjusting, draft, evaluation, figures, looking, lit, onLook, onPoint } = props;
  const close = () => onLook(null);
  const line =
    looking !== null && 'line' in looking ? evaluation?.bench.lines.find(({ id }) => id === looking.line) : undefined;
  const swapped =
    looking !== null && 'swap' in looking ? evaluation?.bench.lines.find(({ id }) => id === looking.swap) : undefined;
  const column =
    looking !== null && 'taste' in looking
      ? figures?.bench.columns.find(({ measure }) => measure === looking.taste)
      : undefined;
  const stage =
    looking !== null && 'stage' in looking ? draft.recipe.stages.find(({ id }) => id === looking.stage) : undefined;
  return (
    <section className="panel closer" id="spoon" aria-label="A closer look">
      {stage !== undefined && figures !== null ? (
        <StageCard
          key={stage.id}
          draft={draft}
          stage={stage}
          bench={figures.bench}
          problems={(evaluation?.analysis.problems ?? []).filter((problem) => problem.at === stage.id)}
          onClose={close}
        />
      ) : looking !== null && 'figure' in looking && figures !== null ? (
        <FigureCard bench={figures.bench} figure={looking.figure} onClose={close} />
      ) : looking !== null && 'batches' in looking ? (
        <BatchesCard recipeId={record.id} onClose={close} />
      ) : looking !== null && 'free' in looking ? (
        <FreeCard draft={draft} onClose={close} onPreview={props.onPreview} onVariant={props.onVariant} />
      ) : swapped !== undefined ? (
        <SwapCard
          key={swapped.id}
          draft={draft}
          line={swapped}
          onClose={close}
          onPreview={props.onPreview}
          onVariant={props.onVariant}
        />
      ) : looking !== null && 'keeping' in looking && figures !== null ? (
        <KeepingCard keeping={figures.bench.keeping} onClose={close} />
      ) : line !== undefined && evaluation !== null ? (
        <LineCard
          draft={draft}
          line={line}
          lines={evaluation.bench.lines}
          problems={evaluation.analysis.problems}
          onClose={close}
          onSwap={() => onLook({ swap: line.id })}
        />
      ) : column !== undefined && figures !== null ? (
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
      ) : (
        figures !== null &&
        (figures.bench.figures.length > 0 && looking === null ? (
          <SpoonCard
            adjusting={adjusting}
            draft={draft}
            evaluation={figures}
            onApply={props.onApply}
            onForSomebody={() => onLook({ free: true })}
            onVariant={(index) => {
              const proposal = adjusting.proposals[index];
              if (proposal !== undefined) props.onVariant(proposal.recipe);
            }}
          />
        ) : (
          <BalanceCard
            bench={figures.bench}
            recipe={draft.recipe}
            problems={evaluation?.analysis.problems ?? []}
            record={record}
            onLook={onLook}
          />
        ))
      )}
    </section>
  );
}
