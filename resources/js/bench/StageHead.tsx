import { useState } from 'react';
import type { AnalysisProblem, EvaluationBench, RecipeStage } from '../generated/documents';
import { setLoss } from './edits';
import type { Draft } from './useDraft';

interface Props {
  stage: RecipeStage;
  figures: EvaluationBench['stages'][number] | undefined;
  problems: AnalysisProblem[];
  isOnly: boolean;
  edit: Draft['edit'];
}

/** A stage's name, what is done in it, and how far it is boiled down. */
export function StageHead({ stage, figures, problems, isOnly, edit }: Props) {
  const process = stage.process;
  const loss = process?.until && 'loss_percent' in process.until ? process.until.loss_percent : undefined;
  const [typed, setTyped] = useState<string | null>(null);
  const boils = process?.kind === 'simmer' || process?.kind === 'boil';
  if (isOnly && !stage.name && !process) return null;
  const parts = [process?.kind, process?.minutes ? `${process.minutes} min` : null].filter(Boolean).join(', ');
  const commit = () => {
    if (typed === null) return;
    const percent = Number(typed.replace(',', '.'));
    if (typed.trim() === '') edit(setLoss(stage.id ?? '', null));
    else if (percent > 0 && percent < 100) edit(setLoss(stage.id ?? '', percent));
    setTyped(null);
  };
  return (
    <>
      <div className="stage-head">
        <h2>{stage.name || 'Together'}</h2>
        <span className="quiet">
          {parts}
          {boils && (
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
        <p key={problem.code} className={problem.code === 'not-computed-yet' ? 'quiet note' : 'trouble'}>
          {problem.text}
        </p>
      ))}
    </>
  );
}
