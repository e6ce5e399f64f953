import type { InputError } from '../faults/index.ts';
import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { writeUnitFile } from '../unit/index.ts';
import { describeType } from '../shape/index.ts';
import { calculate, CATALOGUE } from './catalogue.ts';

/** One sound input for each calculation, and a figure its result must contain. */
const SOUND: Readonly<Record<string, readonly [input: object, expected: object]>> = {
  'parse-quantity': [{ text: '.0055"', kind: 'length', assume: 'mm' }, { unit: 'in' }],
  'format-quantity': [{ value: 25.4, kind: 'length', system: 'inch' }, { text: '1.0000' }],
  'shim-gain': [{ arrangement: 'faceToFace', place: 'underCoverFlange' }, { gain: 1 }],
  'trial-gain': [{ first: { thickness: 1, endPlay: 0 }, second: { thickness: 2, endPlay: 1 } }, { gain: 1 }],
  'adjuster-play': [{ lead: 1.5, clockwiseAngle: 360, hand: 'right' }, { endPlayChange: -1.5 }],
  'bevel-backlash': [{ pressureAngle: 20, spiralAngle: 35, ringPitchAngle: 75, heelRatio: 1 }, {}],
  'cosine-correction': [{ contact: 'lever', angle: 0 }, { factor: 1 }],
  'student-factor': [{ degreesOfFreedom: 4 }, {}],
  'decode-bearing': [{ designation: '6204 C3' }, { status: 'known', clearanceClass: 'C3' }],
  'internal-clearance': [{ type: 'deepGrooveBall', bore: 40, clearanceClass: 'CN' }, { clearance: { least: 0.006, most: 0.02 } }],
  'judge-run': [
    {
      instrument: { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0, range: 10 },
      indicator: { contact: 'lever', angle: 0 }, band: { lower: 0.1, upper: 0.2, target: null }, shaftHeld: true,
      cycles: [0, 0, 0].map((zero) => ({ zero, lift: 0.15, returned: 0, position: null })),
    },
    { status: 'judged' },
  ],
  'propose-pack': [
    {
      endPlay: { value: 0.3, uncertainty: 0.005, degreesOfFreedom: null }, packInPlace: { thickness: 1, uncertainty: 0 }, gain: 1,
      band: { lower: 0.1, upper: 0.2, target: null }, stock: [{ id: 'a', thickness: 0.85, count: 1, uncertainty: 0 }], mostPieces: 2,
    },
    { status: 'found' },
  ],
  'standard-tolerance': [{ size: 62, grade: 'IT7' }, { tolerance: 0.03 }],
  'ring-limits': [{ size: 52, ring: 'outer', family: 'radial' }, { most: 52 }],
  interference: [{ which: 'outer', ring: { least: 52, most: 52 }, seat: { least: 51.5, most: 51.5 } }, { mean: 0.5 }],
  'drop-in': [{ diameter: 52, tightest: 0.03, material: 'castAluminium' }, { way: 'caseOnly', limit: 150 }],
  'judge-round': [{ nominal: 52, sizes: [{ plane: 'outer', value: 52, uncertainty: 0.001 }] }, { verdict: null }],
  'bolt-length': [{ length: 45, longest: 45.5, uncertainty: 0.01 }, { word: 'conforms' }],
  'loose-bore': [{ gap: 0.2 }, { repair: 'sleeveBore' }],
  'compare-bearings': [
    { wanted: { designation: '6205', dimensions: { bore: 25, outside: 52, width: 15 } }, offered: { designation: '6205', dimensions: { bore: 25, outside: 52, width: 15 } } },
    { result: 'same' },
  ],
  'full-complement': [{ journal: 3, roller: 3 }, { count: 6 }],
  'oil-hole-opening': [{ first: 5, second: 5, offset: 0 }, { share: 1 }],
  'plain-clearance': [{ bores: [40.5], journals: [40] }, { least: 0.5, usual: { lower: 0.03 } }],
  'seal-depth': [{ boreDepth: 12, depth: 2, width: 8 }, { gap: 2, enough: true }],
  tightening: [{ count: 4, pattern: 'circle', least: 20, most: 24 }, { order: [1, 3, 2, 4], rounds: [11, 16.5, 22] }],
  'build-plan': [{ unitFile: writeUnitFile(FIXTURE_UNIT), scope: 'setPlay' }, { faults: {}, plan: { behind: 0, next: { rule: 'setSpec' } } }],
}; // prettier-ignore

describe('the catalogue of calculations', () => {
  test.each(CATALOGUE.map(({ name }) => name))('should run %s on sound input', (name) => {
    const [input, expected] = SOUND[name]!;
    expect(calculate(name, input)).toMatchObject(expected);
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
        expect(describeType(field)).toMatch(/a number|a whole number|text|true or false|one of/);
      }
  });

  const faultsOf = (name: string, input: unknown): readonly string[] => {
    try {
      calculate(name, input);
    } catch (error) {
      return (error as InputError).faults.map(({ field }) => field);
    }
    return [];
  };

  test.each<[string, unknown, string]>([
    ['student-factor', { degreesOfFreedom: '4' }, 'degreesOfFreedom'],
    ['student-factor', { degreesOfFreedom: 4, extra: 1 }, 'extra'],
    ['student-factor', null, 'input'],
    ['student-factor', [], 'input'],
    ['shim-gain', { arrangement: 'sideways', place: 'underCoverFlange' }, 'arrangement'],
    [
      'propose-pack',
      {
        ...SOUND['propose-pack']![0],
        stock: [{ id: 'a', thickness: 'x', count: 1.5, uncertainty: 0 }],
      },
      'stock[0].thickness',
    ],
    ['propose-pack', { ...SOUND['propose-pack']![0], stock: 'many' }, 'stock'],
    ['judge-run', { ...SOUND['judge-run']![0], shaftHeld: 'yes' }, 'shaftHeld'],
    [
      'judge-run',
      { ...SOUND['judge-run']![0], cycles: [{ zero: 0, lift: 0.1, returned: 0 }] },
      'cycles[0].position',
    ],
    ['no-such-thing', {}, 'name'],
  ])('should refuse bad input of %s: %j, naming %s', (name, input, field) => {
    expect(faultsOf(name, input)).toContain(field);
  });
});
