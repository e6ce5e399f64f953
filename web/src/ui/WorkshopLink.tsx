import type { ReactNode } from 'react';
import { Link, useLocation } from 'react-router';

/** Parts of the workshop's page that are led to. */
export type WorkshopPlace = 'instruments' | 'torque-tools' | 'box' | 'press' | 'people';

/** What the workshop's page is told of where one came from. */
export interface CameFrom {
  readonly back: string;
}

interface Props {
  readonly to: WorkshopPlace;
  readonly children: ReactNode;
}

/** A way to a part of the workshop's page that knows the way back. */
export function WorkshopLink({ to, children }: Props) {
  const { pathname, search } = useLocation();
  const from: CameFrom = { back: `${pathname}${search}` };
  return (
    <Link
      className="text-ink inline-flex min-h-12 items-center font-semibold"
      to={`/workshop#${to}`}
      state={from}
    >
      {children}
    </Link>
  );
}
