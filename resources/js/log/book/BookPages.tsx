import { useRef } from 'react';
import { Link } from 'react-router';
import type { Trials } from '../../api/generated/documents';
import { rows } from './Cells';

/** One try a page, swiped; the numbers lead to each. */
export function BookPages({ book }: { book: Trials }) {
  const pages = useRef<Map<string, HTMLLIElement>>(new Map());
  return (
    <>
      <nav className="book-numbers" aria-label="Which try">
        {book.trials.map((each) => (
          <button
            key={each.id}
            type="button"
            className="plain"
            onClick={() => pages.current.get(each.id)?.scrollIntoView({ block: 'nearest', inline: 'start' })}
          >
            {each.number}
            {each.is_best && <span className="visually-hidden"> best so far</span>}
            {each.is_best && <span aria-hidden="true"> ★</span>}
          </button>
        ))}
      </nav>
      <ol className="book-pages">
        {book.trials.map((each) => (
          <li
            key={each.id}
            className={each.is_best ? 'book-likely' : undefined}
            ref={(page) => {
              if (page === null) pages.current.delete(each.id);
              else pages.current.set(each.id, page);
            }}
          >
            <h2>
              <Link to={`/log/${each.id}`}>no. {each.number}</Link>
              {each.is_best && <small> best so far</small>} <small className="quiet">{each.made_text}</small>
            </h2>
            <dl>
              {rows
                .filter((row) => row.is(each))
                .map((row) => (
                  <div key={row.name}>
                    <dt>{row.name}</dt>
                    <dd>{row.of(each, each.as_text === 'the first')}</dd>
                  </div>
                ))}
            </dl>
          </li>
        ))}
      </ol>
    </>
  );
}
