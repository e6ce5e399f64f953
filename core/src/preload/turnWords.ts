import type { AdjusterTurn } from './adjusterTurn.ts';

/** A turn of an adjuster: `3 notches clockwise`, `24° anticlockwise`. */
export function turnWords(turn: Pick<AdjusterTurn, 'notches' | 'set' | 'direction'>): string {
  if (turn.set === 0) return 'Leave it where it is';
  const { notches } = turn;
  if (notches === null) return `${Math.abs(Math.round(turn.set * 10) / 10)}° ${turn.direction}`;
  const count = Math.abs(notches);
  return `${count} ${count === 1 ? 'notch' : 'notches'} ${turn.direction}`;
}
