/** Pages that are not needed for the first sight of the application, each as the router loads it. */
export const LATER_PAGES = {
  jobLayout: async () => ({ Component: (await import('./JobLayout.tsx')).JobLayout }),
  job: async () => ({ Component: (await import('./JobPage.tsx')).JobPage }),
  workshop: async () => ({ Component: (await import('./WorkshopPage.tsx')).WorkshopPage }),
  bookIn: async () => ({ Component: (await import('./BookInPage.tsx')).BookInPage }),
  bench: async () => ({ Component: (await import('./BenchPage.tsx')).BenchPage }),
  pack: async () => ({ Component: (await import('./PackPage.tsx')).PackPage }),
  packInPlace: async () => ({ Component: (await import('./PackInPlacePage.tsx')).PackInPlacePage }),
  plan: async () => ({ Component: (await import('./PlanPage.tsx')).PlanPage }),
  step: async () => ({ Component: (await import('./StepPage.tsx')).StepPage }),
  describe: async () => ({ Component: (await import('./DescribePage.tsx')).DescribePage }),
  fits: async () => ({ Component: (await import('./FitsPage.tsx')).FitsPage }),
  heat: async () => ({ Component: (await import('./HeatPage.tsx')).HeatPage }),
  log: async () => ({ Component: (await import('./LogPage.tsx')).LogPage }),
} as const;
