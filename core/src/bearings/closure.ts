import { decodeDesignation } from './designation.ts';

/** Whether a bearing has seals or shields: `unknown` where what is printed is not understood, `unsaid` where nothing is printed. */
export type Closure = 'open' | 'closed' | 'unknown' | 'unsaid';

/**
 * Whether a bearing is closed, by what is printed on it, and what of that is not understood. A suffix that is not known may be
 * that of a seal.
 */
export function closureOf(designation: string): {
  readonly closure: Closure;
  readonly unread: readonly string[];
} {
  const text = designation.trim().slice(0, 40);
  if (text === '') return { closure: 'unsaid', unread: [] };
  const read = decodeDesignation(text);
  if (read.status === 'unknown') return { closure: 'unknown', unread: [text] };
  if (read.suffixes.some(({ closedSides }) => closedSides > 0))
    return { closure: 'closed', unread: [] };
  return read.unknownSuffixes.length > 0
    ? { closure: 'unknown', unread: read.unknownSuffixes }
    : { closure: 'open', unread: [] };
}
