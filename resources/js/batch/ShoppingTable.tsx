import type { Shopping } from '../api/documents';
import { saveFile } from '../shared/saveFile';

/** What is to be bought, less what there is, in whole packs. */
export function ShoppingTable({ shopping, name }: { shopping: Shopping; name: string }) {
  const asText = shopping.lines.map((line) => `${line.buy_text} ${line.name}`).join('\n');
  return (
    <>
      <table className="scaled shopping">
        <thead>
          <tr>
            <th scope="col">Buy</th>
            <th scope="col">Ingredient</th>
            <th scope="col">Needed</th>
            <th scope="col">Left over</th>
            <th scope="col">Cost</th>
          </tr>
        </thead>
        <tbody>
          {shopping.lines.map((line) => (
            <tr key={line.slug}>
              <td>
                <strong>{line.buy_text}</strong>
              </td>
              <td>{line.name}</td>
              <td className="quiet">
                {line.need_text}
                {line.have_text !== '' && `, ${line.have_text} there`}
              </td>
              <td className="quiet">{line.left_text}</td>
              <td>{line.cost_text}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shopping.cost_text !== '' && <p>All together {shopping.cost_text}.</p>}
      {shopping.unpriced_text !== '' && (
        <p className="quiet note">{shopping.unpriced_text} Prices and packs are noted in the Pantry.</p>
      )}
      <div className="proposal-do">
        <button type="button" className="plain" onClick={() => navigator.clipboard?.writeText(asText)}>
          Copy the list
        </button>
        <button
          type="button"
          className="plain"
          onClick={() => saveFile(`${name} shopping.csv`, 'text/csv', shopping.csv)}
        >
          List as CSV
        </button>
      </div>
    </>
  );
}
