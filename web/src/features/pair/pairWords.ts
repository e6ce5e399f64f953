import type { CarrierHold, MarkOff, PatternVerdict, Wave } from '@wendaxis/core/gears';
import type { PairWaits } from '@wendaxis/core/plan';

import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** How a carrier stands while its backlash is read. */
export const HOLD_WORDS: Readonly<Record<CarrierHold, string>> = {
  other: 'Towards the pinion',
  gear: 'Away from the pinion',
  preload: 'By its preload',
};

/** Why no move is said yet, and what is to be done about it. */
export const WAITS_WORDS: Readonly<Record<PairWaits, string>> = {
  limits: 'Enter the limits of end play and backlash of the carrier.',
  sides: 'Say which side the ring gear’s back faces, and record what is in at both sides.',
  play: 'Measure the end play of the carrier.',
  backlash: 'Read the backlash round the ring gear.',
  teethFirst:
    'The teeth meet before the bearing does: the carrier does not come to rest at both sides, and its play cannot be read so. Take from the gear’s side and put it on the other, then measure both again.',
  contradictoryMarks:
    'No position of the gears gives both marks. Wipe the teeth, paint them again and turn under an even drag.',
  signOfEtching: 'Say what a plus on this pinion means: the two shims differ.',
};

/** What a mark is, off its middle. */
const OFF_WORDS: Readonly<Record<MarkOff, string>> = {
  toe: 'to the toe',
  heel: 'to the heel',
  face: 'to the face',
  root: 'to the root',
};

export function markWords(off: readonly MarkOff[]): string {
  return off.length === 0 ? 'in the middle' : off.map((one) => OFF_WORDS[one]).join(', ');
}

/** What the marks come to, as one line. */
export function patternWords({ status, good, contradiction }: PatternVerdict): string {
  if (status === 'noMarks') return 'No marks yet';
  if (status === 'contradictory')
    return `The marks contradict each other, ${contradiction.toFixed(1)} times what the eye misses by: paint them again`;
  if (status === 'oneFlank')
    return good === true
      ? 'Good on the flank that was painted; paint the other too'
      : 'Judged by one flank alone: paint the other too before anything is moved';
  return good === true ? 'Good on both flanks' : 'Not yet in the middle';
}

/** What swings once round the gear, and where that comes from. */
export function waveWords(
  { amplitude, angle, cause, asFaceRunout, seen }: Wave,
  units: ScreenUnits,
): string {
  if (!seen) return 'No more once round than the readings themselves miss by.';
  const swing = `It swings by ${units.show(2 * amplitude)} once round, most at ${Math.round(angle)}°.`;
  const why: Readonly<Record<NonNullable<Wave['cause']>, string>> = {
    tilt: 'The back of the gear swings with it: it is mounted askew. Take it off, clean both faces, look for burrs.',
    runout: 'Its back runs true: the gear is not round to its axis, or its seat is worn.',
    both: 'Its back swings too, but not by enough: it is mounted askew and out of round.',
    notTold: `Read the back of the gear at the same places to tell a gear mounted askew from one that is out of round; askew alone it would swing by ${units.show(asFaceRunout)}.`,
  };
  return `${swing} ${why[cause ?? 'notTold']}`;
}

/** A move of a gear in words. */
export function moveWords(what: 'pinion' | 'ring', away: number, units: ScreenUnits): string {
  const name = what === 'pinion' ? 'Pinion' : 'Ring gear';
  const other = what === 'pinion' ? 'the ring gear' : 'the pinion';
  if (Math.abs(away) < 0.0005) return `${name} stays where it is`;
  return `${name} ${units.show(Math.abs(away))} ${away > 0 ? 'away from' : 'towards'} ${other}`;
}
