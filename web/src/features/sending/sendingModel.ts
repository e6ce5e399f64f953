import type { StreamState } from '../../stores/stream/index.ts';

/** How the bench stands with the server, in a word, and how much waits. */
export interface Sending {
  readonly words: string;
  readonly well: boolean;
  readonly waiting: number;
  /** Of those, how many are nowhere but on this page. */
  readonly unsaved: number;
}

const TROUBLE_WORDS = {
  notOurServer: 'Another program answers',
  serverFails: 'The server fails',
  noSuchLog: 'The server lacks this job',
} as const;

/** How many entries wait for the server, in all logs. */
export const waitingIn = (logs: StreamState['logs']): number =>
  Object.values(logs).reduce((sum, log) => sum + log.waiting.length, 0);

/** What the header says of sending; null while nothing is known yet. */
export function sendingOf({ logs, reach, trouble, unsaved }: StreamState): Sending | null {
  const waiting = waitingIn(logs);
  if (reach === 'connecting' && waiting === 0) return null;
  const well = reach === 'online' && trouble === null;
  const words =
    trouble !== null
      ? TROUBLE_WORDS[trouble]
      : reach === 'offline'
        ? 'Server out of reach'
        : waiting > 0
          ? 'Sending'
          : 'All sent';
  return { words, well, waiting, unsaved };
}

/** How many wait, and where they are kept. */
export function keptWords({ waiting, unsaved }: Sending): string {
  if (waiting === 0) return '';
  if (unsaved === 0) return ` (${waiting} kept here)`;
  return ` (${waiting} wait, ${unsaved} on this page only)`;
}

/** What a browser without a store of its own says of what was entered, `unsaved` of it on this page only. */
export function storeWords({
  waiting,
  unsaved,
}: {
  readonly waiting: number;
  readonly unsaved: number;
}): string {
  if (unsaved > 0)
    return `${unsaved} ${unsaved === 1 ? 'entry is' : 'entries are'} on this page only: leave it open until the server has answered.`;
  if (waiting > 0)
    return `${waiting} ${waiting === 1 ? 'entry waits' : 'entries wait'} for the server, kept here until it has them.`;
  return 'Everything entered so far is at the server.';
}
