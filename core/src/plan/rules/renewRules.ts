import { REPAIRS } from '../../inspect/index.ts';
import { NORMAL_FACTOR } from '../../measure/index.ts';
import { SOURCES } from '../../sources/index.ts';
import {
  STATION_KIND_TABLE,
  STATION_KINDS,
  type Station,
  type StationKind,
} from '../../unit/index.ts';
import { comparisonOf } from '../comparison.ts';
import { figure, numbers, sizeFigure } from '../figures.ts';
import { LOCKS } from '../locks.ts';
import { nameOf, type Rule } from '../rule.ts';
import { expectedDepth } from '../seating.ts';
import { ringFeatures } from '../seats.ts';

const ROLLING = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].bearing === 'rolling');

/** Nothing to decide: used once. */
const ONCE = ['oRing', 'pistonSeal'] as const;

export const INSPECTED = STATION_KINDS.filter(
  (kind) =>
    STATION_KIND_TABLE[kind].form !== 'body' && !(ONCE as readonly StationKind[]).includes(kind),
);

const NEW_BEARINGS = [...ROLLING, 'drawnCup', 'needleThrust'] as const;

const NEW_PARTS = INSPECTED.filter(
  (kind) => !(NEW_BEARINGS as readonly string[]).includes(kind) && kind !== 'shimSite',
);

/** Never used again once it has been out, whatever it looks like. */
const ALWAYS_NEW: readonly StationKind[] = [...ONCE, 'seal', 'bush'];

function isUsedOnce({ kind, spacerType, lock, ends, use }: Station): boolean {
  if (use === 'once' || ALWAYS_NEW.includes(kind)) return true;
  return (
    spacerType === 'collapsible' || ends === 'whole' || (lock !== undefined && LOCKS[lock].once)
  );
}

/** What is repaired or renewed, and what is new held against what was in. */
export const RENEW_RULES: readonly Rule[] = [
  {
    id: 'repairPart',
    phase: 'compare',
    on: 'part',
    form: 'tick',
    when: ({ state, part }) => state.inspection.decisions[part.id]?.verdict === 'repair',
    title: ({ state, part }) =>
      `${REPAIRS[state.inspection.decisions[part.id]!.repair!].words}: ${part.name}`,
    how: ({ state, part }) => REPAIRS[state.inspection.decisions[part.id]!.repair!].how,
    reason: 'Decided at inspection. Nothing is fitted to it before.',
    cautions: ({ state, part }) =>
      state.inspection.decisions[part.id]?.repair === 'weld' ? ['noFlame'] : [],
    after: [{ rule: 'inspectPart', of: 'part' }],
  },
  {
    id: 'replacePart',
    phase: 'compare',
    on: 'part',
    form: 'tick',
    when: ({ state, part }) => state.inspection.decisions[part.id]?.verdict === 'replace',
    title: ({ part }) => `Get another ${part.name}`,
    how: 'Compare seats, faces, holes and threads with the old one; then measure its seats.',
    reason: 'Decided at inspection.',
    after: [{ rule: 'inspectPart', of: 'part' }],
  },
  {
    id: 'repair',
    phase: 'compare',
    on: 'station',
    form: 'tick',
    when: ({ state, station }) => state.inspection.decisions[station.id]?.verdict === 'repair',
    title: ({ state, station }) =>
      `${REPAIRS[state.inspection.decisions[station.id]!.repair!].words}: ${station.name}`,
    how: ({ state, station }) => REPAIRS[state.inspection.decisions[station.id]!.repair!].how,
    reason: 'Decided at inspection.',
    cautions: ({ state, station }) =>
      /ompound/.test(state.inspection.decisions[station.id]?.repair ?? '') ? ['compound'] : [],
    after: [{ rule: 'inspect', of: 'station' }],
  },
  {
    id: 'compare',
    phase: 'compare',
    on: 'station',
    kinds: NEW_BEARINGS,
    form: 'compare',
    when: ({ state, station }) => state.inspection.decisions[station.id]?.verdict !== 'reuse',
    title: (subject) => `Compare the new ${nameOf(subject)} with the old`,
    how: 'Size, markings, clearance class, radius side, oil holes, groove, shields to take off.',
    reason: 'The last moment at which a wrong part costs nothing.',
    numbers: ({ station }) => numbers(sizeFigure('Wanted', station, SOURCES.asBookedIn.title)),
    sizes: ({ station }) => ringFeatures(station),
    after: [{ rule: 'inspect', of: 'station' }],
    done: ({ state, station }) =>
      ['same', 'note'].includes(comparisonOf(state, station)?.result ?? ''),
  },
  {
    id: 'measureDepth',
    phase: 'compare',
    on: 'station',
    kinds: ROLLING,
    form: 'sizes',
    when: ({ station }) => station.shoulder === 'hidden',
    title: ({ station }) => `Measure the depth to the hidden shoulder of ${station.name}`,
    how: 'From the face to the shoulder at three places, then the width of the new ring. Clean shoulder, no burr.',
    reason: 'Nobody can see whether it is home: the depth shows it afterwards.',
    numbers: ({ state, station }) => {
      const expected = expectedDepth(state, station);
      return numbers(
        expected === null
          ? null
          : figure('Depth when it is home', 'length', expected.depth, SOURCES.asMeasured.title, {
              expanded: NORMAL_FACTOR * expected.uncertainty,
            }),
      );
    },
    sizes: () => ['shoulderDepth', 'ringWidth'],
    tools: ['depth gauge', 'micrometer'],
    after: [
      { rule: 'compare', of: 'station' },
      { rule: 'inspect', of: 'station' },
    ],
    done: ({ state, station }) => expectedDepth(state, station) !== null,
  },
  {
    id: 'newPart',
    phase: 'compare',
    on: 'station',
    kinds: [...NEW_PARTS, ...ONCE],
    form: 'tick',
    when: ({ state, station }) =>
      isUsedOnce(station) || state.inspection.decisions[station.id]?.verdict === 'replace',
    title: (subject) => `Lay the new ${nameOf(subject)} beside the old`,
    how: ({ station }) =>
      station.kind === 'seal'
        ? 'Compare size, lip material, dust lip, and the direction of the helix with the way the shaft turns.'
        : station.spacerType === 'collapsible'
          ? 'The old sleeve is crushed and shorter: compare bore, outside and wall with it, and the length with the free length that is described.'
          : 'Same size, same shape, same side features.',
    reason: 'Used once only, or decided at inspection.',
    numbers: ({ station }) => numbers(sizeFigure('Size', station, SOURCES.asBookedIn.title)),
    after: [{ rule: 'inspect', of: 'station' }],
  },
];
