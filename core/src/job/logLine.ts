import { isolated } from '../faults/index.ts';
import type { AnyEventRow, EventRows, LogTeller } from './eventRow.ts';

/** An event as one line of the log; one that cannot be worded, whatever is in it, is named by its type. */
export function logLine<State>(
  rows: EventRows<State>,
  { type, data }: { readonly type: string; readonly data: unknown },
  tell: LogTeller,
): string {
  const row: AnyEventRow<State> | null = Object.hasOwn(rows, type) ? rows[type]! : null;
  const words = isolated(() => row?.says(data as never, tell));
  return words.ok && typeof words.value === 'string' && words.value !== ''
    ? words.value
    : `An entry that cannot be read (${type})`;
}
