import { Suspense, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Evaluation, Recipe } from '../api/generated/documents';
import { later, useSoon } from '../shared/later';
import { measuringSets } from '../shared/measuringSets';
import { useStyles } from '../shared/useStyles';
import { AddLine } from './AddLine';
import { BatchSize } from './BatchSize';
import {
  addLine,
  addLines,
  addStage,
  dropLine,
  freshId,
  moveLine,
  removeLine,
  setAmount,
  setIngredient,
  setLock,
  setMeasures,
  setName,
  setStyle,
} from './edits';
import { dragged, LineRow } from './LineRow';
import { isAt, type Looking } from './looking';
import { StageHead } from './StageHead';
import type { Draft } from './useDraft';
import { WhereItGoes } from './WhereItGoes';

const pasteList = later(async () => (await import('./PasteList')).PasteList);

interface Props {
  draft: Draft;
  evaluation: Evaluation | null;
  looking: Looking;
  lit: string | null;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
}

/** The recipe: stages and lines, amounts typed in place in any unit. */
export function RecipePanel({ draft, evaluation, looking, lit, onLook, onPoint }: Props) {
  const { recipe, edit } = draft;
  const styles = useStyles();
  const [name, setTypedName] = useState<string | null>(null);
  useSoon(pasteList);
  const [isPasting, setPasting] = useState(false);
  const added = useRef<string | null>(null);
  const lines = new Map(evaluation?.bench.lines.map((line) => [line.id, line]));
  const stages = new Map(evaluation?.bench.stages.map((stage) => [stage.id, stage]));
  const problems = evaluation?.analysis.problems ?? [];
  const troubles = evaluation?.analysis.troubles ?? [];
  const names = new Map(evaluation?.bench.lines.map((line) => [line.id, line.short_name]));
  const room = evaluation?.bench.room;
  const largest = Math.max(0.0001, ...(evaluation?.bench.lines.map((line) => line.share) ?? []));

  return (
    <section className="panel recipe" aria-label="The recipe">
      <h1 className="unseen">{recipe.name}</h1>
      <textarea
        className="title"
        aria-label="Name of the recipe"
        rows={1}
        value={name ?? recipe.name}
        maxLength={120}
        onChange={(event) => setTypedName(event.target.value.replaceAll('\n', ' '))}
        onBlur={() => {
          if (name !== null && name.trim() !== '') edit(setName(name.trim()));
          setTypedName(null);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
        }}
      />
      <div className="recipe-head">
        <select
          aria-label="Style"
          value={typeof recipe.style === 'string' ? recipe.style : ''}
          onChange={(event) => edit(setStyle(event.target.value === '' ? null : event.target.value))}
        >
          <option value="">no style</option>
          {styles.families.map(([family, members]) => (
            <optgroup key={family} label={family}>
              {members.map((style) => (
                <option key={style.slug} value={style.slug}>
                  {style.name}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
        <Link to="/styles" className="quiet styles-link">
          Styles
        </Link>
        <select
          aria-label="Cups and spoons"
          value={recipe.measures ?? 'us'}
          onChange={(event) => edit(setMeasures(event.target.value as NonNullable<Recipe['measures']>))}
        >
          {measuringSets.map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </select>
      </div>
      <WhereItGoes />
      {problems
        .filter((problem) => problem.at === 'style')
        .map((problem) => (
          <p key={problem.text} className="trouble">
            {problem.text}
          </p>
        ))}
      {evaluation?.bench.in_parts && <BatchSize draft={draft} />}
      <div className="lines">
        {recipe.stages.map((stage, index) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: a place to drop; the keys are Alt and an arrow on a line
          <div
            key={stage.id ?? index}
            className="stage"
            onDragOver={(event) => event.dataTransfer.types.includes(dragged) && event.preventDefault()}
            onDrop={(event) => {
              event.preventDefault();
              edit(dropLine(event.dataTransfer.getData(dragged), stage.id ?? '', null));
            }}
          >
            <StageHead
              stage={stage}
              figures={stages.get(stage.id ?? '')}
              problems={problems.filter((problem) => problem.at === stage.id)}
              troubles={troubles.filter((trouble) => trouble.stage === stage.id)}
              isOnly={recipe.stages.length === 1}
              isOpen={isAt(looking, 'stage', stage.id)}
              onOpen={() => onLook(isAt(looking, 'stage', stage.id) ? null : { at: 'stage', id: stage.id ?? '' })}
              edit={edit}
            />
            <ul>
              {(stage.lines ?? []).map((line) => {
                const id = line.id ?? '';
                return (
                  <LineRow
                    key={id}
                    line={line}
                    figures={lines.get(id)}
                    largestShare={largest}
                    tiedTo={line.tie ? names.get(line.tie.line) : undefined}
                    problems={problems.filter((problem) => problem.at === id)}
                    isLit={lit === id}
                    isOpen={isAt(looking, 'line', id)}
                    takesFocus={added.current === id}
                    onFocusTaken={() => {
                      added.current = null;
                    }}
                    onAmount={(amount, merge) => edit(setAmount(id, amount), merge ? `nudge ${id}` : undefined)}
                    onIngredient={(slug) => edit(setIngredient(id, slug))}
                    onLock={() => edit(setLock(id, !line.lock))}
                    onMove={(by) => edit(moveLine(id, by))}
                    onRemove={() => {
                      edit(removeLine(id));
                      onLook(null);
                      onPoint(null);
                    }}
                    onOpen={() => onLook(isAt(looking, 'line', id) ? null : { at: 'line', id })}
                    onPoint={(on) => onPoint(on ? id : null)}
                    onDropBefore={(other) => edit(dropLine(other, stage.id ?? '', id))}
                  />
                );
              })}
            </ul>
          </div>
        ))}
        <div className="add-row">
          {room?.lines_left !== 0 && (
            <>
              <AddLine
                measures={recipe.measures ?? 'us'}
                onRead={(lines) => edit(addLines(lines))}
                onAdd={(ingredient, amount) => {
                  const id = freshId(recipe, 'l');
                  added.current = id;
                  edit(addLine({ id, ingredient, amount }));
                }}
              />
              <button type="button" className="plain" onClick={() => setPasting(true)}>
                Paste a whole list
              </button>
            </>
          )}
          <button
            type="button"
            className="plain"
            onClick={() => {
              const id = freshId(recipe, 's');
              edit(addStage(id));
              onLook({ at: 'stage', id: id });
            }}
          >
            Add a stage
          </button>
        </div>
        {room?.is_few && (
          <p className="quiet room" aria-live="polite">
            {room.text}
          </p>
        )}
        {isPasting && (
          <Suspense fallback={null}>
            <pasteList.Shown draft={draft} room={room} onClose={() => setPasting(false)} />
          </Suspense>
        )}
      </div>
    </section>
  );
}
