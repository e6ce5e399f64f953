import type { StationKind } from '@wendaxis/core/unit';

/** Kinds of bodies, as they are looked for when one is put on an axis. */
export const KIND_GROUPS = {
  Bearings: [
    'taperedRoller',
    'ballBearing',
    'cylindricalRoller',
    'drawnCup',
    'needleThrust',
    'looseRollers',
    'plainBearing',
    'bush',
    'thrustWasher',
  ],
  Seals: ['seal', 'oRing', 'ringSeal', 'piston', 'pistonSeal'],
  'What sets it': ['shimSite', 'spacer', 'adjuster'],
  'Holds and drives': ['nut', 'snapRing', 'retainer', 'bolts', 'gear', 'key', 'dowel', 'stud'],
  'Case and shaft': ['housing', 'cover', 'shaftStep'],
} as const satisfies Readonly<Record<string, readonly StationKind[]>>;

export type KindGroup = keyof typeof KIND_GROUPS;
