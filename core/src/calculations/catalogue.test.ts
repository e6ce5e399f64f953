import { describeType } from '../shape/index.ts';
import { calculate, CATALOGUE } from './catalogue.ts';
import { faultsOf } from './tests/faultsOf.ts';
import { SOUND } from './tests/soundInputs.ts';

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
    ['rolling-torque', { ...SOUND['rolling-torque']![0], sealDrag: 5 }, 'sealDrag.value'],
    [
      'spacer-length',
      {
        ...SOUND['spacer-length']![0],
        trials: [{ length: 59, lengthUncertainty: 0, feel: 'loose', play: 'much', torque: null }],
      },
      'trials[0].play.value',
    ],
    [
      'joint-packs',
      {
        ...SOUND['joint-packs']![0],
        sites: [{ id: 'a', thickness: 1, uncertainty: 0, gains: 'up' }],
      },
      'sites[0].gains',
    ],
    [
      'joint-packs',
      {
        ...SOUND['joint-packs']![0],
        specs: [{ id: 'a', value: 1, uncertainty: 0, degreesOfFreedom: null, band: null }],
      },
      'specs[0].band',
    ],
    ['no-such-thing', {}, 'name'],
  ])('should refuse bad input of %s: %j, naming %s', (name, input, field) => {
    expect(faultsOf(name, input)).toContain(field);
  });
});
