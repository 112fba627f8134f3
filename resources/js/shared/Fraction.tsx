import type { EvaluationFraction } from '../api/generated/documents';

/** A number as a cook reads it: the whole, and the fraction over its bar. */
export function Fraction({ number }: { number: EvaluationFraction }) {
  return (
    <span className="number">
      {number.whole}
      {number.numerator !== '' && (
        <span className="fraction">
          <span>{number.numerator}</span>
          <span>{number.denominator}</span>
        </span>
      )}
    </span>
  );
}
