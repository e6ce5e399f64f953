/** Longest working time that is believed, minutes. A rule of this program. */
const LONGEST = 600;

/** Minutes as typed, in seconds; null where that is no time a compound can be worked. */
export function workingSeconds(minutes: string): number | null {
  const text = minutes.trim().replace(',', '.');
  const value = text === '' ? NaN : Number(text);
  return value > 0 && value <= LONGEST ? Math.round(value * 60) : null;
}
