import { useEffect } from 'react';
import { Link } from 'react-router';
import { TopBar } from '../shared/TopBar';
import './how.css';

const pages: [string, [string, string][]][] = [
  ['Everywhere', [['Ctrl K', 'finds a recipe, a batch, an ingredient, a kind of sauce, or what you want to do']]],
  [
    'On the Bench',
    [
      ['Ctrl Z', 'takes the last step back'],
      ['Ctrl Y or Ctrl Shift Z', 'puts it back'],
      [
        '1 to 7',
        'goes to what the spoon says: Sweet, Sour, Salty, Umami, Heat, and in the pot Thick and Rich; this can be turned off in the Pantry',
      ],
    ],
  ],
  [
    'On a taste',
    [
      ['Arrow up, arrow down', 'it should have more, or less; again for more of it'],
      ['Enter', 'chooses the first way to do it, and once more makes it so'],
      ['Escape', 'takes back all that was said'],
    ],
  ],
  [
    'On an amount',
    [
      ['Arrow up, arrow down', 'the next amount that can be measured'],
      ['Enter', 'keeps what was typed'],
      ['Escape', 'leaves it as it was'],
    ],
  ],
  [
    'On a line',
    [
      ['L', 'locks it, so that nothing moves it; again lets it go'],
      ['Alt arrow up, Alt arrow down', 'moves it up or down'],
      ['Delete', 'takes it off; Undo brings it back'],
    ],
  ],
];

/** What the keys do, for whoever would rather not reach for the mouse. */
export function Keys() {
  useEffect(() => {
    document.title = 'Keys · Vinculum';
  }, []);
  return (
    <>
      <TopBar />
      <main className="how">
        <article className="panel keys">
          <h1>Keys</h1>
          {pages.map(([where, keys]) => (
            <section key={where}>
              <h2>{where}</h2>
              <dl>
                {keys.map(([key, does]) => (
                  <div key={key}>
                    <dt>
                      <kbd>{key}</kbd>
                    </dt>
                    <dd>{does}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
          <p>
            Tab goes through everything in the order it stands in. <Link to="/how">How it is worked out</Link>
          </p>
        </article>
      </main>
    </>
  );
}
