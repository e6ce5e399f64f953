import './styles/theme.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';

import { JobsPage } from './pages/JobsPage.tsx';
import { fetchLater } from './pages/fetchLater.ts';
import { LATER_PAGES } from './pages/laterPages.ts';
import { NotFoundPage } from './pages/NotFoundPage.tsx';
import { JobPageFailed, PageFailed } from './pages/PageFailed.tsx';
import { Shell } from './pages/Shell.tsx';
import { browserStreams } from './stores/stream/index.ts';

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <PageFailed />,
    children: [
      { path: '/', element: <JobsPage /> },
      { path: '/workshop', lazy: LATER_PAGES.workshop },
      { path: '/fits', lazy: LATER_PAGES.fits },
      { path: '/book-in', lazy: LATER_PAGES.bookIn },
      {
        path: '/jobs/:jobId',
        lazy: LATER_PAGES.jobLayout,
        children: [
          // A page of a job that fails leaves the frame standing: what was entered last can be taken back there.
          {
            errorElement: <JobPageFailed />,
            children: [
              { index: true, lazy: LATER_PAGES.job },
              { path: 'bench', lazy: LATER_PAGES.bench },
              { path: 'pack', lazy: LATER_PAGES.pack },
              { path: 'pack-in-place', lazy: LATER_PAGES.packInPlace },
              { path: 'plan', lazy: LATER_PAGES.plan },
              { path: 'step', lazy: LATER_PAGES.step },
              { path: 'step/:stepId', lazy: LATER_PAGES.step },
              { path: 'describe', lazy: LATER_PAGES.describe },
              { path: 'heat', lazy: LATER_PAGES.heat },
              { path: 'log', lazy: LATER_PAGES.log },
            ],
          },
        ],
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
const queries = new QueryClient({ defaultOptions: { queries: { networkMode: 'always' } } });

void browserStreams().client.sendLeftovers();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
fetchLater(queries);
