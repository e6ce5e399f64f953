import type { DetailName } from './stationDetails.ts';
import type { StationKind } from './unit.ts';

/** What a kind of station is called, and which details it has. */
export interface StationKindRow {
  readonly words: string;
  /** `ring`: turned or pressed into place, can be in another's way; `body`: part of a casting or shaft; `loose`: neither. */
  readonly form: 'ring' | 'body' | 'loose';
  /** `rolling`: has rings, seats and a designation. */
  readonly bearing: 'rolling' | 'plain' | null;
  /** One thin piece that is pressed into its bore as it is, and is not used again once it is out. */
  readonly pressed?: true;
  readonly details: readonly DetailName[];
}

const ROLLING = [
  'designation',
  'tightRing',
  'boreClass',
  'journalClass',
  'retention',
  'wayIn',
  'lettering',
  'radius',
  'groove',
  'shield',
  'shoulder',
  'linesUp',
  'bossOutside',
  'hollowBore',
] as const;
const SEPARABLE = ['innerWayIn', 'innerLettering'] as const;
const FIXING = ['torqueLeast', 'torqueMost', 'lock'] as const;

function rolling(words: string, ...more: readonly DetailName[]): StationKindRow {
  return { words, form: 'ring', bearing: 'rolling', details: [...ROLLING, ...more] };
}
function plain(words: string, ...details: readonly DetailName[]): StationKindRow {
  return { words, form: 'ring', bearing: 'plain', details };
}
function pressed(
  words: string,
  bearing: StationKindRow['bearing'],
  ...details: readonly DetailName[]
): StationKindRow {
  const common = ['wayIn', 'depth', 'linesUp', 'bossOutside'] as const;
  return { words, form: 'ring', bearing, pressed: true, details: [...common, ...details] };
}
function ring(words: string, ...details: readonly DetailName[]): StationKindRow {
  return { words, form: 'ring', bearing: null, details };
}
function loose(words: string, ...details: readonly DetailName[]): StationKindRow {
  return { words, form: 'loose', bearing: null, details };
}
function body(words: string): StationKindRow {
  return { words, form: 'body', bearing: null, details: [] };
}

/** Every kind of station. */
export const STATION_KIND_TABLE: Readonly<Record<StationKind, StationKindRow>> = {
  taperedRoller: rolling('Tapered roller bearing', 'thrust', 'contactAngle', ...SEPARABLE),
  ballBearing: rolling('Ball bearing', 'thrust'),
  cylindricalRoller: rolling('Cylindrical roller bearing', ...SEPARABLE),
  drawnCup: pressed('Needle bearing or drawn cup', null, 'designation', 'lettering', 'boreClass'),
  needleThrust: ring('Needle thrust bearing', 'designation', 'lip', 'bevel'),
  looseRollers: ring(
    'Loose rollers',
    'rollerDiameter',
    'rollerCount',
    'clearanceLeast',
    'clearanceMost',
  ),
  plainBearing: plain('Plain bearing or shells', 'clearanceLeast', 'clearanceMost', 'oilHole'),
  bush: pressed(
    'Bush',
    'plain',
    'material',
    'boreClass',
    'outsideClass',
    'oilHole',
    'feedHole',
    'holeOffset',
    'clearanceLeast',
    'clearanceMost',
  ),
  thrustWasher: ring('Thrust washer', 'groove', 'bevel', 'use'),
  seal: ring(
    'Shaft seal',
    'designation',
    'wayIn',
    'lip',
    'lettering',
    'depthRule',
    'depth',
    'boreDepth',
    'rating',
    'testLeast',
    'testMost',
  ),
  oRing: loose('O-ring', 'designation'),
  shimSite: ring('Shim site', 'place', 'pieces'),
  spacer: ring('Spacer', 'spacerType', 'place'),
  adjuster: ring('Threaded adjuster', 'place', 'lead', 'hand', 'notches', 'lock'),
  gear: ring('Gear, hub or flange', 'teeth', 'bevel'),
  key: loose('Key', 'designation', 'use'),
  dowel: loose('Dowels', 'count', 'use'),
  stud: loose('Studs', 'count', 'lock', 'use'),
  ringSeal: loose('Sealing ring in a groove', 'designation', 'ends', 'gapLeast', 'gapMost'),
  piston: ring('Piston', 'wayIn', 'bleed'),
  pistonSeal: loose('Piston seal', 'designation', 'lip'),
  snapRing: ring('Snap ring', 'bevel', 'wayIn', 'grooveDepth', 'use'),
  retainer: ring('Retainer plate', 'count', 'pattern', ...FIXING),
  nut: ring('Nut', 'lead', 'hand', ...FIXING, 'use'),
  bolts: {
    words: 'Bolts',
    form: 'loose',
    bearing: null,
    details: ['count', 'pattern', ...FIXING, 'longest', 'use'],
  },
  housing: body('Housing'),
  cover: body('Cover'),
  shaftStep: { ...body('Shaft'), details: ['webGap'] },
};
