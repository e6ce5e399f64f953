import { requireNumber } from '../faults/index.ts';
import { RING_SHARE, type SeatedRing } from '../pressFit/index.ts';
import { identifier, leftOut, millimetres, record, text, type TypeOf } from '../schema/index.ts';

/** A driver, tube or disc that things are pressed with. mm; a disc has a bore of 0. */
export const DRIVER_SCHEMA = record({
  id: identifier(),
  name: text(80, 1),
  outside: millimetres(3, 500),
  bore: millimetres(0, 490),
  /** From its collar to its end, and within what that is known; absent where it has no collar. */
  nose: leftOut(millimetres(0.5, 500)),
  noseWithin: leftOut(millimetres(0, 1)),
});
export type Driver = TypeOf<typeof DRIVER_SCHEMA>;

/** @throws InputError naming `driver.outside`, or `driver.bore` where it is no smaller than its outside */
export function requireDriver(driver: Driver): Driver {
  requireNumber('driver.outside', driver.outside, { min: 3, max: 500, unit: 'mm' });
  requireNumber('driver.bore', driver.bore, { min: 0, below: driver.outside, unit: 'mm' });
  if (driver.nose !== undefined || driver.noseWithin !== undefined) {
    requireNumber('driver.nose', driver.nose ?? NaN, { min: 0.5, max: 500, unit: 'mm' });
    requireNumber('driver.noseWithin', driver.noseWithin ?? NaN, { min: 0, max: 1, unit: 'mm' });
  }
  return driver;
}

/** From the collar of a driver to its end, and within what that is known, to both sides; null where it has no collar. mm. */
export function noseOf({
  nose,
  noseWithin,
}: Driver): { readonly length: number; readonly within: number } | null {
  return nose === undefined || noseWithin === undefined
    ? null
    : { length: nose, within: noseWithin };
}

/** A driver goes into the bore behind its ring, and over a journal, with this much room, mm. A rule of this program. */
const ROOM = 0.2;
/** It takes at least this share of the ring's face. A rule of this program. */
const SHARE_OF_FACE = 0.5;

/** Between which diameters a driver has to be. mm. */
export interface DriverWanted {
  /** The face that takes the force. */
  readonly face: { readonly from: number; readonly to: number };
  readonly outside: { readonly least: number; readonly most: number };
  readonly bore: { readonly least: number; readonly most: number };
}

/**
 * The driver for a ring or bush: on the face of the ring that is tight and on no other, into the bore behind it or over the
 * journal. A bush, or a cup that goes in without its inner ring, may be driven by a disc.
 *
 * @param body `solid`: a bush, whose face is all of its wall; `cup`: an outer ring by itself; `whole`: a bearing with both rings
 */
export function driverFor({
  ring,
  diameter,
  other,
  body,
}: Pick<SeatedRing, 'ring' | 'diameter' | 'other'> & {
  readonly body: 'solid' | 'cup' | 'whole';
}): DriverWanted {
  const section = RING_SHARE * Math.abs(diameter - other);
  if (ring === 'outer') {
    const inside = body === 'solid' ? other : diameter - section;
    const shoulder = body !== 'whole' ? 0 : other + section;
    return {
      face: { from: inside, to: diameter },
      outside: { least: inside + SHARE_OF_FACE * (diameter - inside), most: diameter - ROOM },
      bore: { least: shoulder, most: diameter - SHARE_OF_FACE * (diameter - inside) - ROOM },
    };
  }
  const to = diameter + section;
  return {
    face: { from: diameter, to },
    outside: { least: diameter + SHARE_OF_FACE * section + ROOM, most: other - section },
    bore: { least: diameter + ROOM, most: to - SHARE_OF_FACE * section },
  };
}

/** Whether a driver does, and how much of the face it takes; else what is wrong with it. */
export type DriverVerdict =
  | { readonly fits: true; readonly share: number }
  | {
      readonly fits: false;
      readonly why: 'tooWide' | 'tooNarrow' | 'boreTooSmall' | 'boreTooLarge' | 'tooLittleFace';
      /** By how much, mm. */
      readonly by: number;
    };

/** Judge a driver for what it is wanted for. */
export function judgeDriver(wanted: DriverWanted, driver: Driver): DriverVerdict {
  const { face, outside, bore } = wanted;
  const off = (why: Extract<DriverVerdict, { fits: false }>['why'], by: number) =>
    ({ fits: false, why, by }) as const;
  if (driver.outside > outside.most) return off('tooWide', driver.outside - outside.most);
  if (driver.outside < outside.least) return off('tooNarrow', outside.least - driver.outside);
  if (driver.bore < bore.least) return off('boreTooSmall', bore.least - driver.bore);
  if (driver.bore > bore.most) return off('boreTooLarge', driver.bore - bore.most);
  const taken = Math.min(driver.outside, face.to) - Math.max(driver.bore, face.from);
  const share = taken / (face.to - face.from);
  return share >= SHARE_OF_FACE - 1e-9
    ? { fits: true, share: Math.min(1, share) }
    : off('tooLittleFace', SHARE_OF_FACE * (face.to - face.from) - taken);
}
