import { useNavigate } from 'react-router';

import { MainAction } from '../ui/ActionBar.tsx';
import { PageNotice } from '../ui/PageNotice.tsx';

/** A page of a job that has nothing to do now, with the way to what has. */
export function NotNow({ title, jobId }: { readonly title: string; readonly jobId: string }) {
  const navigate = useNavigate();
  return (
    <PageNotice title={title}>
      <MainAction onClick={() => void navigate(`/jobs/${jobId}`)}>See what comes next</MainAction>
    </PageNotice>
  );
}
