import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { Bench } from './bench/Bench';
import { LastOpened } from './bench/LastOpened';
import { Pantry } from './pantry/Pantry';
import { Shelf } from './shelf/Shelf';

const BatchScreen = lazy(() => import('./batch/BatchScreen').then(({ BatchScreen }) => ({ default: BatchScreen })));
const Card = lazy(() => import('./batch/Card').then(({ Card }) => ({ default: Card })));
const ShoppingList = lazy(() => import('./batch/ShoppingList').then(({ ShoppingList }) => ({ default: ShoppingList })));
const Styles = lazy(() => import('./styles/Styles').then(({ Styles }) => ({ default: Styles })));
const How = lazy(() => import('./how/How').then(({ How }) => ({ default: How })));

export function App() {
  return (
    <Routes>
      <Route path="/" element={<Navigate to="/shelf" replace />} />
      <Route path="/shelf" element={<Shelf />} />
      <Route path="/bench" element={<LastOpened />} />
      <Route path="/bench/:id" element={<Bench />} />
      <Route path="/batch" element={<LastOpened screen="batch" />} />
      <Route
        path="/batch/:id"
        element={
          <Suspense fallback={null}>
            <BatchScreen />
          </Suspense>
        }
      />
      <Route
        path="/card/:id"
        element={
          <Suspense fallback={null}>
            <Card />
          </Suspense>
        }
      />
      <Route
        path="/shopping"
        element={
          <Suspense fallback={null}>
            <ShoppingList />
          </Suspense>
        }
      />
      <Route path="/pantry" element={<Pantry />} />
      <Route
        path="/styles"
        element={
          <Suspense fallback={null}>
            <Styles />
          </Suspense>
        }
      />
      <Route
        path="/how"
        element={
          <Suspense fallback={null}>
            <How />
          </Suspense>
        }
      />
      <Route path="*" element={<Navigate to="/shelf" replace />} />
    </Routes>
  );
}
