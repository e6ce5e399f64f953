import { Link } from 'react-router';

import { Notice } from '../ui/Notice.tsx';
import { Main } from '../ui/Main.tsx';

/** A page of a job that has nothing to do now, with the way to what has. */
export function NotNow({ title, jobId }: { readonly title: string; readonly jobId: string }) {
  return (
    <Main title={title} className="p-6">
      <Notice title={title}>
        <Link className="text-ink" to={`/jobs/${jobId}`}>
          See what comes next
        </Link>
      </Notice>
    </Main>
  );
}
