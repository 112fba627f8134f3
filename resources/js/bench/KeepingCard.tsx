import type { EvaluationBench } from '../api/generated/documents';
import { CautionList } from '../shared/CautionList';
import { HowIsThisWorkedOut } from '../shared/HowIsThisWorkedOut';

const marks = { fits: '✓', against: '✕', check: '?' } as const;

/** What it contains, who can eat it as far as its lines say, and what to mind. */
export function KeepingCard({ keeping, onClose }: { keeping: EvaluationBench['keeping']; onClose: () => void }) {
  return (
    <>
      <div className="panel-head">
        <h2>To mind</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      <CautionList cautions={keeping.cautions.filter(({ grade }) => grade === 'stop')} />
      <h3>Contains</h3>
      {keeping.contains.length === 0 ? (
        <p className="quiet">None of the listed allergens, by its lines. Labels may say more.</p>
      ) : (
        <ul className="contains">
          {keeping.contains.map((each) => (
            <li key={each.name}>
              <strong>{each.name}</strong> <span className="quiet">from {each.from}</span>
            </li>
          ))}
        </ul>
      )}
      {keeping.unsaid !== '' && (
        <p className="trouble">Nobody has said what is in {keeping.unsaid}: read its label before anyone eats it.</p>
      )}
      {keeping.check.length > 0 && (
        <>
          <h3>May contain: check the label</h3>
          <ul className="contains">
            {keeping.check.map((each) => (
              <li key={each.name}>
                {each.name} <span className="quiet">in some kinds of {each.from}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {keeping.times !== null && (
        <>
          <h3>How long it keeps</h3>
          <p>
            {keeping.times.text} <span className="quiet">{keeping.times.rule}.</span>
          </p>
        </>
      )}
      <h3>Mind</h3>
      <CautionList cautions={keeping.cautions.filter(({ grade }) => grade !== 'stop')} atOnce={3} />
      <h3>By its lines</h3>
      <ul className="contains">
        {keeping.diets.map((diet) => (
          <li key={diet.name}>
            <span aria-hidden="true">{marks[diet.state]} </span>
            <strong>{diet.name}</strong> <span className="quiet">{diet.text}</span>
          </li>
        ))}
      </ul>
      <HowIsThisWorkedOut about="keeping" />
    </>
  );
}
