import type { LiveReading } from './useDevice.ts';

/** How the connection to an indicator stands, in words. */
export function liveWords(status: LiveReading['status']): string {
  return {
    none: 'Type what the needle shows',
    connecting: 'Waiting for the indicator',
    live: 'Live from the indicator',
    lost: 'Indicator lost: type the reading',
    refused: 'No such indicator here: type the reading',
  }[status];
}
