import type { Evaluation } from '../generated/documents';
import { BalanceCard } from './BalanceCard';
import { BatchesCard } from './BatchesCard';
import type { Looking } from './Desk';
import { FigureCard } from './FigureCard';
import { KeepingCard } from './KeepingCard';
import { LineCard } from './LineCard';
import { StageCard } from './StageCard';
import { TasteCard } from './TasteCard';
import type { Draft } from './useDraft';

interface Props {
  recipeId: string;
  draft: Draft;
  evaluation: Evaluation | null;
  figures: Evaluation | null;
  looking: Looking;
  lit: string | null;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
}

/** Open a taste and see who brings it; open a line and see what it brings. */
export function LookCloser({ recipeId, draft, evaluation, figures, looking, lit, onLook, onPoint }: Props) {
  const close = () => onLook(null);
  const line =
    looking !== null && 'line' in looking ? evaluation?.bench.lines.find(({ id }) => id === looking.line) : undefined;
  const column =
    looking !== null && 'taste' in looking
      ? figures?.bench.columns.find(({ measure }) => measure === looking.taste)
      : undefined;
  const stage =
    looking !== null && 'stage' in looking ? draft.recipe.stages.find(({ id }) => id === looking.stage) : undefined;
  return (
    <section className="panel closer" aria-label="A closer look">
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
        <BatchesCard recipeId={recipeId} onClose={close} />
      ) : looking !== null && 'keeping' in looking && figures !== null ? (
        <KeepingCard keeping={figures.bench.keeping} onClose={close} />
      ) : line !== undefined && evaluation !== null ? (
        <LineCard
          draft={draft}
          line={line}
          lines={evaluation.bench.lines}
          problems={evaluation.analysis.problems}
          onClose={close}
        />
      ) : column !== undefined && figures !== null ? (
        <TasteCard
          column={column}
          lines={figures.bench.lines}
          lit={lit}
          onClose={close}
          onLook={onLook}
          onPoint={onPoint}
        />
      ) : (
        figures !== null && (
          <BalanceCard
            bench={figures.bench}
            recipe={draft.recipe}
            problems={evaluation?.analysis.problems ?? []}
            onLook={onLook}
          />
        )
      )}
    </section>
  );
}
