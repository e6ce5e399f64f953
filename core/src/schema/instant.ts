/** An instant as RFC 3339 writes it. */
export const INSTANT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:\.\d{1,9})?(?:Z|[+-]\d{2}:\d{2})$/;

/** Whether a value is an instant of a day that the calendar has: the thirtieth of February reads as a day of March. */
export function isExistingInstant(value: unknown): value is string {
  if (typeof value !== 'string' || !INSTANT.test(value)) return false;
  // oxlint-disable-next-line no-restricted-globals -- parsing an instant is pure
  if (Number.isNaN(Date.parse(value))) return false;
  const [year, month, day] = [value.slice(0, 4), value.slice(5, 7), value.slice(8, 10)].map(Number);
  // oxlint-disable-next-line no-restricted-globals -- the length of a month is pure
  return day! <= new Date(Date.UTC(year!, month!, 0)).getUTCDate();
}
