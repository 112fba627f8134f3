import { useQuery } from '@tanstack/react-query';
import { toString as qrCode } from 'qrcode';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { readBatch } from '../api/generated/client';
import './labels.css';

/** Sheets that are sold everywhere: how many across and down on one page. */
const sheets: Record<string, [string, string]> = {
  'a4-21': ['A4, 21 labels (3 × 7)', 'sheet-a4 across-3 down-7'],
  'a4-12': ['A4, 12 labels (2 × 6)', 'sheet-a4 across-2 down-6'],
  'letter-30': ['Letter, 30 labels (3 × 10)', 'sheet-letter across-3 down-10'],
  'letter-10': ['Letter, 10 labels (2 × 5)', 'sheet-letter across-2 down-5'],
  roll: ['A roll, 62 × 100 mm, one after the other', 'sheet-roll'],
};

/**
 * A label for every jar that is there, to print: what it is, when, until when, what it contains, and a code that
 * opens the batch.
 */
export function Labels() {
  const { id = '' } = useParams();
  const [sheet, setSheet] = useState('a4-21');
  const [code, setCode] = useState('');
  const batch = useQuery({
    queryKey: ['logged', id],
    queryFn: ({ signal }) => readBatch(id, { signal }),
    retry: false,
  });
  useEffect(() => {
    document.title = 'Labels · Vinculum';
    void qrCode(`${window.location.origin}/log/${id}`, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' }).then(
      setCode,
    );
  }, [id]);
  const made = batch.data;
  const jars = made?.jars.filter((jar) => jar.state !== 'gone') ?? [];
  return (
    <main className="labels">
      <p className="no-print labels-do">
        <button type="button" className="do" onClick={() => window.print()}>
          Print
        </button>
        <select aria-label="The sheet" value={sheet} onChange={(event) => setSheet(event.target.value)}>
          {Object.entries(sheets).map(([key, [words]]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
        <Link to={`/log/${id}`}>Back to the batch</Link>
      </p>
      {batch.isError && (
        <p role="alert" className="trouble">
          {batch.error.message}
        </p>
      )}
      {made !== undefined && jars.length === 0 && (
        <p>No jar of it is there. Say in the Log how many were filled, and each gets a label.</p>
      )}
      <ul className={`label-sheet ${sheets[sheet]?.[1]}`}>
        {made !== undefined &&
          jars.map((jar) => (
            <li key={jar.id} className="label">
              <div>
                <h2>{made.name}</h2>
                <p>
                  no. {made.number}
                  {jar.label}, made {made.made_text}
                  {jar.grams_text !== '' && `, about ${jar.grams_text}`}
                </p>
                {jar.label_text !== '' && (
                  <p>
                    <strong>{jar.label_text}</strong>
                  </p>
                )}
                <p className="label-in-it">
                  {made.in_it.map((each, at) => (
                    <span key={each.name}>
                      {at > 0 && ', '}
                      {each.is_allergen ? <strong>{each.name.toUpperCase()}</strong> : each.name}
                    </span>
                  ))}
                  .
                </p>
                {made.label_notes.map((note) => (
                  <p key={note}>{note}</p>
                ))}
              </div>
              <img
                alt={`opens no. ${made.number} in the Log`}
                src={`data:image/svg+xml;utf8,${encodeURIComponent(code)}`}
              />
            </li>
          ))}
      </ul>
    </main>
  );
}
