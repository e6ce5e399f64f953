/** The longest that a clock is set to, s: two days. */
export const LONGEST_CLOCK = 172_800;

/** What a clock is set to, in whole seconds that the log takes. */
export const clockSeconds = (seconds: number): number =>
  Math.min(LONGEST_CLOCK, Math.max(0, Math.round(seconds)));

/** Seconds as minutes and seconds, with a sign when they are past: `12:05`, `−0:30`. */
export function clockText(seconds: number): string {
  const whole = Math.ceil(Math.abs(seconds) - 1e-9);
  const [minutes, rest] = [Math.floor(whole / 60), whole % 60];
  return `${seconds < 0 && whole > 0 ? '−' : ''}${minutes}:${String(rest).padStart(2, '0')}`;
}

/** Seconds as a span in words: seconds up to two minutes, then minutes, then hours. */
export function spanText(seconds: number): string {
  if (seconds < 120) return `${Math.round(seconds)} s`;
  if (seconds < 7200) return `${Math.round(seconds / 60)} min`;
  return `${(seconds / 3600).toFixed(1)} h`;
}
