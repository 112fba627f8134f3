import type { ReactNode } from 'react';
import { NavLink } from 'react-router';

/** The bar across the top. It names only screens that exist. */
export function TopBar({ children }: { children?: ReactNode }) {
  return (
    <header className="topbar">
      <span className="wordmark">Vinculum</span>
      <nav aria-label="Screens">
        <NavLink to="/shelf">Shelf</NavLink>
        <NavLink to="/bench">Bench</NavLink>
        <NavLink to="/batch">Batch</NavLink>
        <NavLink to="/stove">Stove</NavLink>
        <NavLink to="/log">Log</NavLink>
        <NavLink to="/pantry">Pantry</NavLink>
      </nav>
      <div className="topbar-end">{children}</div>
    </header>
  );
}
