import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';

/** A page that could not be fetched or shown. Nothing that was recorded is touched by it. */
export function PageFailed() {
  return (
    <main className="mx-auto w-full max-w-3xl p-6">
      <Notice tone="warn" title="This page cannot be shown">
        <p className="mt-0">
          The server may be out of reach. What you recorded is kept in this browser and goes up when
          it answers.
        </p>
        <Button kind="main" onClick={() => window.location.reload()}>
          Try again
        </Button>
      </Notice>
    </main>
  );
}
