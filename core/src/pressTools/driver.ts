import { requireNumber } from '../faults/index.ts';
import type { SeatedRing } from '../pressFit/index.ts';
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

/** What is driven, as a driver meets it. */
export type DrivenBody =
  /** A bush: its face is all of its wall. */
  | 'solid'
  /** An outer ring by itself. */
  | 'cup'
  /** An inner ring with the rollers and the cage on it. */
  | 'cone'
  /** A cylindrical roller bearing, or one of its rings. */
  | 'roller'
  /** A bearing with both rings. */
  | 'whole';

/**
 * Wall of the land that a driver may stand on, as a share of bore to outside: shoulders of the rings of ball bearings, the rings of
 * roller bearings up to their raceways, the rib of a cone at its front, the thin edge of a cup. Typical of catalogue dimensions of
 * medium series, on the small side; from memory.
 */
const LAND: Readonly<Record<DrivenBody, { readonly inner: number; readonly outer: number }>> = {
  solid: { inner: 1, outer: 1 },
  cup: { inner: 0.2, outer: 0.16 },
  cone: { inner: 0.2, outer: 0.16 },
  roller: { inner: 0.23, outer: 0.2 },
  whole: { inner: 0.26, outer: 0.24 },
};

/** Between which diameters a driver has to be. mm. */
export interface DriverWanted {
  /** The face that takes the force. */
  readonly face: { readonly from: number; readonly to: number };
  readonly outside: { readonly least: number; readonly most: number };
  readonly bore: { readonly least: number; readonly most: number };
}

/**
 * The driver for a ring or bush: on the face of the ring that is tight and on no other, into the bore behind it or over the
 * journal, and never beyond the land of its own ring: what lies past it is cage, seal or the other ring. A bush, or a cup that
 * goes in without its inner ring, may be driven by a disc.
 */
export function driverFor({
  ring,
  diameter,
  other,
  body,
}: Pick<SeatedRing, 'ring' | 'diameter' | 'other'> & {
  readonly body: DrivenBody;
}): DriverWanted {
  const section = LAND[body][ring] * Math.abs(diameter - other);
  if (ring === 'outer') {
    const inside = diameter - section;
    const isOpen = body === 'solid' || body === 'cup';
    return {
      face: { from: inside, to: diameter },
      outside: { least: inside + SHARE_OF_FACE * section, most: diameter - ROOM },
      bore: {
        least: isOpen ? 0 : inside,
        most: diameter - SHARE_OF_FACE * section - ROOM,
      },
    };
  }
  const to = diameter + section;
  return {
    face: { from: diameter, to },
    outside: { least: diameter + SHARE_OF_FACE * section + ROOM, most: to },
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
