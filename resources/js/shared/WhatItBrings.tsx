import type { Brings } from '../api/generated/documents';

/** What a change would bring into the sauce that was not in it, said before it is made. */
export function WhatItBrings({ brings }: { brings: Brings }) {
  return (
    <>
      {brings.allergens.length > 0 && (
        <p className="trouble">
          <strong>Brings {brings.allergens.join(', ')}</strong>, which was not in it.
        </p>
      )}
      {brings.check.length > 0 && <p className="trouble">May bring {brings.check.join(', ')}: check the label.</p>}
      {brings.other.map((each) => (
        <p key={each} className="trouble">
          {each}
        </p>
      ))}
    </>
  );
}
