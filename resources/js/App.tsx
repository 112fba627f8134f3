import { lazy, Suspense, useEffect } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { Bench } from './bench/Bench';
import { LastOpened } from './bench/LastOpened';
import { sendHeld } from './bench/unkept';
import { Shelf } from './shelf/Shelf';

const BatchScreen = lazy(() => import('./batch/BatchScreen').then(({ BatchScreen }) => ({ default: BatchScreen })));
const BeginScreen = lazy(() => import('./begin/BeginScreen').then(({ BeginScreen }) => ({ default: BeginScreen })));
const Card = lazy(() => import('./batch/Card').then(({ Card }) => ({ default: Card })));
const How = lazy(() => import('./how/How').then(({ How }) => ({ default: How })));
const Keys = lazy(() => import('./how/Keys').then(({ Keys }) => ({ default: Keys })));
const Pantry = lazy(() => import('./pantry/Pantry').then(({ Pantry }) => ({ default: Pantry })));
const Labels = lazy(() => import('./log/Labels').then(({ Labels }) => ({ default: Labels })));
const LogScreen = lazy(() => import('./log/LogScreen').then(({ LogScreen }) => ({ default: LogScreen })));
const PotScreen = lazy(() => import('./pot/PotScreen').then(({ PotScreen }) => ({ default: PotScreen })));
const ShoppingList = lazy(() => import('./batch/ShoppingList').then(({ ShoppingList }) => ({ default: ShoppingList })));
const StoveScreen = lazy(() => import('./stove/StoveScreen').then(({ StoveScreen }) => ({ default: StoveScreen })));
const TrialsScreen = lazy(() => import('./log/TrialsScreen').then(({ TrialsScreen }) => ({ default: TrialsScreen })));
const WhenScreen = lazy(() => import('./when/WhenScreen').then(({ WhenScreen }) => ({ default: WhenScreen })));
const Styles = lazy(() => import('./styles/Styles').then(({ Styles }) => ({ default: Styles })));

const sendMs = 5000;

/** The Shelf and the Bench come at once: a maker lands on one of them. The other screens come when first asked for. */
export function App() {
  useEffect(() => {
    void sendHeld();
    const timer = setInterval(() => void sendHeld(), sendMs);
    return () => clearInterval(timer);
  }, []);
  return (
    <Suspense fallback={null}>
      <Routes>
        <Route path="/" element={<Navigate to="/shelf" replace />} />
        <Route path="/shelf" element={<Shelf />} />
        <Route path="/bench" element={<LastOpened />} />
        <Route path="/bench/:id" element={<Bench />} />
        <Route path="/batch" element={<LastOpened screen="batch" />} />
        <Route path="/batch/:id" element={<BatchScreen />} />
        <Route path="/card/:id" element={<Card />} />
        <Route path="/begin" element={<BeginScreen />} />
        <Route path="/pot" element={<PotScreen />} />
        <Route path="/log" element={<LogScreen />} />
        <Route path="/log/:id" element={<LogScreen />} />
        <Route path="/trials/:id" element={<TrialsScreen />} />
        <Route path="/labels/:id" element={<Labels />} />
        <Route path="/stove" element={<StoveScreen />} />
        <Route path="/stove/:id" element={<StoveScreen />} />
        <Route path="/when" element={<WhenScreen />} />
        <Route path="/shopping" element={<ShoppingList />} />
        <Route path="/pantry" element={<Pantry />} />
        <Route path="/styles" element={<Styles />} />
        <Route path="/how" element={<How />} />
        <Route path="/keys" element={<Keys />} />
        <Route path="*" element={<Navigate to="/shelf" replace />} />
      </Routes>
    </Suspense>
  );
}
