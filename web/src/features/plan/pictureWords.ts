import type { PicturedStation, StepPicture } from '@wendaxis/core/plan';
import type { Part } from '@wendaxis/core/unit';

const RING_WORDS = { cup: ', cup', cone: ', cone', whole: '' } as const;

/** What of a station moves, by its name; a bearing whose rings go apart with the ring. */
function moved({ station, moving, there }: PicturedStation): string {
  const [piece] = moving;
  const alone = moving.length === 1 && (there.length > 0 || piece !== 'whole');
  return alone ? `${station.name}${RING_WORDS[piece!]}` : station.name;
}

/** What the picture of a step shows, as a line under it: what moves to one side, and then to the other. */
export function pictureWords(
  { axis, stations, to }: StepPicture,
  parts: readonly Pick<Part, 'id' | 'name'>[],
): string {
  const moving = stations.filter((one) => one.moving.length > 0);
  if (moving.length === 0 || to === null) return whereItStands(axis, stations, parts);
  return (['left', 'right', null] as const)
    .flatMap((side) => {
      const group = moving.filter((one) => one.side === side);
      if (group.length === 0) return [];
      if (side === null) return [`${named(group)}: ${to === 'in' ? 'goes in' : 'comes out'}`];
      return [`${named(group)}: ${to === 'in' ? 'in from the' : 'out to the'} ${side}`];
    })
    .join('. ');
}

/** Where what a step is about stands, as far as it is built: nothing moves. */
function whereItStands(
  { name, stations: all }: StepPicture['axis'],
  stations: readonly PicturedStation[],
  parts: readonly Pick<Part, 'id' | 'name'>[],
): string {
  const about = stations.find(({ marked }) => marked);
  if (about !== undefined) return `In its place: ${about.station.name}`;
  if (stations.length === all.length) return `${name}, put together`;
  const own = new Set(stations.map(({ station }) => station.partId));
  const only = own.size === 1 ? parts.find(({ id }) => own.has(id)) : undefined;
  return only === undefined ? `${name}, as far as it is built` : `On the bench: ${only.name}`;
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
