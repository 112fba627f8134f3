import { type ReactNode, Suspense, useEffect, useRef, useState } from 'react';
import { NavLink } from 'react-router';
import { later, useSoon } from './later';
import { useRecipeOnScreen } from './onScreen';

const find = later(async () => (await import('./Find')).Find);

/**
 * The bar across the top. It names only screens that exist; Bench and Batch are those of the recipe that is on the
 * screen.
 */
export function TopBar({ children }: { children?: ReactNode }) {
  const recipe = useRecipeOnScreen();
  const of = recipe === null ? '' : `/${recipe}`;
  const [isFinding, setFinding] = useState(false);
  const magnifier = useRef<HTMLButtonElement>(null);
  useSoon(find);
  // back to where it was opened, once the page may be touched again
  const wasFinding = useRef(false);
  useEffect(() => {
    if (wasFinding.current && !isFinding) magnifier.current?.focus();
    wasFinding.current = isFinding;
  }, [isFinding]);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setFinding(true);
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);
  return (
    <header className="topbar">
      <span className="wordmark">Vinculum</span>
      <nav aria-label="Screens">
        <NavLink to="/shelf">Shelf</NavLink>
        <NavLink to={`/bench${of}`}>Bench</NavLink>
        <NavLink to={`/batch${of}`}>Batch</NavLink>
        <NavLink to="/when">When</NavLink>
        <NavLink to="/stove">Stove</NavLink>
        <NavLink to="/log">Log</NavLink>
        <NavLink to="/pantry">Pantry</NavLink>
      </nav>
      <button
        ref={magnifier}
        type="button"
        className="find-open"
        aria-label="Find"
        title="Find (Ctrl K)"
        onClick={() => setFinding(true)}
      >
        <svg viewBox="0 0 24 24" width="22" height="22" aria-hidden="true">
          <circle cx="10" cy="10" r="6.5" fill="none" stroke="currentColor" strokeWidth="2.5" />
          <path d="M15 15l6 6" stroke="currentColor" strokeWidth="3" strokeLinecap="round" />
        </svg>
      </button>
      {children !== undefined && <div className="topbar-end">{children}</div>}
      {isFinding && (
        <Suspense fallback={null}>
          <find.Shown recipe={recipe ?? ''} onClose={() => setFinding(false)} />
        </Suspense>
      )}
    </header>
  );
}
