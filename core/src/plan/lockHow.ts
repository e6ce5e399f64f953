import { preloadNutOf, type Axis, type Station } from '../unit/index.ts';
import { LOCKS } from './locks.ts';
import { setterAt } from '../setters/index.ts';
import { sleeveNut } from '../unit/index.ts';

/** What a nut or adjuster does besides holding: it sets a play, a preload, or neither. */
type Sets = 'play' | 'preload' | 'nothing';

function setsOf(axis: Axis, station: Station): Sets {
  if (sleeveNut(axis)?.id === station.id || preloadNutOf(axis)?.id === station.id) return 'preload';
  if (setterAt(axis, station) !== null)
    return axis.sets.includes('rollingTorque') ? 'preload' : 'play';
  // Nothing else sets the play of a pair that the nut draws together: then the nut does.
  const isPair = axis.arrangement === 'backToBack' && axis.sets.includes('endPlay');
  const isSetElsewhere = axis.stations.some(
    (one) => one.id !== station.id && setterAt(axis, one) !== null,
  );
  return station.kind === 'nut' && isPair && !isSetElsewhere ? 'play' : 'nothing';
}

/** The slot for a pin: taking a play away to reach one burns a bearing, giving a preload away loosens it. Common practice, no source. */
const PIN_HOW: Readonly<Record<Exclude<Sets, 'nothing'>, string>> = {
  play: 'It sets the end play: where no slot lines up, turn it back to the next one, never on, and measure the end play there again. Fit a new pin only when it is within its limits.',
  preload:
    'It sets the preload: a slot will do only where the rolling torque is within its limits. Read it there again, never turn back for a slot, and fit a new pin.',
};

/** How something is locked once its figure is measured; null where that is not described. */
export function lockHow(axis: Axis, station: Station): string | null {
  const { lock, kind } = station;
  if (lock === undefined) return null;
  if (lock === 'splitPin') {
    const sets = setsOf(axis, station);
    if (sets !== 'nothing') return PIN_HOW[sets];
  }
  if (lock === 'lockTab' && kind === 'adjuster')
    return 'Set the lock plate into a notch of the ring and tighten its screw. Where no notch lines up, turn the ring to the nearest one and measure again.';
  if (lock === 'lockTab' && kind === 'bolts')
    return 'Bend a tab flat against one face of each bolt head.';
  return LOCKS[lock].after;
}
