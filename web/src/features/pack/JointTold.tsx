import { useCallback } from 'react';

import type { JointAnswer, JointChoice, JointQuestion } from '@wendaxis/core/shims';

import { useOdds, type RemoteOdds } from '../../workers/useOdds.ts';

interface Props {
  readonly question: JointQuestion;
  readonly answer: JointAnswer;
  readonly choice: JointChoice | undefined;
}

/** How likely a choice is right the first time, and what it was chosen from. */
export function JointTold({ question, answer, choice }: Props) {
  return (
    <>
      {choice !== undefined && answer.status !== 'nothingFits' && (
        <Odds question={question} choice={choice} />
      )}
      <p className="m-0">
        {answer.tried.toLocaleString('en')}{' '}
        {answer.exact
          ? 'combinations are within all limits; none of them is nearer than the best.'
          : 'combinations of the nearest packs were held against all limits.'}
      </p>
    </>
  );
}

interface OddsProps {
  readonly question: JointQuestion;
  readonly choice: JointChoice;
}

function Odds({ question, choice }: OddsProps) {
  const ask = useCallback(
    (worker: RemoteOdds) => worker.jointOdds(question, choice),
    [question, choice],
  );
  const computed = useOdds(ask);
  return (
    <p role="status" className="m-0 text-xl font-bold">
      {computed.status === 'computing' && 'Working out the chance…'}
      {computed.status === 'failed' && `The chance cannot be worked out: ${computed.message}`}
      {computed.status === 'done' &&
        `${Math.round(100 * computed.answer)} % that all of it is within limits the first time`}
    </p>
  );
}
