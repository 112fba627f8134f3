import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useRecipeOnScreen } from './onScreen';

/**
 * The bar across the top. It names only screens that exist; Bench and Batch are those of the recipe that is on the
 * screen.
 */
export function TopBar({ children }: { children?: ReactNode }) {
  const recipe = useRecipeOnScreen();
  const of = recipe === null ? '' : `/${recipe}`;
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
      <div className="topbar-end">{children}</div>
    </header>
  );
}
