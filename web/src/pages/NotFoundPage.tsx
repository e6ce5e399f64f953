import { PageNotice } from '../ui/PageNotice.tsx';
import { BackToBench } from './BackToBench.tsx';

/** An address that leads nowhere. */
export function NotFoundPage() {
  return (
    <PageNotice tone="warn" title="There is no such page">
      <BackToBench />
    </PageNotice>
  );
}
