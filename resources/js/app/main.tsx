import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import '@/shared/style/tokens.css';
import { nonce } from '@/shared/style/nonce';
import { AFTER } from './doors';
import { router } from './router';
import { keptScheme, showScheme } from './scheme';
import { theme } from './theme';
import { Refused } from '@/shared/api';

// The library's styles stand first, so that a component's own sheet has the last word.
const cache = createCache({ key: 'cx', nonce, prepend: true });
const queries = new QueryClient({
  defaultOptions: { queries: { staleTime: 5_000, retry: (count, fault) => !(fault instanceof Refused) && count < 2 } },
});

showScheme(keptScheme());
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <CacheProvider value={cache}>
        <ThemeProvider theme={theme}>
          <QueryClientProvider client={queries}>
            <RouterProvider router={router} />
          </QueryClientProvider>
        </ThemeProvider>
      </CacheProvider>
    </StrictMode>,
  );
}

// The grid is large and comes with the first room that has one; it is fetched before, once the first room stands.
window.addEventListener('load', () => {
  setTimeout(() => void import('@/shared/ui/grid'), AFTER);
});
