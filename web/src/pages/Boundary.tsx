import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Outlet, useLocation, useOutletContext } from 'react-router';

/**
 * The pages of a route, with what is said in place of one that fails: another page is tried anew, and so is this one
 * when what it shows has changed.
 */
export function Boundary({ failed }: { readonly failed: ReactNode }) {
  const { key } = useLocation();
  const context: unknown = useOutletContext();
  return (
    <ErrorBoundary fallback={failed} resetKeys={[key, context]}>
      <Outlet context={context} />
    </ErrorBoundary>
  );
}
