import { assemblyOf } from '../assembly/index.ts';
import type { JobState } from '../job/index.ts';
import type { Station, Unit } from '../unit/index.ts';
import { orderOfBuild } from './orderOfBuild.ts';

/** Where the outer rings that go into a part stand among what goes in on a job: the first and the last of them. */
export function ringsIn(
  state: JobState,
  unit: Unit,
  partId: string,
): { readonly first: number; readonly last: number } {
  const assembly = assemblyOf(unit);
  const { places } = orderOfBuild(state, unit);
  const at = assembly.bodies
    .filter(
      ({ host, id }) => host === partId && !id.endsWith(':cone') && !assembly.shafts.includes(host),
    )
    .filter(({ station }) => SEATED.has(station.kind))
    .map(({ id }) => places.get(`take:${id}`))
    .filter((place) => place !== undefined);
  return { first: Math.min(...at), last: Math.max(...at) };
}

const SEATED: ReadonlySet<Station['kind']> = new Set([
  'taperedRoller',
  'ballBearing',
  'cylindricalRoller',
  'drawnCup',
  'bush',
]);
