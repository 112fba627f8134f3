import type { Caution } from '../api/generated/documents';
import { grades } from './vocabulary';

/** Each with its grade in a word, what to do, and where that is from. */
export function CautionList({ cautions }: { cautions: Caution[] }) {
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
