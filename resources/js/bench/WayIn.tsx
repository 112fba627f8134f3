import { Link, useSearchParams } from 'react-router';
import type { Evaluation } from '../api/generated/documents';
import type { useAdjusting } from './useAdjusting';

interface Props {
  evaluation: Evaluation | null;
  adjusting: ReturnType<typeof useAdjusting>;
}

/** A way in that is the product itself: one ketchup, one thing wrong, put right in three presses. */
export function WayIn({ evaluation, adjusting }: Props) {
  const [search, setSearch] = useSearchParams();
  if (search.get('way') !== 'in' || evaluation === null) return null;
  const salty = evaluation.bench.columns.find((column) => column.measure === 'saltiness');
  const isRight = salty?.verdict?.kind === 'level' || salty?.verdict?.kind === 'within what we know';
  const isSaid = (adjusting.feels.salty ?? 0) > 0 && adjusting.proposals.length > 0;
  const step = isRight ? 3 : isSaid ? 2 : 1;
  const leave = () =>
    setSearch((was) => {
      const now = new URLSearchParams(was);
      now.delete('way');
      return now;
    });
  return (
    <section className="way-in" aria-label="The way in" aria-live="polite">
      <strong>{step} of 3</strong>
      <span>
        {step === 1 &&
          'Somebody was generous with the salt: Salty stands above the band that the style asks for. At the right, by Salty, press “less”.'}
        {step === 2 &&
          'At the right is what to do about it, and what else that moves; on the Line, where the columns would come to. Press “Apply it”.'}
        {step === 3 && 'Level again, and kept. Undo takes it back. So it goes with every taste of every sauce.'}
      </span>
      {step === 3 && (
        <>
          <Link to="/begin">Begin one of your own</Link>
          <Link to="/shelf">To the Shelf</Link>
        </>
      )}
      <button type="button" className="plain" onClick={leave}>
        {step === 3 ? 'Stay here' : 'Skip this'}
      </button>
    </section>
  );
}
