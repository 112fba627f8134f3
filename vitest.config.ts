import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

/** The front end's own tests: in a page without a browser. */
export default defineConfig({
  plugins: [react()],
  test: { environment: 'happy-dom', include: ['tests/Front/**/*.test.{ts,tsx}'], restoreMocks: true },
});
