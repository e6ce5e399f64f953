/** The time of the event at a place of a drawn log, half a minute apart; a day of them, then the day goes round. */
export function instantAt(seq: number): string {
  const two = (n: number) => String(n).padStart(2, '0');
  const [hours, minutes] = [Math.floor(seq / 120) % 24, Math.floor(seq / 2) % 60];
  return `2026-01-01T${two(hours)}:${two(minutes)}:${seq % 2 === 0 ? '00' : '30'}.000Z`;
}
