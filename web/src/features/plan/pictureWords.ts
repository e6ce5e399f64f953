import type { PicturedStation, StepPicture } from '@wendaxis/core/plan';

const RING_WORDS = { cup: ', cup', cone: ', cone', whole: '' } as const;

/** What of a station moves, by its name; a bearing whose rings go apart with the ring. */
function moved({ station, moving, there }: PicturedStation): string {
  const [piece] = moving;
  const alone = moving.length === 1 && (there.length > 0 || piece !== 'whole');
  return alone ? `${station.name}${RING_WORDS[piece!]}` : station.name;
}

/** What the picture of a step shows, as a line under it. */
export function pictureWords({ axis, stations, to, side }: StepPicture): string {
  const moving = stations.filter((one) => one.moving.length > 0);
  // Walls and steps go with what they are one with: what is named is what a hand takes hold of.
  const named = moving.filter(
    ({ station: { kind } }) => kind !== 'shaftStep' && kind !== 'housing' && kind !== 'cover',
  );
  const names = (named.length > 0 ? named : moving).map(moved);
  if (names.length === 0 || to === null) return `${axis.name}, as it is now`;
  const what = names.length > 3 ? `${names.slice(0, 3).join(', ')} …` : names.join(', ');
  if (side === null) return `${what}: ${to === 'in' ? 'goes in' : 'comes out'}`;
  return `${what}: ${to === 'in' ? 'in from the' : 'out to the'} ${side}`;
}
