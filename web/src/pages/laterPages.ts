import { laterPage } from './laterPage.tsx';

/** Pages that are not needed for the first sight of the application. */
export const LATER_PAGES = {
  JobLayout: laterPage(async () => (await import('./JobLayout.tsx')).JobLayout),
  JobPage: laterPage(async () => (await import('./JobPage.tsx')).JobPage),
  WorkshopPage: laterPage(async () => (await import('./WorkshopPage.tsx')).WorkshopPage),
  BookInPage: laterPage(async () => (await import('./BookInPage.tsx')).BookInPage),
  BenchPage: laterPage(async () => (await import('./BenchPage.tsx')).BenchPage),
  PackPage: laterPage(async () => (await import('./PackPage.tsx')).PackPage),
  PackInPlacePage: laterPage(async () => (await import('./PackInPlacePage.tsx')).PackInPlacePage),
  PairPacksPage: laterPage(async () => (await import('./PairPacksPage.tsx')).PairPacksPage),
  PairPage: laterPage(async () => (await import('./PairPage.tsx')).PairPage),
  PlanPage: laterPage(async () => (await import('./PlanPage.tsx')).PlanPage),
  SheetPage: laterPage(async () => (await import('./SheetPage.tsx')).SheetPage),
  StepPage: laterPage(async () => (await import('./StepPage.tsx')).StepPage),
  DescribePage: laterPage(async () => (await import('./DescribePage.tsx')).DescribePage),
  FitsPage: laterPage(async () => (await import('./FitsPage.tsx')).FitsPage),
  HeatPage: laterPage(async () => (await import('./HeatPage.tsx')).HeatPage),
  LogPage: laterPage(async () => (await import('./LogPage.tsx')).LogPage),
} as const;
