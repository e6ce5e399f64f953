import fc from 'fast-check';

import { InputError } from '../faults/index.ts';
import { assumedUnit, formatQuantity } from './formatQuantity.ts';
import { parseQuantity, tryParseQuantity } from './parseQuantity.ts';
import { UNIT_TABLE, type QuantityKind } from './unitTable.ts';

const length = (text: string) => parseQuantity(text, 'length', 'mm').value;

describe('reading what people type', () => {
  // 1 in = 25.4 mm exactly (international yard and pound agreement, 1959)
  test.each([
    ['.0055"', 0.1397],
    ['5.5 thou', 0.1397],
    ['5.5thou', 0.1397],
    ['0.14 mm', 0.14],
    ['0.14', 0.14],
    ['0,14', 0.14],
    [',14mm', 0.14],
    ['0,140 mm', 0.14],
    ['140 µm', 0.14],
    ['140 um', 0.14],
    ['1/64"', 0.396875],
    ['1 3/8 in', 34.925],
    // A pitch as inch threads are told: 25.4 mm by so many.
    ['16 tpi', 1.5875],
    ['20 threads per inch', 1.27],
    ['1-3/8 in', 34.925],
    ['1½ in', 38.1],
    ['½"', 12.7],
    ['-0.02', -0.02],
    ['−0.02 mm', -0.02],
    ['- 2 thou', -0.0508],
    ['2 cm', 20],
  ])('should read %s as %d mm', (text, mm) => {
    expect(length(text)).toBeCloseTo(mm, 9);
  });

  // NIST SP 811 (2008), appendix B.8: 1 lbf·ft = 1.355 818 N·m, 1 lbf·in = 0.112 984 8 N·m
  test.each([
    ['80 lb·ft', 80 * 1.355818],
    ['80 lb-ft', 80 * 1.355818],
    ['80 ft-lb', 80 * 1.355818],
    ['80 ft lbs', 80 * 1.355818],
    ['80 lbf ft', 80 * 1.355818],
    ['12 in-lb', 12 * 0.1129848],
    ['12 lb.in', 12 * 0.1129848],
    ['40 oz·in', 40 * 0.00706155],
    ['40 in-oz', 40 * 0.00706155],
    ['3 Nm', 3],
    ['3 N·m', 3],
    ['3 N m', 3],
    ['50 kgf cm', 50 * 0.0980665],
  ])('should read %s as a torque', (text, newtonMetres) => {
    expect(parseQuantity(text, 'torque', 'Nm').value).toBeCloseTo(newtonMetres, 4);
  });

  test('should read tenths of a thousandth, and no thread of less than none', () => {
    expect(parseQuantity('3 tenths', 'length', 'mm').value).toBeCloseTo(0.00762, 9);
    expect(parseQuantity('16 tpi', 'length', 'mm').value).toBeCloseTo(1.5875, 9);
    expect(() => parseQuantity('-16 tpi', 'length', 'mm', 'pitch')).toThrow('pitch');
  });

  // common practice, no source: 10 N·m is 7.38 lb·ft; 1 N·m is 8.85 lb·in
  test('should agree with the figures mechanics carry in their heads', () => {
    expect(parseQuantity('7.38 lb ft', 'torque', 'Nm').value).toBeCloseTo(10, 1);
    expect(parseQuantity('8.85 lb in', 'torque', 'Nm').value).toBeCloseTo(1, 3);
  });

  test.each([
    ['225F', 107.2222],
    ['225 °F', 107.2222],
    ['32F', 0],
    ['-40F', -40],
    ['107 C', 107],
    ['300 K', 26.85],
  ])('should read %s as a temperature', (text, celsius) => {
    expect(parseQuantity(text, 'temperature', 'degC').value).toBeCloseTo(celsius, 3);
  });

  test('should tell whether a unit was typed, and keep what was typed', () => {
    expect(parseQuantity(' .0055" ', 'length', 'mm')).toMatchObject({
      unit: 'in',
      unitTyped: true,
      typed: '.0055"',
    });
    expect(parseQuantity('5', 'length', 'in')).toMatchObject({
      unit: 'in',
      unitTyped: false,
      value: 127,
    });
  });
});

describe('refusing what cannot be read', () => {
  test.each([
    ['', 'unreadable'],
    ['about 3', 'unreadable'],
    ['3 apples', 'unknownName'],
    ['3 N', 'unknownName'],
    ['1/0 in', 'outOfRange'],
    ['1,250', 'unreadable'],
    ['1.2.3', 'unknownName'],
    ['NaN', 'unreadable'],
    ['Infinity', 'unreadable'],
    ['--3', 'unreadable'],
    ['9'.repeat(41), 'unreadable'],
  ])('should refuse %j with code %s and name the field', (text, code) => {
    const result = tryParseQuantity(text, 'length', 'mm', 'lift');
    expect(result).toBeInstanceOf(InputError);
    expect((result as InputError).faults[0]).toMatchObject({ code, field: 'lift' });
  });

  test('should refuse a temperature below absolute zero', () => {
    expect(() => parseQuantity('-300 C', 'temperature', 'degC')).toThrow('absolute zero');
  });

  test('should refuse a unit id that does not exist', () => {
    expect(() => parseQuantity('3', 'length', 'furlong')).toThrow('unit');
  });

  test('should never let anything but its own error out, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const result = tryParseQuantity(text, 'length', 'mm');
        return result instanceof InputError || Number.isFinite(result.value);
      }),
      { numRuns: 2000 },
    );
  });
});

describe('going there and back', () => {
  const kinds = Object.keys(UNIT_TABLE) as QuantityKind[];

  test('should read back what it shows, within the digits shown', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom('metric' as const, 'inch' as const),
        fc.double({ min: -200, max: 5000, noNaN: true }),
        (kind, system, value) => {
          const { text, unit, unitId } = formatQuantity(value, kind, system, 6);
          const back = parseQuantity(`${text} ${unit}`, kind, assumedUnit(kind, system)).value;
          // Half of the last digit, in the unit that is shown.
          const half = 0.5e-6 * UNIT_TABLE[kind].find(({ id }) => id === unitId)!.factor;
          return Math.abs(back - value) <= half + 1e-9 * Math.abs(value);
        },
      ),
    );
  });

  test('should have no alias that two units of a kind share', () => {
    for (const rows of Object.values(UNIT_TABLE)) {
      const aliases = rows.flatMap((row) => row.aliases);
      expect(new Set(aliases).size).toBe(aliases.length);
    }
  });
});
