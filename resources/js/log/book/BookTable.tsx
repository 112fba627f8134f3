import { Link } from 'react-router';
import type { Trials } from '../../api/generated/documents';
import { rows } from './Cells';

/** One try a column, as many as there are; what a row is of stays in sight. */
export function BookTable({ book }: { book: Trials }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by the keyboard
    <section className="log-scroll book-scroll" aria-label="The tries" tabIndex={0}>
      <table className="ruled book-table">
        <thead>
          <tr>
            <td />
            {book.trials.map((each) => (
              <th key={each.id} scope="col" className={each.is_best ? 'book-likely' : undefined}>
                <Link to={`/log/${each.id}`}>no. {each.number}</Link>
                {each.is_best && <small> best so far</small>}
                <small className="book-day">{each.made_text}</small>
                {each.recipe_name !== book.name && <small className="book-day quiet">{each.recipe_name}</small>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows
            .filter((row) => book.trials.some(row.is))
            .map((row) => (
              <tr key={row.name}>
                <th scope="row">{row.name}</th>
                {book.trials.map((each) => (
                  <td key={each.id} className={each.is_best ? 'book-likely' : undefined}>
                    {row.of(each, each.as_text === 'the first')}
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </section>
  );
}
