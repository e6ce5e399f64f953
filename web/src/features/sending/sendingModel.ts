import type { StreamState } from '../../stores/stream/index.ts';

/** How the bench stands with the server, in a word, and how much waits. */
export interface Sending {
  readonly words: string;
  readonly well: boolean;
  readonly waiting: number;
  /** Of those, how many are neither at the server nor in the browser's own store. */
  readonly unsaved: number;
}

const TROUBLE_WORDS = {
  notOurServer: 'Another program answers',
  serverFails: 'The server fails',
  noSuchLog: 'The server lacks this job',
} as const;

/** What the header says of sending; null while nothing is known yet. */
export function sendingOf({ logs, reach, trouble, unsaved }: StreamState): Sending | null {
  const waiting = Object.values(logs).reduce((sum, log) => sum + log.waiting.length, 0);
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
