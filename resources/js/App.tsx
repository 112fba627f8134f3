import { Suspense, useEffect } from 'react';
import { matchRoutes, Navigate, type RouteObject, useRoutes } from 'react-router';
import { LastOpened } from './bench/LastOpened';
import { sendHeld } from './bench/unkept';
import { type Later, later, useSoon } from './shared/later';
import { Shelf } from './shelf/Shelf';

const screens = {
  batch: later(async () => (await import('./batch/BatchScreen')).BatchScreen),
  bench: later(async () => (await import('./bench/Bench')).Bench),
  begin: later(async () => (await import('./begin/BeginScreen')).BeginScreen),
  card: later(async () => (await import('./batch/Card')).Card),
  how: later(async () => (await import('./how/How')).How),
  keys: later(async () => (await import('./how/Keys')).Keys),
  labels: later(async () => (await import('./log/Labels')).Labels),
  log: later(async () => (await import('./log/LogScreen')).LogScreen),
  pantry: later(async () => (await import('./pantry/Pantry')).Pantry),
  pot: later(async () => (await import('./pot/PotScreen')).PotScreen),
  shopping: later(async () => (await import('./batch/ShoppingList')).ShoppingList),
  stove: later(async () => (await import('./stove/StoveScreen')).StoveScreen),
  styles: later(async () => (await import('./styles/Styles')).Styles),
  trials: later(async () => (await import('./log/book/BookScreen')).BookScreen),
  when: later(async () => (await import('./when/WhenScreen')).WhenScreen),
};

/** Where a screen that comes later is found. */
function at(path: string, { Shown, load }: Later<object>): RouteObject {
  return { path, element: <Shown />, handle: load };
}

const routes: RouteObject[] = [
  { path: '/', element: <Navigate to="/shelf" replace /> },
  // a maker lands on the Shelf: it comes at once, and the Bench is sent for while it is read
  { path: '/shelf', element: <Shelf /> },
  { path: '/bench', element: <LastOpened />, handle: screens.bench.load },
  at('/bench/:id', screens.bench),
  { path: '/batch', element: <LastOpened screen="batch" /> },
  at('/batch/:id', screens.batch),
  at('/card/:id', screens.card),
  at('/begin', screens.begin),
  at('/pot', screens.pot),
  at('/log', screens.log),
  at('/log/:id', screens.log),
  at('/trials/:id', screens.trials),
  at('/labels/:id', screens.labels),
  at('/stove', screens.stove),
  at('/stove/:id', screens.stove),
  at('/when', screens.when),
  at('/shopping', screens.shopping),
  at('/pantry', screens.pantry),
  at('/styles', screens.styles),
  at('/how', screens.how),
  at('/keys', screens.keys),
  { path: '*', element: <Navigate to="/shelf" replace /> },
];

/**
 * Fetches the screen the address asks for before anything is drawn. Drawn without it, the page would be blank first,
 * and React holds back for 300 ms what comes after a blank.
 */
export async function screenAhead(): Promise<void> {
  const load: unknown = matchRoutes(routes, location)?.at(-1)?.route.handle;
  if (typeof load === 'function') await load();
}

const sendMs = 5000;

export function App() {
  useSoon(screens.bench);
  useEffect(() => {
    void sendHeld();
    const timer = setInterval(() => void sendHeld(), sendMs);
    return () => clearInterval(timer);
  }, []);
  return <Suspense fallback={null}>{useRoutes(routes)}</Suspense>;
}
