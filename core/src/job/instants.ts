/** Seconds from one logged instant to another, both ISO 8601. It reads no clock. */
export function secondsBetween(from: string, to: string): number {
  return (millisecondsOf(to) - millisecondsOf(from)) / 1000;
}

/** Whether text is an instant that can be read. */
export function isInstant(at: unknown): at is string {
  return typeof at === 'string' && Number.isFinite(millisecondsOf(at));
}

function millisecondsOf(at: string): number {
  // oxlint-disable-next-line no-restricted-globals -- parsing an instant is pure
  return Date.parse(at);
}
