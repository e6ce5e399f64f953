import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';

import type { OddsWorker } from './oddsWorker.ts';

/** How far a computation in the worker has come. */
export type Computed<Answer> =
  | { readonly status: 'computing' }
  | { readonly status: 'done'; readonly answer: Answer }
  | { readonly status: 'failed'; readonly message: string };

/** The worker as a screen asks it. */
export type RemoteOdds = Remote<OddsWorker>;

const COMPUTING = { status: 'computing' } as const;
let worker: RemoteOdds | null = null;

/** The one worker of this page, started when it is first asked. */
function theWorker(): RemoteOdds {
  worker ??= wrap<OddsWorker>(
    new Worker(new URL('./oddsWorker.ts', import.meta.url), { type: 'module' }),
  );
  return worker;
}

/**
 * Compute in the worker; a later question replaces an earlier one.
 * @param ask held still by the caller (`useCallback`), else it is asked at every drawing
 */
export function useOdds<Answer>(
  ask: ((worker: RemoteOdds) => Promise<Answer>) | null,
): Computed<Answer> {
  const [state, setState] = useState<{ readonly of: unknown; readonly result: Computed<Answer> }>({
    of: null,
    result: COMPUTING,
  });
  useEffect(() => {
    if (ask === null) return;
    let gone = false;
    const tell = (result: Computed<Answer>): void => {
      if (!gone) setState({ of: ask, result });
    };
    ask(theWorker()).then(
      (answer) => tell({ status: 'done', answer }),
      (error: unknown) => tell({ status: 'failed', message: (error as Error).message }),
    );
    return () => {
      gone = true;
    };
  }, [ask]);
  return state.of === ask ? state.result : COMPUTING;
}
