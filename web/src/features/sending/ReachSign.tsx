import { useStreams } from '../../stores/stream/index.ts';
import { keptWords, sendingOf } from './sendingModel.ts';

/** How this bench stands with the server: a sign, a word, and what waits. */
export function ReachSign() {
  const sending = sendingOf(useStreams());
  if (sending === null) return null;
  return (
    <span role="status" className="flex items-center gap-2 text-base">
      <span
        aria-hidden="true"
        className={`inline-block size-3 border-2 border-current ${sending.well ? 'rounded-full bg-current' : 'rotate-45'}`}
      />
      {sending.words}
      {keptWords(sending)}
    </span>
  );
}
