import { spanText } from './clock.ts';

/** Whether a way can be taken: a sign and a word, and their ink. */
export function standing({
  stands,
  lastResort = false,
}: {
  readonly stands: boolean;
  readonly lastResort?: boolean;
}): { readonly words: string; readonly ink: string } {
  if (!stands) return { words: '✕ not possible', ink: 'text-bad' };
  return lastResort ? { words: '△ last resort', ink: '' } : { words: '✓ OK', ink: 'text-good' };
}

/** How long a way takes, as far as it is known. */
export function timeOf({
  seconds,
  longest,
  timeWords,
}: {
  readonly seconds: number | null;
  readonly longest: number | null;
  readonly timeWords: string;
}): string {
  if (seconds === null) return '';
  return longest === null || longest <= seconds
    ? `${timeWords} ${spanText(seconds)}`
    : `${spanText(seconds)} to ${spanText(longest)}: the boss alone, to the whole part; the thermometer decides`;
}
