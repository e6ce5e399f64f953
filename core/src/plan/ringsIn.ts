import { assemblyOf, buildOrder } from '../assembly/index.ts';
import type { Station, Unit } from '../unit/index.ts';

/** Where the outer rings that go into a part stand among what goes in: the first and the last of them. */
export function ringsIn(
  unit: Unit,
  partId: string,
): { readonly first: number; readonly last: number } {
  const assembly = assemblyOf(unit);
  const { places } = buildOrder(assembly);
  const at = assembly.bodies
    .filter(
      ({ host, id }) => host === partId && !id.endsWith(':cone') && !assembly.shafts.includes(host),
    )
    .filter(({ station }) => SEATED.has(station.kind))
    .map(({ id }) => places.get(`take:${id}`)!);
  return { first: Math.min(...at), last: Math.max(...at) };
}

const SEATED: ReadonlySet<Station['kind']> = new Set([
  'taperedRoller',
  'ballBearing',
  'cylindricalRoller',
  'drawnCup',
  'bush',
]);
