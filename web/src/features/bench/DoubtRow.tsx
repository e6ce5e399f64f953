import { READING_DOUBTS, type ReadingDoubt } from '@wendaxis/core/measure';

import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly doubt: ReadingDoubt;
  readonly typed: string;
  /** The dial cannot show it: it cannot be taken as it was typed. */
  readonly tooFar: boolean;
  readonly onTake: (value: number, typed: string) => void;
  readonly onAgain: () => void;
}

/**
 * Ask back about a typed reading: what it may have meant, or that it is right as it stands. The field keeps the focus
 * and the reading: another Enter, pressed out of habit, changes nothing, and typing on goes on.
 */
export function DoubtRow({ doubt, typed, tooFar, onTake, onAgain }: Props) {
  const units = useUnits();
  const { value, likely } = doubt;
  return (
    <div role="group" aria-label="Is that right?" className="tape-note grid gap-2 p-3 pl-4">
      <p role="alert" className="m-0 text-lg font-semibold">
        {units.show(value)} is far from what is expected here.
        {likely !== null && ` Was it ${READING_DOUBTS[likely.id].words}?`} Press one, or type it
        again.
      </p>
      <div className="flex flex-wrap gap-2">
        {likely !== null && (
          <Button onClick={() => onTake(likely.value, `${typed} as ${units.show(likely.value)}`)}>
            Yes, {units.show(likely.value)}
          </Button>
        )}
        <Button disabled={tooFar} onClick={() => onTake(value, typed)}>
          {likely === null ? 'It is' : 'No,'} {units.show(value)}
        </Button>
        <Button onClick={onAgain}>Type it again</Button>
      </div>
    </div>
  );
}
