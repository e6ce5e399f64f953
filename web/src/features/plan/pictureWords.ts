import type { PicturedStation, StepPicture } from '@wendaxis/core/plan';

const RING_WORDS = { cup: ', cup', cone: ', cone', whole: '' } as const;

/** What of a station moves, by its name; a bearing whose rings go apart with the ring. */
function moved({ station, moving, there }: PicturedStation): string {
  const [piece] = moving;
  const alone = moving.length === 1 && (there.length > 0 || piece !== 'whole');
  return alone ? `${station.name}${RING_WORDS[piece!]}` : station.name;
}

/** What the picture of a step shows, as a line under it: what moves to one side, and then to the other. */
export function pictureWords({ axis, stations, to }: StepPicture): string {
  const moving = stations.filter((one) => one.moving.length > 0);
  if (moving.length === 0 || to === null) return whereItStands(axis.name, stations);
  return (['left', 'right', null] as const)
    .flatMap((side) => {
      const group = moving.filter((one) => one.side === side);
      if (group.length === 0) return [];
      if (side === null) return [`${named(group)}: ${to === 'in' ? 'goes in' : 'comes out'}`];
      return [`${named(group)}: ${to === 'in' ? 'in from the' : 'out to the'} ${side}`];
    })
    .join('. ');
}

/** Where what a step is about stands when all is put together: nothing moves, and nothing is said of how far it is apart. */
function whereItStands(axis: string, stations: readonly PicturedStation[]): string {
  const about = stations.find(({ marked }) => marked);
  return about === undefined ? `${axis}, put together` : `In its place: ${about.station.name}`;
}

/** Most names that are said of what moves together. */
const MOST_NAMES = 3;

/** Walls and steps go with what they are one with: what is named is what a hand takes hold of. */
function named(group: readonly PicturedStation[]): string {
  const loose = group.filter(
    ({ station: { kind } }) => kind !== 'shaftStep' && kind !== 'housing' && kind !== 'cover',
  );
  const names = (loose.length > 0 ? loose : group).map(moved);
  return names.length > MOST_NAMES
    ? `${names.slice(0, MOST_NAMES).join(', ')} …`
    : names.join(', ');
}
