import { useState } from 'react';
import type { AnalysisProblem, AnalysisTrouble, EvaluationBench, RecipeStage } from '../api/generated/documents';
import { endPoint } from '../shared/endPoint';
import { typedNumber } from '../shared/typedNumber';
import { setLoss } from './edits';
import type { Draft } from './useDraft';

interface Props {
  stage: RecipeStage;
  figures: EvaluationBench['stages'][number] | undefined;
  problems: AnalysisProblem[];
  troubles: AnalysisTrouble[];
  isOnly: boolean;
  isOpen: boolean;
  onOpen: () => void;
  edit: Draft['edit'];
}

/** A stage's name, what is done in it, and how far it is boiled down. */
export function StageHead({ stage, figures, problems, troubles, isOnly, isOpen, onOpen, edit }: Props) {
  const process = stage.process;
  const loss = process?.until && 'loss_percent' in process.until ? process.until.loss_percent : undefined;
  const [typed, setTyped] = useState<string | null>(null);
  const boils = process?.kind === 'simmer' || process?.kind === 'boil';
  const other = process?.until && loss === undefined ? process.until : null;
  const parts = [
    process?.kind ?? (isOnly ? 'only stirred' : 'stirred in'),
    process?.minutes ? `${process.minutes} min` : null,
    process?.lid ? 'lid on' : null,
    endPoint(other),
    stage.strain ? 'strained' : null,
  ]
    .filter(Boolean)
    .join(', ');
  const commit = () => {
    if (typed === null) return;
    edit(setLoss(stage.id ?? '', typedNumber(typed)));
    setTyped(null);
  };
  return (
    <>
      <div className="stage-head">
        <h2>
          <button type="button" aria-expanded={isOpen} onClick={onOpen}>
            {stage.name || 'Together'}
          </button>
        </h2>
        <span className="quiet">
          {parts}
          {boils && other === null && (
            <>
              , down by{' '}
              <input
                className="loss"
                inputMode="decimal"
                aria-label={`${stage.name || 'Stage'}: per cent boiled off`}
                title={figures?.text}
                placeholder="0"
                value={typed ?? loss ?? ''}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={commit}
                onKeyDown={(event) => {
                  if (event.key === 'Enter') commit();
                  if (event.key === 'Escape') setTyped(null);
                }}
              />{' '}
              %
            </>
          )}
        </span>
      </div>
      {problems.map((problem) => (
        <p key={problem.code} className="trouble" role="alert">
          {problem.text}
        </p>
      ))}
      {troubles.map((trouble) => (
        <p key={trouble.code} className="goes-wrong">
          {trouble.text}{' '}
          {!isOpen && (
            <button type="button" className="plain" onClick={onOpen}>
              What helps
            </button>
          )}
        </p>
      ))}
    </>
  );
}
