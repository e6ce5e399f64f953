import { Suspense } from 'react';
import { Route, Routes } from 'react-router';

import { Boundary } from './Boundary.tsx';
import { JobsPage } from './JobsPage.tsx';
import { LATER_PAGES as Later } from './laterPages.ts';
import { NotFoundPage } from './NotFoundPage.tsx';
import { JobPageFailed, PageFailed } from './PageFailed.tsx';
import { Shell } from './Shell.tsx';

/** The pages by their addresses. */
export function Pages() {
  return (
    <Suspense>
      <Routes>
        <Route element={<Boundary failed={<PageFailed />} />}>
          <Route element={<Shell />}>
            <Route element={<Boundary failed={<PageFailed />} />}>
              <Route path="/" element={<JobsPage />} />
              <Route path="/workshop" element={<Later.WorkshopPage.Page />} />
              <Route path="/fits" element={<Later.FitsPage.Page />} />
              <Route path="/book-in" element={<Later.BookInPage.Page />} />
              <Route path="/jobs/:jobId" element={<Later.JobLayout.Page />}>
                {/* A page of a job that fails leaves the frame standing: what was entered last can be taken back there. */}
                <Route element={<Boundary failed={<JobPageFailed />} />}>
                  <Route index element={<Later.JobPage.Page />} />
                  <Route path="bench" element={<Later.BenchPage.Page />} />
                  <Route path="pack" element={<Later.PackPage.Page />} />
                  <Route path="pack-in-place" element={<Later.PackInPlacePage.Page />} />
                  <Route path="pair/:axisId" element={<Later.PairPage.Page />} />
                  <Route path="pair/:axisId/packs" element={<Later.PairPacksPage.Page />} />
                  <Route path="plan" element={<Later.PlanPage.Page />} />
                  <Route path="sheet" element={<Later.SheetPage.Page />} />
                  <Route path="step" element={<Later.StepPage.Page />} />
                  <Route path="step/:stepId" element={<Later.StepPage.Page />} />
                  <Route path="describe" element={<Later.DescribePage.Page />} />
                  <Route path="heat" element={<Later.HeatPage.Page />} />
                  <Route path="log" element={<Later.LogPage.Page />} />
                </Route>
              </Route>
              <Route path="*" element={<NotFoundPage />} />
            </Route>
          </Route>
        </Route>
      </Routes>
    </Suspense>
  );
}
