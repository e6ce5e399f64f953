import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A preloaded pair of tapered bearings as it is turned by hand. */
export interface PreloadedBearing {
  /** Bore, mm, and contact angle, degrees. */
  readonly bore: number;
  readonly contactAngle: number;
}

/** How rolling torque and preload hang together. N; N·m. */
export interface PreloadForce {
  readonly force: number;
  readonly torque: number;
  /** The other one may be so many times less or more: oil, speed and finish decide the friction. */
  readonly factor: number;
  readonly working: readonly WorkingLine[];
}

/** Friction of a tapered roller bearing, oiled, new. Catalogue value, from memory. */
const FRICTION = 0.0018;
/** How far it lies from that either way. A rule of this program. */
const FACTOR = 2;

/**
 * Preload of tapered bearings from their rolling torque, or the torque from the preload: `T = Σ ½·µ·P·d`, with the equivalent load of
 * a bearing that is loaded along its axis only, `P = 0.4·cot α·F` (ISO 281). By the factor of two that friction is unsure by: it
 * says whether a torque belongs to hundreds of newtons or to thousands, not the preload to set by.
 *
 * @param given one of both, the other null
 * @throws InputError naming the field
 */
export function preloadForce(
  bearings: readonly PreloadedBearing[],
  given: { readonly force: number | null; readonly torque: number | null },
): PreloadForce {
  const each = bearings.map(({ bore, contactAngle }, at) => {
    requireNumber(`bearings[${at}].bore`, bore, { above: 0, max: 1000, unit: 'mm' });
    requireNumber(`bearings[${at}].contactAngle`, contactAngle, { min: 5, max: 45, unit: '°' });
    const load = 0.4 / Math.tan((contactAngle * Math.PI) / 180);
    return (0.5 * FRICTION * load * bore) / 1000;
  });
  const perNewton = each.reduce((sum, one) => sum + one, 0);
  requireNumber('bearings', bearings.length, { min: 1, max: 4, whole: true });
  const force =
    given.force === null
      ? requireNumber('given.torque', given.torque ?? undefined, {
          min: 0,
          max: 500,
          unit: 'N·m',
        }) / perNewton
      : requireNumber('given.force', given.force, { min: 0, max: 1e6, unit: 'N' });
  const torque = given.force === null ? given.torque! : force * perNewton;
  return {
    force,
    torque,
    factor: FACTOR,
    working: [
      line(
        'Rolling torque of a preload',
        'T = Σ ½·µ·(0.4·cot α·F)·d',
        [
          ['µ', FRICTION, 'number'],
          ['F', force, 'force'],
          ...bearings.flatMap(({ bore, contactAngle }, at) => [
            [`d${at + 1}`, bore, 'length'] as const,
            [`α${at + 1}`, contactAngle, 'angle'] as const,
          ]),
        ],
        ['T', torque, 'torque'],
        'rollingFriction',
      ),
    ],
  };
}
