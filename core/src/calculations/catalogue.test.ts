import { describeType } from '../shape/index.ts';
import { calculate, CATALOGUE } from './catalogue.ts';
import { faultsOf } from './tests/faultsOf.ts';
import { SOUND } from './tests/soundInputs.ts';

/** A figure that the result of each sound input must contain. */
const EXPECTED: Readonly<Record<string, object>> = {
  'parse-quantity': { unit: 'in' },
  'format-quantity': { text: '1.0000' },
  'shim-gain': { gain: 1 },
  'trial-gain': { gain: 1 },
  'depth-stack': { value: 40, worst: 0.07, likely: 0.05, agrees: true },
  'preload-force': { torque: expect.closeTo(0.5374, 3) },
  'warm-play-two': { warm: 0.1 },
  'gauge-force': { force: expect.closeTo(39_270, 0) },
  'drawn-cup-bore': { least: expect.closeTo(20.016, 6), most: expect.closeTo(20.058, 6) },
  'closing-in': // By hand: p = 0.04/(30·(2.311 + 4.957)e-5) = 18.3 MPa; 2·18.3·30²·25/(105000·275).
    { by: expect.closeTo(0.0286, 4) },
  'ream-size': { least: expect.closeTo(25.02, 9), most: expect.closeTo(25.04, 9), word: 'ream' },
  'learn-play': { value: 0.3, gain: 1, scatter: { value: 0.003, degreesOfFreedom: null } },
  'adjuster-play': { endPlayChange: -1.5 },
  'bevel-backlash': {},
  'cosine-correction': { factor: 1 },
  'student-factor': {},
  'decode-bearing': { status: 'known', clearanceClass: 'C3' },
  'internal-clearance': { clearance: { least: 0.006, most: 0.02 } },
  'judge-run': { status: 'judged' },
  'propose-pack': { status: 'found' },
  'standard-tolerance': { tolerance: 0.03 },
  'ring-limits': { most: 52 },
  interference: { mean: 0.5 },
  'drop-in': {
    clearance: 0.031,
    drops: expect.closeTo(65.76, 2),
    slides: expect.closeTo(42.51, 2),
  },
  'judge-round': { verdict: null },
  'bolt-length': { word: 'conforms' },
  'loose-bore': { repair: 'sleeveBore' },
  'compare-bearings': { result: 'same' },
  'full-complement': { count: 6 },
  'oil-hole-opening': { share: 1 },
  'plain-clearance': { least: 0.5, usual: { lower: 0.03 } },
  'seal-depth': { gap: 2, enough: true },
  tightening: { order: [1, 3, 2, 4], rounds: [11, 16.5, 22] },
  'tolerance-class': { least: 62, most: 62.03 },
  'class-fit': {},
  'roughness-loss': { effective: -0.02 },
  'fit-at-temperature': { interference: 0.03 },
  'press-fit': { pressure: 0, force: 0 },
  'clearance-left': { left: 0.015 },
  'draw-screw': { holds: true, torqueDry: 40 },
  'soak-time': { seconds: 0 },
  'seat-window': { lastSafe: null },
  'seat-order': { order: [{ id: 'a', heat: 1, in: 20, spare: 40 }] },
  'ways-in': {
    ways: expect.arrayContaining([expect.objectContaining({ id: 'bake', stands: false })]),
  },
  'least-heat': // 20 + 0.061/(62·21.5·10⁻⁶) = 65.76; 40 s of τ = 1600 s in the air: 20 + 45.76·e^(1/40) = 66.92.
    { toDrop: expect.closeTo(66.92, 2), seats: [{ drops: expect.closeTo(65.76, 2) }] },
  'follow-body': { temperature: 50, isRead: true },
  'ring-force': { least: 0, usual: 0, most: 0 },
  'cord-torque': { torque: 0.82 },
  'rolling-torque': { status: 'judged', bearings: 0.9, decision: { word: 'conforms' } },
  'carrier-torque': { carrier: 2 },
  'sleeve-forecast': { status: 'free', step: 3, contact: { bound: 'noLead' } },
  'sleeve-window': { isNarrow: false },
  'closing-play': { status: 'closing' },
  'spacer-length': { status: 'known', basis: 'play', wanted: expect.closeTo(58.86, 9) },
  'spacer-cut': { now: expect.closeTo(0.3, 9), rest: true },
  'clamp-shortening': { shortening: 0 },
  'adjuster-turn': { notches: 1, direction: 'anticlockwise' },
  'backlash-per-move': { ring: { value: 0.7 }, pinion: { value: 0.175 }, by: 'usual' },
  'split-turns': { gear: { notches: 2 }, other: { notches: -1 } },
  'judge-backlash': { status: 'judged', decision: { word: 'conforms' } },
  'depth-shim': { status: 'known', shim: { thickness: expect.closeTo(1.28, 9) } },
  'judge-pattern': { status: 'judged', good: true },
  'carrier-split': {
    total: expect.closeTo(3.3, 9),
    shift: expect.closeTo(0.2, 9),
    otherSide: expect.closeTo(1.4, 9),
    gearSide: expect.closeTo(1.9, 9),
  },
  'play-terms': { shift: 0.4, uncertainty: 0.01 },
  'doubt-reading': { doubt: { likely: { id: 'thousandths' } } },
  'joint-packs': { status: 'found', choices: [{ packs: [{ thickness: 0.34 }] }] },
  'warm-play': { warm: 0.1, looseCups: [] },
  'pack-odds': { inBand: 1 },
  course: {
    noWay: [],
    rows: expect.arrayContaining([expect.objectContaining({ act: 'fitPack', on: ['shims'] })]),
  },
  'build-plan': { faults: {}, plan: { behind: 0, next: { rule: 'setSpec' } } },
};

