import type { ContactMark } from './patternResponse.ts';

/** Where the middle of a contact mark lies, in words: so much to toe or heel, to root or face. */
export function markPlaceWords(mark: ContactMark | null): string {
  if (mark === null) return 'not painted';
  const share = (value: number, [low, high]: readonly [string, string]) =>
    Math.abs(value) < 0.05
      ? 'middle'
      : `${Math.round(Math.abs(value) * 100)} % to the ${value < 0 ? low : high}`;
  return `${share(mark.length, ['toe', 'heel'])} and ${share(mark.height, ['root', 'face'])}`;
}
