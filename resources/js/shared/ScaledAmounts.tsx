import type { Scale } from '../api/generated/documents';

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
                <strong>{line.text ?? 'follows'}</strong>
                {line.note !== '' && <span className="quiet"> {line.note}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
