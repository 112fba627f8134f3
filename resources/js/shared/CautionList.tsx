import type { Caution } from '../api/generated/documents';
import { grades } from './vocabulary';

/** Each with its grade in a word, what to do, and where that is from; where there are many, the gravest first. */
export function CautionList({ cautions, atOnce = cautions.length }: { cautions: Caution[]; atOnce?: number }) {
  const later = cautions.slice(atOnce);
  return (
    <>
      <Items cautions={cautions.slice(0, atOnce)} />
      {later.length > 0 && (
        <details className="more-cautions">
          <summary>{later.length} more</summary>
          <Items cautions={later} />
        </details>
      )}
    </>
  );
}

function Items({ cautions }: { cautions: Caution[] }) {
  return (
    <ul className="cautions">
      {cautions.map((caution) => (
        <li key={caution.code} className={`grade-${caution.grade}`}>
          <strong>{grades[caution.grade]}: </strong>
          {caution.text} <span className="quiet">{caution.rule}.</span>
        </li>
      ))}
    </ul>
  );
}
