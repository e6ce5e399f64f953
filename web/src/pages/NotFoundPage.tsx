import { Link } from 'react-router';

import { Notice } from '../ui/Notice.tsx';
import { Main } from '../ui/Main.tsx';

/** An address that leads nowhere. */
export function NotFoundPage() {
  return (
    <Main title="No such page" className="mx-auto w-full max-w-3xl p-6">
      <Notice tone="warn" title="There is nothing here">
        <Link className="text-ink" to="/">
          Back to the bench
        </Link>
      </Notice>
    </Main>
  );
}
