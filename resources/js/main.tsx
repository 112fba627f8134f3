import '@fontsource/zilla-slab/latin-600.css';
import '@fontsource/zilla-slab/latin-700.css';
import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '../css/app.css';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App, screenAhead } from './App';
import { openAhead } from './bench/opening';
import { theme } from './shared/theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const styles = createCache({ key: 'v', nonce, prepend: true });
const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });

const screen = document.getElementById('screen');
const draw = () => {
  if (screen === null) return;
  createRoot(screen).render(
    <StrictMode>
      <CacheProvider value={styles}>
        <ThemeProvider theme={theme}>
          <QueryClientProvider client={queries}>
            <BrowserRouter>
              <App />
            </BrowserRouter>
          </QueryClientProvider>
        </ThemeProvider>
      </CacheProvider>
    </StrictMode>,
  );
};
void Promise.allSettled([openAhead(queries), screenAhead()]).then(draw);

// on a phone's home screen it opens though the machine is off, and says so; where it may not, nothing is lost
navigator.serviceWorker?.register('/sw.js').catch(() => undefined);
