/** Seconds from one logged instant to another, both ISO 8601. It reads no clock. */
export function secondsBetween(from: string, to: string): number {
  // eslint-disable-next-line no-restricted-globals -- parsing an instant is pure
  return (Date.parse(to) - Date.parse(from)) / 1000;
}
