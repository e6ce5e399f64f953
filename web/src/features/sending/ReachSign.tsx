import { useStreams } from '../../stores/stream/index.ts';
import { keptWords, sendingOf } from './sendingModel.ts';

/**
 * How this bench stands with the server: a sign, a word, and below it what waits. It has the same room whatever it says:
 * an entry on its way must not move the page under the hand that makes the next.
 */
export function ReachSign() {
  const sending = sendingOf(useStreams());
  return (
    <span
      role="status"
      className="flex h-12 w-32 shrink-0 items-center gap-2 text-base/4.5 max-sm:w-6"
    >
      {sending !== null && (
        <>
          <span
            aria-hidden="true"
            className={`inline-block size-3 shrink-0 border-2 border-current ${sending.well ? 'rounded-full bg-current' : 'rotate-45'}`}
          />
          <span className="max-sm:sr-only">
            {sending.words}
            <span className="block text-sm/4 empty:hidden">{keptWords(sending)}</span>
          </span>
        </>
      )}
    </span>
  );
}
