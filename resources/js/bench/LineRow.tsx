import type { KeyboardEvent } from 'react';
import type { AnalysisProblem, EvaluationLine, RecipeLine } from '../api/generated/documents';
import { pigment } from '../shared/vocabulary';
import { AmountField } from './AmountField';

interface Props {
  line: RecipeLine;
  figures: EvaluationLine | undefined;
  largestShare: number;
  tiedTo: string | undefined;
  problems: AnalysisProblem[];
  isLit: boolean;
  isOpen: boolean;
  takesFocus: boolean;
  onFocusTaken: () => void;
  onAmount: (amount: string, merge: boolean) => void;
  onIngredient: (slug: string) => void;
  onLock: () => void;
  onMove: (by: -1 | 1) => void;
  onRemove: () => void;
  onOpen: () => void;
  onPoint: (on: boolean) => void;
  /** Another line was dropped on this one. */
  onDropBefore: (id: string) => void;
}

/** What a dragged line is called while it is dragged. */
export const dragged = 'text/x-vinculum-line';

/** One line: its amount, its letter, its name, its grams; what is wrong with it underneath. */
export function LineRow(props: Props) {
  const { line, figures, problems, isLit, isOpen } = props;
  const name = figures?.name ?? line.ingredient;
  const trouble = problems;
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target instanceof HTMLInputElement) return;
    if (event.key === 'Delete') props.onRemove();
    else if (event.altKey && event.key === 'ArrowUp') props.onMove(-1);
    else if (event.altKey && event.key === 'ArrowDown') props.onMove(1);
    else if (event.key.toLowerCase() === 'l' && !event.ctrlKey && !event.metaKey) props.onLock();
    else return;
    event.preventDefault();
  };
  return (
    <li
      className={`line${isLit ? ' lit' : ''}${trouble.length > 0 ? ' troubled' : ''}`}
      data-line={line.id}
      onDragOver={(event) => event.dataTransfer.types.includes(dragged) && event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        event.stopPropagation();
        props.onDropBefore(event.dataTransfer.getData(dragged));
      }}
      onMouseEnter={() => props.onPoint(true)}
      onMouseLeave={() => props.onPoint(false)}
      onFocus={() => props.onPoint(true)}
      onBlur={() => props.onPoint(false)}
      onKeyDown={onKeyDown}
    >
      <div className="line-row">
        <AmountField
          line={line}
          figures={figures}
          tiedTo={props.tiedTo}
          takesFocus={props.takesFocus}
          onFocusTaken={props.onFocusTaken}
          onAmount={props.onAmount}
        />
        <button type="button" className="line-name" aria-expanded={isOpen} onClick={props.onOpen}>
          <span
            className="swatch grip"
            style={{ background: pigment(figures?.tint ?? 'none') }}
            aria-hidden="true"
            title="Drag to another place or stage"
            draggable
            onDragStart={(event) => {
              event.dataTransfer.setData(dragged, line.id ?? '');
              event.dataTransfer.effectAllowed = 'move';
            }}
          >
            {figures?.letter}
          </span>
          <span className="line-words">
            {name}
            {line.prep && <span className="quiet"> {line.prep}</span>}
          </span>
          {line.lock && <span className="tag">locked</span>}
          {line.handling === 'steeped' && <span className="tag">lifted out</span>}
          {line.handling === 'whole' && <span className="tag">whole</span>}
          <span className="grams">{figures?.mass_text}</span>
        </button>
      </div>
      <span
        className="share"
        style={{ width: `${((figures?.share ?? 0) / props.largestShare) * 100}%` }}
        aria-hidden="true"
      />
      {trouble.map((problem) => (
        <div key={problem.code} className="trouble" role="alert">
          {problem.text}
          {problem.suggestions.map((suggestion, index) => (
            <button
              key={suggestion}
              type="button"
              className="suggestion"
              onClick={() =>
                problem.code === 'ingredient-unknown'
                  ? props.onIngredient(suggestion)
                  : props.onAmount(suggestion, false)
              }
            >
              {problem.suggestion_texts[index]}
            </button>
          ))}
        </div>
      ))}
    </li>
  );
}
