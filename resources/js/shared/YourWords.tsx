import type { Reading } from '../api/generated/documents';
import './reading.css';

type Span = Reading['spans'][number];

/** What is held under a finger: a line of the recipe or one of its stages. */
export interface Held {
  line?: string;
  stage?: string;
}

interface Props {
  text: string;
  spans: Span[];
  held: Held;
  onHold: (held: Held) => void;
}

const LOOKS: Record<Span['is'], 'goes-in' | 'is-done' | 'says' | 'prepared' | 'remark' | 'untied'> = {
  title: 'says',
  yield: 'says',
  amount: 'goes-in',
  name: 'goes-in',
  preparation: 'prepared',
  step: 'is-done',
  relation: 'goes-in',
  remark: 'remark',
  question: 'untied',
};

/** A note as it was pasted, each word tied to what became of it. */
export function YourWords({ text, spans, held, onHold }: Props) {
  // the places count characters, and a picture is one
  const characters = Array.from(text);
  const parts: { words: string; span?: Span; at: number }[] = [];
  let done = 0;
  for (const span of spans) {
    if (span.from > done) parts.push({ words: characters.slice(done, span.from).join(''), at: done });
    parts.push({ words: characters.slice(span.from, span.to).join(''), span, at: span.from });
    done = span.to;
  }
  if (done < characters.length) parts.push({ words: characters.slice(done).join(''), at: done });
  return (
    <section className="your-words" aria-label="Your words">
      <h3>Your words</h3>
      <p className="words">
        {parts.map(({ words, span, at }) =>
          span === undefined ? (
            words
          ) : (
            <span
              key={at}
              className={`word ${LOOKS[span.is]}`}
              data-held={isHeld(span, held)}
              onPointerEnter={() => onHold({ line: span.line, stage: span.stage })}
            >
              {words}
            </span>
          ),
        )}
      </p>
      <p className="key quiet">
        <span className="word goes-in">goes in</span> <span className="word is-done">is done</span>{' '}
        <span className="word says">says what it is</span> <span className="word remark">kept as a remark</span>{' '}
        <span className="word untied">not understood</span>
      </p>
    </section>
  );
}

const isHeld = (span: Span, held: Held) =>
  (span.line !== undefined && span.line === held.line) ||
  (span.line === undefined && span.stage !== undefined && span.stage === held.stage);
