import type { Evaluation } from '../generated/documents';
import { BalanceCard } from './BalanceCard';
import type { Looking } from './Desk';
import { LineCard } from './LineCard';
import { TasteCard } from './TasteCard';
import type { Draft } from './useDraft';

interface Props {
  draft: Draft;
  evaluation: Evaluation | null;
  figures: Evaluation | null;
  looking: Looking;
  lit: string | null;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
}

/** Open a taste and see who brings it; open a line and see what it brings. */
export function LookCloser({ draft, evaluation, figures, looking, lit, onLook, onPoint }: Props) {
  const close = () => onLook(null);
  const line =
    looking !== null && 'line' in looking ? evaluation?.bench.lines.find(({ id }) => id === looking.line) : undefined;
  const column =
    looking !== null && 'taste' in looking
      ? figures?.bench.columns.find(({ measure }) => measure === looking.taste)
      : undefined;
  return (
    <section className="panel closer" aria-label="A closer look">
      {line !== undefined && evaluation !== null ? (
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
          <BalanceCard bench={figures.bench} problems={evaluation?.analysis.problems ?? []} onLook={onLook} />
        )
      )}
    </section>
  );
}
