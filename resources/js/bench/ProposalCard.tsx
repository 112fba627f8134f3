import { WhatItBrings } from '../shared/WhatItBrings';
import type { Proposal } from './useAdjusting';

interface Props {
  proposal: Proposal;
  inPot: boolean;
  isShown: boolean;
  /** It answers an earlier question, and cannot be applied. */
  isStale: boolean;
  onShow: () => void;
  onPoint: (on: boolean) => void;
  onApply: (half: boolean) => void;
  onVariant: () => void;
}

/**
 * One way to go about it, in two lines: what to do, what it costs and makes; then the buttons that do it. Pointing
 * only previews.
 */
export function ProposalCard({ proposal, inPot, isShown, isStale, onShow, onPoint, onApply, onVariant }: Props) {
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: pointing is a shortcut; the button does the same
    <div
      className={`proposal${isShown ? ' shown' : ''}`}
      onMouseEnter={() => onPoint(true)}
      onMouseLeave={() => onPoint(false)}
    >
      <button type="button" className="proposal-words" aria-pressed={isShown} onClick={onShow}>
        {proposal.words}
      </button>
      {proposal.lines.length > 0 && (
        <ul className="changes">
          {proposal.lines.map((line) => (
            <li key={line.name + line.before}>
              <span>{line.name}</span>
              <span className="quiet">{line.before} →</span>
              <strong>{line.after}</strong>
              {isShown && line.why !== '' && <small className="quiet why">{line.why}</small>}
            </li>
          ))}
        </ul>
      )}
      {proposal.hands.length > 0 && (
        <ol className="hands">
          {proposal.hands.map((hand) => (
            <li key={hand}>{hand}</li>
          ))}
        </ol>
      )}
      <p>
        {proposal.cost}
        {proposal.makes !== '' && (
          <>
            <br />
            <span className="quiet">{proposal.makes}</span>
          </>
        )}
      </p>
      <WhatItBrings brings={proposal.brings} />
      {proposal.cautions.map((caution) => (
        <p key={caution} className="caution note">
          {caution}
        </p>
      ))}
      {isShown && proposal.makes !== '' && (
        <div className="proposal-do">
          <button type="button" className="do" disabled={isStale} onClick={() => onApply(false)}>
            {inPot ? 'Add it' : 'Apply it'}
          </button>
          {proposal.half !== null && (
            <button type="button" className="action" disabled={isStale} onClick={() => onApply(true)}>
              Half of it first, then taste
            </button>
          )}
          <button type="button" className="plain" disabled={isStale} onClick={onVariant}>
            Save as a second recipe
          </button>
        </div>
      )}
      {isShown && proposal.note !== '' && <p className="note">{proposal.note}</p>}
    </div>
  );
}
