import express, { Router } from 'express';
import staticGzip from 'express-static-gzip';

/** Addresses of the application itself; it draws its own page for them. */
const PAGES = /^\/(?:$|workshop$|fits$|book-in$|jobs\/[^/]+(?:\/.*)?$)/u;
const A_YEAR = '1y';

/**
 * The built pages. What is built has a name that follows from its contents and is kept by the browser for good; the page
 * itself is asked for each time. What is not there is answered so: a missing script is no page.
 */
export function pageRoutes(folder: string): Router {
  const router = Router();
  const own = { index: false, redirect: false } as const;
  router.use(
    '/assets',
    staticGzip(`${folder}/assets`, {
      index: false,
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { ...own, immutable: true, maxAge: A_YEAR },
    }),
    (_request, response) =>
      void response.status(404).type('text/plain').send('There is no such file.\n'),
  );
  router.use(express.static(folder, { ...own, maxAge: '1h' }));
  router.get('/{*path}', (request, response) => {
    response.status(PAGES.test(request.path) ? 200 : 404);
    response.set('cache-control', 'no-cache');
    response.sendFile('index.html', { root: folder });
  });
  return router;
}
