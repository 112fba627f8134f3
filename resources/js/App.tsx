import { Navigate, Route, Routes } from 'react-router';
import { Bench } from './bench/Bench';
import { LastOpened } from './bench/LastOpened';
import { Pantry } from './pantry/Pantry';
import { Shelf } from './shelf/Shelf';

export function App() {
  return (
    <Routes>
      <Route path="/" element={<Navigate to="/shelf" replace />} />
      <Route path="/shelf" element={<Shelf />} />
      <Route path="/bench" element={<LastOpened />} />
      <Route path="/bench/:id" element={<Bench />} />
      <Route path="/pantry" element={<Pantry />} />
      <Route path="*" element={<Navigate to="/shelf" replace />} />
    </Routes>
  );
}
