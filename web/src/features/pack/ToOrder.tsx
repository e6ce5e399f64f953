import { useCallback } from 'react';

import { looseFigures, type JointQuestion } from '@wendaxis/core/shims';

import { useUnits } from '../../ui/useUnits.ts';
import { useOdds, type RemoteOdds } from '../../workers/useOdds.ts';
import { figureWords } from './jointWords.ts';

interface Props {
  readonly question: JointQuestion;
  readonly siteName: (id: string) => string;
}

/** The fewest pieces with which packs for all sites could be proven. */
export function ToOrder({ question, siteName }: Props) {
  const units = useUnits();
  const ask = useCallback((worker: RemoteOdds) => worker.jointOrder(question), [question]);
  const computed = useOdds(ask);
  if (computed.status === 'computing')
    return <p className="m-0 text-lg">Looking for what could be got…</p>;
  if (computed.status === 'failed')
    return (
      <p role="alert" className="text-bad m-0 text-lg font-semibold">
        What to get cannot be worked out: {computed.message}
      </p>
    );
  const order = computed.answer;
  if (order === null) {
    const loose = looseFigures(question).map(figureWords).join(', ');
    return (
      <p className="m-0 text-lg">
        {loose === ''
          ? 'No piece in whole hundredths proves it beforehand.'
          : `No piece that could be ordered proves it beforehand: ${loose} is not known well enough for these limits.`}{' '}
        Read it again, or build and read it then.
      </p>
    );
  }
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
