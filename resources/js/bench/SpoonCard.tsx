import { type KeyboardEvent, useEffect, useRef } from 'react';
import type { Evaluation } from '../api/generated/documents';
import { hasDigitShortcuts } from '../shared/useDigitShortcuts';
import type { Feel, Trouble } from './adjusting';
import { ProposalCard } from './ProposalCard';
import { SpoonRow } from './SpoonRow';
import type { Adjusting } from './useAdjusting';
import type { Draft } from './useDraft';
import { WhereItGoes } from './WhereItGoes';

interface Props {
  adjusting: Adjusting;
  draft: Draft;
  evaluation: Evaluation;
  onApply: (index: number, half: boolean) => void;
  onVariant: (index: number) => void;
  onForSomebody: () => void;
}

const tastes: [Feel, string, string][] = [
  ['sweet', 'Sweet', '1'],
  ['sour', 'Sour', '2'],
  ['salty', 'Salty', '3'],
  ['umami', 'Umami', '4'],
  ['hot', 'Heat', '5'],
];
const bodies: [Feel, string, string][] = [
  ['thick', 'Thick', '6'],
  ['rich', 'Rich', '7'],
];

/** What a pot looks like when it has gone wrong. */
const troubles: [Trouble, string][] = [
  ['split', 'split'],
  ['curdled', 'curdled'],
  ['lumpy', 'lumpy'],
  ['grainy', 'grainy'],
  ['too-firm', 'set too firm'],
  ['pasty', 'pasty'],
  ['thin-again', 'thin again'],
  ['oily', 'oily on top'],
  ['bitter', 'bitter'],
  ['burnt', 'burnt'],
];

