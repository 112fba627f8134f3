import type { EvaluationBench } from '../api/generated/documents';
import { HowIsThisWorkedOut } from '../shared/HowIsThisWorkedOut';

interface Props {
  bench: EvaluationBench;
  figure: string;
  onClose: () => void;
}

/** What instruments would read of the finished sauce, and the panel of a label. */
export function FigureCard({ bench, figure, onClose }: Props) {
  const open = bench.figures.find((each) => each.figure === figure);
  const others = bench.figures.filter((each) => each !== open);
  return (
    <>
      <div className="panel-head">
        <h2>{open?.label ?? 'In the jar'}</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      {open !== undefined && (
        <>
          <p className="big">{open.text}</p>
          {open.interval_text !== '' && <p className="quiet">perhaps {open.interval_text}, four times in five</p>}
          <p>{open.note}</p>
          <HowIsThisWorkedOut about={open.how} />
        </>
      )}
      <h3>Also in the jar</h3>
      <table className="strip roomy">
        <tbody>
          {others.map((each) => (
            <tr key={each.figure}>
              <th scope="row">{each.label}</th>
              <td>
                <strong>{each.text}</strong>
              </td>
              <td className="quiet">{each.interval_text}</td>
              <td>
                <HowIsThisWorkedOut about={each.how} short />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {bench.panel.rows.length > 0 && (
        <>
          <h3>On a label</h3>
          <table className="strip">
            <thead>
              <tr>
                <td />
                <th scope="col">100 g</th>
                <th scope="col">{bench.panel.serving_text}</th>
              </tr>
            </thead>
            <tbody>
              {bench.panel.rows.map((row) => (
                <tr key={row.label}>
                  <th scope="row">{row.label}</th>
                  <td>{row.per_100}</td>
                  <td>{row.per_serving}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <HowIsThisWorkedOut about="energy" />
        </>
      )}
    </>
  );
}
