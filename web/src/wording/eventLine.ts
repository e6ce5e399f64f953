import { isolated } from '@wendaxis/core/faults';
import { isInstant, type JobEvent } from '@wendaxis/core/job';

import type { ScreenUnits } from '../ui/useUnits.ts';
import { eventWords } from './eventWords.ts';

/** An event as one line; one that cannot be worded, whatever is in it, is named by its type. */
export function eventLine(event: JobEvent, units: ScreenUnits): string {
  const words = isolated(() => eventWords(event, units));
  return words.ok && typeof words.value === 'string'
    ? words.value
    : `An entry that cannot be read (${event.type})`;
}

const TIME = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** When an event happened; a time that cannot be read is said to be none. */
export function eventTime(at: string): string {
  return isInstant(at) ? TIME.format(new Date(at)) : 'time not known';
}
