import { Button } from '../ui/Button.tsx';
import { PageNotice } from '../ui/PageNotice.tsx';

/** What is said in the place of a page, and the way to try it again. */
function InPlaceOfPage({ title, words }: { readonly title: string; readonly words: string }) {
  return (
    <PageNotice tone="warn" title={title}>
      <p className="mt-0">{words}</p>
      <Button kind="main" onClick={() => window.location.reload()}>
        Try again
      </Button>
    </PageNotice>
  );
}

/** A page that could not be fetched or shown. Nothing that was recorded is touched by it. */
export function PageFailed() {
  return (
    <InPlaceOfPage
      title="This page cannot be shown"
      words="The server may be out of reach. What you recorded is kept in this browser and goes up when it answers."
    />
  );
}

/** A page of a job that cannot be shown. The frame above it stands: undo, the other pages, the log and its export. */
export function JobPageFailed() {
  return (
    <InPlaceOfPage
      title="This page of the job cannot be shown"
      words="Something that was recorded cannot be worked out. Undo takes back what was entered last; the unit and the logbook are on their own pages. Nothing is lost."
    />
  );
}
