import './styles/theme.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';

import { fetchLater } from './pages/fetchLater.ts';
import { Pages } from './pages/Pages.tsx';
import { browserStreams } from './stores/stream/index.ts';

const queries = new QueryClient({ defaultOptions: { queries: { networkMode: 'always' } } });

void browserStreams().client.sendLeftovers();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Pages />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
fetchLater(queries);
