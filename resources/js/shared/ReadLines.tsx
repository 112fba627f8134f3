import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { replacePreferences } from '../api/generated/client';
import type { Reading } from '../api/generated/documents';
import { useIngredients } from '../bench/useIngredients';
import { Called } from './Called';
import { usePreferences } from './usePreferences';

type Question = Reading['questions'][number];

/** What was answered, by the question's place; null takes the line out. */
export type Answers = Record<number, string | null>;

interface Props {
  reading: Pick<Reading, 'recipe' | 'questions' | 'names'>;
  answers: Answers;
  onAnswer: (index: number, answer: string | null) => void;
}

/** The questions of a reading, answered where they are seen. */
export function Questions({ reading, answers, onAnswer }: Props) {
  const called = (slug: string) => reading.names[slug] ?? slug;
  const lines = reading.recipe.stages.flatMap((stage) => stage.lines ?? []);
  const stands = (question: Question) => {
    const line = lines.find(({ id }) => id === question.id);
    return question.about === 'amount' ? line?.amount : line?.ingredient;
  };
  return (
    reading.questions.length > 0 && (
      <ul className="questions">
        {reading.questions.map((question, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: questions have no identity but their place
          <li key={index}>
            <span className="quiet">{question.text}</span>
            <span>{question.ask}</span>
            <span className="answers">
              {question.guesses.map((guess) => (
                <button
                  key={guess}
                  type="button"
                  className="suggestion"
                  aria-pressed={(index in answers ? answers[index] : stands(question)) === guess}
                  onClick={() => onAnswer(index, guess)}
                >
                  {question.about === 'ingredient' ? called(guess) : guess}
                </button>
              ))}
              {question.about === 'ingredient' ? (
                <Something
                  known={question.guesses}
                  chosen={answers[index]}
                  onChoose={(slug) => onAnswer(index, slug)}
                />
              ) : (
                <input
                  className="answer-typed"
                  aria-label={`Another amount for ${question.text}`}
                  placeholder="another amount"
                  onBlur={({ target }) => target.value.trim() !== '' && onAnswer(index, target.value.trim())}
                />
              )}
              <button
                type="button"
                className="suggestion"
                aria-pressed={answers[index] === null && index in answers}
                onClick={() => onAnswer(index, null)}
              >
                not an ingredient
              </button>
              {question.words !== '' && typeof answers[index] === 'string' && (
                <AlwaysSo words={question.words} slug={answers[index]} />
              )}
            </span>
          </li>
        ))}
      </ul>
    )
  );
}

/** A note as it was read, line by line, with its questions. */
export function ReadLines(props: Props) {
  const { reading } = props;
  const called = (slug: string) => reading.names[slug] ?? slug;
  return (
    <>
      <Questions {...props} />
      <details className="as-read">
        <summary>As it was read, line by line</summary>
        <ol>
          {reading.recipe.stages.map((stage) => (
            <li key={stage.id}>
              <span className="quiet">{stageWords(stage)}</span>
              <ul>
                {(stage.lines ?? []).map((line) => (
                  <li key={line.id}>
                    <strong>{line.amount ?? 'as much'}</strong> {called(line.ingredient)}
                    {line.prep ? <span className="quiet">, {line.prep}</span> : null}
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ol>
        {reading.recipe.makes ? <p className="quiet">It says it makes {reading.recipe.makes}.</p> : null}
      </details>
    </>
  );
}

const stageWords = ({ name, process, strain }: Reading['recipe']['stages'][number]) =>
  [
    name ?? '',
    process && process.kind !== 'none' ? process.kind : '',
    process?.minutes ? `${process.minutes} min` : '',
    strain ? 'strained' : '',
  ]
    .filter((word) => word !== '')
    .join(', ') || 'together';

/** What a household means by a word that means several things is said once. */
function AlwaysSo({ words, slug }: { words: string; slug: string }) {
  const queries = useQueryClient();
  const { data: kept } = usePreferences();
  const keep = useMutation({
    mutationFn: () => {
      if (kept === undefined) throw new Error('How this house measures has not come yet. Try again.');
      const others = (kept.meanings ?? []).filter((each) => each.words !== words);
      return replacePreferences({ ...kept, meanings: [...others, { words, ingredient: slug }], was: kept });
    },
    onSuccess: (answer) => queries.setQueryData(['preferences'], answer),
  });
  if (keep.isError) return <span role="alert">{keep.error.message}</span>;
  if (kept?.meanings?.some((each) => each.words === words && each.ingredient === slug)) {
    return (
      <span className="quiet">
        Kept: “{words}” is <Called slug={slug} /> here. The Pantry lets you change it.
      </span>
    );
  }
  return (
    <button type="button" className="plain" disabled={keep.isPending} onClick={() => keep.mutate()}>
      always so in this house
    </button>
  );
}

/** Anything else of the pantry, found as one types. */
function Something({
  known,
  chosen,
  onChoose,
}: {
  known: string[];
  chosen: string | null | undefined;
  onChoose: (slug: string) => void;
}) {
  const [typed, setTyped] = useState('');
  const found = useIngredients(typed.trim());
  return (
    <>
      {chosen && !known.includes(chosen) ? (
        <button type="button" className="suggestion" aria-pressed="true">
          <Called slug={chosen} />
        </button>
      ) : null}
      <input
        className="answer-typed"
        aria-label="Search the pantry"
        placeholder="something else"
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
      />
      {typed.trim() !== '' &&
        (found.data?.ingredients ?? []).slice(0, 4).map((one) => (
          <button
            key={one.slug}
            type="button"
            className="suggestion"
            onClick={() => {
              onChoose(one.slug);
              setTyped('');
            }}
          >
            {one.name}
          </button>
        ))}
    </>
  );
}
