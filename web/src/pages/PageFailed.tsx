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

/** A page of a job that cannot be shown. The frame above it stands: undo, the other pages, the log and its export. */
export function JobPageFailed() {
  return (
    <main className="mx-auto w-full max-w-3xl p-6">
      <Notice tone="warn" title="This page of the job cannot be shown">
        <p className="mt-0">
          Something that was recorded cannot be worked out. Undo takes back what was entered last;
          the unit and the logbook are on their own pages. Nothing is lost.
        </p>
        <Button kind="main" onClick={() => window.location.reload()}>
          Try again
        </Button>
      </Notice>
    </main>
  );
}
