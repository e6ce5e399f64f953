import { jointOdds } from '@wendaxis/core/odds';
import type { JointAnswer, JointChoice, JointQuestion } from '@wendaxis/core/shims';

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
        <p role="status" className="m-0 text-xl font-bold">
          {Math.round(100 * jointOdds(question, choice))} % that all of it is within limits the
          first time
        </p>
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
