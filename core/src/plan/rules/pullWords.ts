import {
  isPressed,
  isSeparable,
  isTight,
  STATION_KIND_TABLE,
  type Station,
  type StationKind,
} from '../../unit/index.ts';

/** Which ring takes the pull, by which is tight. */
const PULL_HOW: Readonly<Record<string, string>> = {
  inner: 'Pull on the inner ring only. Pulled through the rollers it is scrap.',
  innerOfBall: 'Pull on the inner ring only. Pulled through the balls it is scrap.',
  outer: 'Push or draw on the outer ring only. The part rests clear of it; a soft catch under it.',
  bush: 'Press it out with a stepped driver, its part supported round the bore. It is spoiled by that: a new one goes in. From a blind bore: an expanding puller, or a thread tapped into it and a screw against the bottom.',
  both: 'Warm what it sits in first; then press on the ring that is still tight. Support the part round the bore and hold the shaft; a soft plug in the end of the shaft takes the press.',
  parted:
    'Its rings come apart. Draw the inner ring off the shaft with a puller behind it, never through the rollers. Drive or draw the outer ring out of its bore on its own face, evenly round.',
};

/** What is pressed in as one piece is not told by its tight ring. */
const PRESSED: Readonly<Partial<Record<StationKind, string>>> = { drawnCup: 'outer', bush: 'bush' };

const BLIND = 'Its bore is blind: warm the boss, then an expanding puller behind the outer ring.';

/** Whether it is a bearing whose rings are tight, or is pressed in itself: it has ways out of its own. */
export const hasWaysOut = ({ kind, tightRing }: Station): boolean =>
  isPressed({ kind }) ||
  (STATION_KIND_TABLE[kind].bearing === 'rolling' && tightRing !== undefined);

/**
 * Which ring takes the pull; from a blind bore nothing can be pushed from behind.
 * @param held the rings by which it still sits
 */
export function pullHow(station: Station, held: readonly ('outer' | 'inner')[]): string {
  const [one, ...more] = held;
  const tight = (more.length === 0 ? one : station.tightRing) ?? 'both';
  const rings = tight === 'both' && isSeparable(station) ? 'parted' : tight;
  const pulled = rings === 'inner' && station.kind === 'ballBearing' ? 'innerOfBall' : rings;
  const how = PULL_HOW[PRESSED[station.kind] ?? pulled]!;
  return station.shoulder === 'hidden' && isTight(station, 'outer') ? `${how} ${BLIND}` : how;
}
