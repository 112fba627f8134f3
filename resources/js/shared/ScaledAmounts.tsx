import type { Scale } from '../api/generated/documents';
import { Miniature } from '../shelf/Miniature';
import { Fraction } from './Fraction';
import './scaled.css';

interface Props {
  scale: Scale;
  /** The amounts as they are written now, by line. */
  written: Map<string | undefined, string | null | undefined>;
}

/** What another amount comes to in a sentence, and every line before and after. */
export function ScaledAmounts({ scale, written }: Props) {
  return (
    <>
      <p className="sentence" aria-live="polite">
        {scale.factor_text}: makes {scale.yield.text}. {scale.containers === null ? '' : `${scale.containers.text}. `}
        {scale.drift_text}
      </p>
      {scale.to_weigh !== '' && <p className="caution">{scale.to_weigh}</p>}
      <div className="scaled-pictures">
        <figure>
          <figcaption>Now</figcaption>
          <Miniature columns={scale.before} />
        </figure>
        <figure>
          <figcaption>Then</figcaption>
          <Miniature columns={scale.after} />
        </figure>
      </div>
      <table className="scaled">
        <thead>
          <tr>
            <th scope="col">Ingredient</th>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
          </tr>
        </thead>
        <tbody>
          {scale.lines.map((line) => (
            <tr key={line.id}>
              <td>{line.name}</td>
              <td className="quiet">{written.get(line.id) ?? 'follows'}</td>
              <td>
                <strong className="scaled-amount">
                  {line.terms.map((term, at) => (
                    <span key={`${term.number.whole} ${term.number.numerator} ${term.unit}`}>
                      {at > 0 && ' + '}
                      <Fraction number={term.number} /> {term.unit === 'each' ? '' : term.unit}
                    </span>
                  ))}
                  {line.terms.length === 0 && (line.text ?? 'follows')}
                </strong>
                {line.note !== '' && <span className="quiet"> {line.note}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
