import './styles/theme.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';

import { BenchPage } from './pages/BenchPage.tsx';
import { BookInPage } from './pages/BookInPage.tsx';
import { JobLayout } from './pages/JobLayout.tsx';
import { JobPage } from './pages/JobPage.tsx';
import { JobsPage } from './pages/JobsPage.tsx';
import { LogPage } from './pages/LogPage.tsx';
import { NotFoundPage } from './pages/NotFoundPage.tsx';
import { PackInPlacePage } from './pages/PackInPlacePage.tsx';
import { PackPage } from './pages/PackPage.tsx';
import { Shell } from './pages/Shell.tsx';
import { WorkshopPage } from './pages/WorkshopPage.tsx';
import { sendLeftovers } from './stores/jobSync.ts';

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <JobsPage /> },
      { path: '/workshop', element: <WorkshopPage /> },
      { path: '/book-in', element: <BookInPage /> },
      {
        path: '/jobs/:jobId',
        element: <JobLayout />,
        children: [
          { index: true, element: <JobPage /> },
          { path: 'bench', element: <BenchPage /> },
          { path: 'pack', element: <PackPage /> },
          { path: 'pack-in-place', element: <PackInPlacePage /> },
          { path: 'log', element: <LogPage /> },
        ],
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
const queries = new QueryClient({ defaultOptions: { queries: { networkMode: 'always' } } });

void sendLeftovers();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
