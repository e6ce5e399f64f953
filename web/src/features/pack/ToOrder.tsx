import { useMemo } from 'react';

import { orRefused } from '@wendaxis/core/faults';
import { jointOrder, type JointQuestion } from '@wendaxis/core/shims';

import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly question: JointQuestion;
  readonly siteName: (id: string) => string;
}

/** The fewest pieces with which packs for all sites could be proven. */
export function ToOrder({ question, siteName }: Props) {
  const units = useUnits();
  const order = useMemo(
    () =>
      orRefused(
        () => jointOrder(question),
        () => null,
      ),
    [question],
  );
  if (order === null)
    return (
      <p className="m-0 text-lg">
        No piece that could be ordered proves it: what is known of the figures is too loose for
        these limits. Read again with a finer indicator.
      </p>
    );
  return (
    <p className="m-0 text-lg">
      To get:{' '}
      {order.map(({ siteId, thickness }, at) => (
        <span key={siteId}>
          {at > 0 && ', '}
          one of <strong className="figure">{units.show(thickness)}</strong> for {siteName(siteId)}
        </span>
      ))}
      . With {order.length === 1 ? 'it' : 'them'} all of it can be proven.
    </p>
  );
}
