import type { Station } from '../../unit/index.ts';
import type { BareBody } from './bodies.ts';
import { YIELDS } from './body.ts';
import type { Joint } from './joints.ts';
import type { Metal } from './placed.ts';
import { meets, middleOf, type Direction } from './ring.ts';

/** What the guess of a way rests on. */
export interface GuessFrom {
  readonly metal: Metal;
  readonly bodies: readonly BareBody[];
  readonly joints: readonly Joint[];
}

const BOTH: readonly Direction[] = [-1, 1];
const HOLD_A_RING: ReadonlySet<Station['kind']> = new Set(['retainer', 'snapRing', 'adjuster']);
const END_OF_SHAFT: ReadonlySet<Station['kind']> = new Set(['nut', 'snapRing']);

/**
 * In which direction a body goes in where nothing says so: where its own part leaves one way, that; else away from the end that is
 * nearer. It decides only what is tried first.
 */
export function guessOf(body: BareBody, from: GuessFrom): Direction {
  if (body.way !== null) return body.way;
  const { metal, bodies } = from;
  const isOnBody = bodies.some(({ id }) => id === body.host);
  const own = isOnBody ? [] : metal.solid(body.host, body.axisId);
  const open = YIELDS.has(body.station.kind)
    ? BOTH
    : BOTH.filter((direction) => !meets(body.rings, own, direction));
  const [out, ...more] = open;
  return opposite(out !== undefined && more.length === 0 ? out : sideOut(body, from));
}

const opposite = (direction: Direction | 0): Direction =>
  direction > 0 ? -1 : direction < 0 ? 1 : -1;
const sign = (value: number): Direction | 0 => Math.sign(value) as Direction | 0;

/** The side to which a body is thought to come out. */
function sideOut(body: BareBody, from: GuessFrom): Direction | 0 {
  const { metal, joints } = from;
  const at = middleOf(body.station);
  const centre = centreOf(metal, body);
  if (metal.shafts.has(body.host)) return sideOnShaft(body, from, centre);
  const near = HOLD_A_RING.has(body.station.kind) ? nearestRing(body, from) : null;
  if (near !== null)
    return near.way === null ? sign(at - middleOf(near.station)) : opposite(near.way);
  if (centre !== null) return sign(at - centre);
  const side = joints.find(({ part }) => part === body.host)?.side ?? 0;
  return side === 0 ? 0 : opposite(side);
}

/** Just off the middle, so that what stands there has a side. */
const OFF_MIDDLE = 1e-3;

/** On a shaft: to the end with the nut or snap ring; a cone away from its cup; else to the nearer end. */
function sideOnShaft(body: BareBody, { bodies }: GuessFrom, centre: number | null): Direction | 0 {
  const end = bodies.find(
    (one) =>
      one.host === body.host && one.axisId === body.axisId && END_OF_SHAFT.has(one.station.kind),
  );
  if (end !== undefined && centre !== null) return sign(middleOf(end.station) - centre);
  if (body.piece === 'cone' && body.thrust !== 0) return body.thrust;
  const at = middleOf(body.station);
  return sign(at + OFF_MIDDLE - (centre ?? at));
}

/** The ring of the same part nearest to something that holds one. */
function nearestRing(body: BareBody, { bodies }: GuessFrom): BareBody | null {
  const away = (one: BareBody) => Math.abs(middleOf(one.station) - middleOf(body.station));
  const rings = bodies.filter(
    (one) =>
      one !== body && one.host === body.host && one.axisId === body.axisId && one.piece !== null,
  );
  return rings.toSorted((a, b) => away(a) - away(b))[0] ?? null;
}

/** Middle of the metal of a body's host along its axis, mm. */
function centreOf(metal: Metal, { host, axisId }: BareBody): number | null {
  const rings = metal.solid(host, axisId);
  if (rings.length === 0) return null;
  return (Math.min(...rings.map(({ from }) => from)) + Math.max(...rings.map(({ to }) => to))) / 2;
}