/** What the spoon says, and what to do about it: on paper any amount may move, in the pot things can only be added. */
export function SpoonCard({ adjusting, draft, evaluation, onApply, onVariant, onForSomebody }: Props) {
  const rows = useRef<HTMLDivElement>(null);
  const inPot = adjusting.mode === 'pot';

  // a digit goes to its taste, from wherever no text is being typed
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      const at = event.target as HTMLElement;
      if (!hasDigitShortcuts() || event.ctrlKey || event.metaKey || event.altKey) return;
      if (at.isContentEditable || at.closest('input, select, textarea, [role=dialog]')) return;
      const row = rows.current?.querySelector<HTMLElement>(`[data-key="${event.key}"]`);
      if (row) {
        row.focus();
        event.preventDefault();
      }
    };
    // before anything is drawn anew by the same key
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);

  const onEnter = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && event.target === event.currentTarget && adjusting.proposals.length > 0) {
      event.preventDefault();
      if (adjusting.chosen === null) adjusting.choose(0);
      else onApply(adjusting.chosen, false);
    }
    if (event.key === 'Escape') adjusting.clear();
  };

  const row = ([feel, label, key]: [Feel, string, string]) => (
    <SpoonRow
      key={feel}
      feel={feel}
      label={label}
      digit={key}
      steps={adjusting.feels[feel] ?? 0}
      onSteps={(steps) => adjusting.feel(feel, steps)}
      onEnter={onEnter}
    />
  );

  return (
    <>
      <div className="panel-head">
        <h2>What the spoon says</h2>
      </div>
      <fieldset className="either">
        <legend className="unseen">Where to change it</legend>
        <button type="button" aria-pressed={!inPot} onClick={() => adjusting.setMode('paper')}>
          On paper
        </button>
        <button type="button" aria-pressed={inPot} onClick={() => adjusting.setMode('pot')}>
          In the pot
        </button>
      </fieldset>
      <div ref={rows} className="spoon-rows">
        {tastes.map(row)}
      </div>
      {inPot && (
        <label className="pot-trouble">
          It has gone
          <select
            value={adjusting.trouble ?? ''}
            onChange={(event) =>
              adjusting.setTrouble(event.target.value === '' ? null : (event.target.value as Trouble))
            }
          >
            <option value="">well, but for the taste</option>
            {troubles.map(([trouble, words]) => (
              <option key={trouble} value={trouble}>
                {words}
              </option>
            ))}
          </select>
        </label>
      )}
      {inPot ? (
        <details className="pot-state">
          <summary>Thick, rich, too much of one; how much there is</summary>
          <div className="spoon-rows">{bodies.map(row)}</div>
          <p className="quiet">
            Bitter, or all clove: no figure says it. Name the line that brings it under “Too much of”; sugar and salt
            hide some of it.
          </p>
          <label>
            In the pot
            <input
              value={adjusting.pot.in_pot}
              placeholder={evaluation.bench.makes.mass_text}
              maxLength={60}
              onChange={(event) => adjusting.setPot({ ...adjusting.pot, in_pot: event.target.value })}
            />
          </label>
          <label>
            Boiled off beyond the plan
            <input
              value={adjusting.pot.boiled_further}
              placeholder="0 g"
              maxLength={60}
              onChange={(event) => adjusting.setPot({ ...adjusting.pot, boiled_further: event.target.value })}
            />
          </label>
          <label>
            Tasted
            <select
              value={adjusting.pot.before_stage}
              onChange={(event) => adjusting.setPot({ ...adjusting.pot, before_stage: event.target.value })}
            >
              <option value="">when it was done</option>
              {draft.recipe.stages.map((stage) => (
                <option key={stage.id} value={stage.id}>
                  before: {stage.name || 'Together'}
                </option>
              ))}
            </select>
          </label>
          <label className="check">
            <input
              type="checkbox"
              checked={adjusting.pot.hot}
              onChange={(event) => adjusting.setPot({ ...adjusting.pot, hot: event.target.checked })}
            />
            tasted hot, eaten cold
          </label>
          <label>
            Too much of
            <select
              value={adjusting.much?.line ?? ''}
              onChange={(event) =>
                adjusting.setMuch(
                  event.target.value === '' ? null : { line: event.target.value, steps: adjusting.much?.steps ?? 2 },
                )
              }
            >
              <option value="">no one line</option>
              {evaluation.bench.lines.map((line) => (
                <option key={line.id} value={line.id}>
                  {line.short_name}
                </option>
              ))}
            </select>
          </label>
          {adjusting.much !== null && (
            <label>
              By how much
              <select
                value={adjusting.much.steps}
                onChange={(event) =>
                  adjusting.much && adjusting.setMuch({ ...adjusting.much, steps: Number(event.target.value) })
                }
              >
                <option value={1}>a little</option>
                <option value={2}>clearly</option>
                <option value={4}>far too much</option>
              </select>
            </label>
          )}
        </details>
      ) : (
        <div className="to-style">
          {evaluation.bench.style !== null && (
            <button type="button" className="plain" onClick={() => adjusting.ask({ by: 'style' })}>
              Bring it to {evaluation.bench.style.name.toLowerCase()}
            </button>
          )}
          <button type="button" className="plain" onClick={onForSomebody}>
            For somebody who does not eat …
          </button>
        </div>
      )}
      <div className="proposals" aria-live="polite" aria-busy={adjusting.isStale}>
        {adjusting.done !== '' && !adjusting.isAsking && <p className="done">{adjusting.done}</p>}
        {adjusting.error !== null && (
          <p className="trouble" role="alert">
            {adjusting.error}
          </p>
        )}
        {adjusting.note !== '' && <p className="note">{adjusting.note}</p>}
        {adjusting.proposals.map((proposal, index) => (
          <ProposalCard
            key={proposal.words + proposal.lines.map((line) => line.name + line.after).join()}
            proposal={proposal}
            inPot={inPot}
            isShown={adjusting.shown === proposal}
            isStale={adjusting.isStale}
            onShow={() => adjusting.choose(index)}
            onPoint={(on) => adjusting.point(on ? index : null)}
            onApply={(half) => onApply(index, half)}
            onVariant={() => onVariant(index)}
          />
        ))}
        {adjusting.whyNot.length > 0 && (
          <details className="why-not">
            <summary>Why nothing else that is to hand?</summary>
            <ul>
              {adjusting.whyNot.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          </details>
        )}
        {!adjusting.isAsking && adjusting.done === '' && (
          <p className="quiet note">
            {inPot
              ? 'Taste, and say what it should have more or less of. What is on hand is marked in the Pantry.'
              : 'Say what it should have more or less of, or drag a column to where it should stand.'}
          </p>
        )}
        {!adjusting.isAsking && adjusting.done === '' && <WhereItGoes />}
      </div>
    </>
  );
}
