import { useStreams } from '../../stores/stream/index.ts';
import { storeWords, waitingIn } from './sendingModel.ts';

const WORDS = {
  full: 'This browser has no room left: it keeps nothing more of what is entered.',
  refused:
    'This browser keeps nothing of what is entered (a private window, or its store is blocked).',
} as const;

/** A browser that keeps nothing is told, for as long as it is so: what is entered is then only sent. */
export function StoreNotice() {
  const store = useStreams((streams) => streams.store);
  const unsaved = useStreams((streams) => streams.unsaved);
  const waiting = useStreams(({ logs }) => waitingIn(logs));
  if (store !== 'full' && store !== 'refused') return null;
  return (
    <div role="alert" className="tape-note m-4 mb-0 p-3 pl-4 print:hidden">
      <strong>{WORDS[store]}</strong> {storeWords({ waiting, unsaved })}
    </div>
  );
}