describe('the catalogue of calculations', () => {
  test.each(CATALOGUE.map(({ name }) => name))('should run %s on sound input', (name) => {
    expect(calculate(name, SOUND[name])).toMatchObject(EXPECTED[name]!);
  });

  test.each(CATALOGUE.map(({ name }) => name))(
    'should name every field of %s that is left out',
    (name) => {
      const { fields } = CATALOGUE.find((calculation) => calculation.name === name)!;
      const faults = faultsOf(name, {});
      for (const { path, optional } of fields)
        if (!optional)
          expect(faults.some((fault) => path.startsWith(fault.replace(/\[\d+\]/g, '[]')))).toBe(
            true,
          );
    },
  );

  test('should describe each field with its type, unit and range', () => {
    for (const { fields } of CATALOGUE)
      for (const field of fields) {
        expect(field.meaning).not.toBe('');
        expect(describeType(field)).toMatch(
          /a number|a whole number|text|true or false|a value|one of/,
        );
      }
  });

  test.each<[string, unknown, string]>([
    ['student-factor', { degreesOfFreedom: '4' }, 'degreesOfFreedom'],
    ['student-factor', { degreesOfFreedom: 4, extra: 1 }, 'extra'],
    ['student-factor', null, 'input'],
    ['student-factor', [], 'input'],
    ['shim-gain', { arrangement: 'sideways', place: 'underCoverFlange' }, 'arrangement'],
    [
      'propose-pack',
      {
        ...SOUND['propose-pack']!,
        stock: [{ id: 'a', thickness: 'x', count: 1.5, uncertainty: 0 }],
      },
      'stock[0].thickness',
    ],
    ['propose-pack', { ...SOUND['propose-pack']!, stock: 'many' }, 'stock'],
    ['judge-run', { ...SOUND['judge-run']!, shaftHeld: 'yes' }, 'shaftHeld'],
    [
      'judge-run',
      { ...SOUND['judge-run']!, cycles: [{ zero: 0, lift: 0.1, returned: 0 }] },
      'cycles[0].position',
    ],
    ['rolling-torque', { ...SOUND['rolling-torque']!, sealDrag: 5 }, 'sealDrag.value'],
    [
      'spacer-length',
      {
        ...SOUND['spacer-length']!,
        trials: [{ length: 59, lengthUncertainty: 0, feel: 'loose', play: 'much', torque: null }],
      },
      'trials[0].play.value',
    ],
    [
      'joint-packs',
      {
        ...SOUND['joint-packs']!,
        sites: [{ id: 'a', thickness: 1, uncertainty: 0, gains: 'up' }],
      },
      'sites[0].gains',
    ],
    [
      'joint-packs',
      {
        ...SOUND['joint-packs']!,
        specs: [{ id: 'a', value: 1, uncertainty: 0, degreesOfFreedom: null, band: null }],
      },
      'specs[0].band',
    ],
    ['no-such-thing', {}, 'name'],
  ])('should refuse bad input of %s: %j, naming %s', (name, input, field) => {
    expect(faultsOf(name, input)).toContain(field);
  });
});
