import type { ReactNode } from 'react';

import { Main } from './Main.tsx';
import { Notice } from './Notice.tsx';

interface Props {
  readonly title: string;
  readonly tone?: 'plain' | 'warn';
  readonly children?: ReactNode;
}

/** A page that has nothing but a notice: what is the matter, as its heading, and what to do. */
export function PageNotice({ title, tone = 'plain', children }: Props) {
  return (
    <Main title={title} className="mx-auto w-full max-w-3xl p-6">
      <Notice tone={tone} title={title} isHeading>
        {children}
      </Notice>
    </Main>
  );
}
