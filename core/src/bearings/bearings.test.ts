import fc from 'fast-check';

import {
  RADIAL_SERIES,
  TAPERED_SERIES,
  type RadialRow,
  type TaperedRow,
} from './boundaryDimensions.ts';
import { decodeDesignation } from './designation.ts';
import { INCH_TAPERS } from './inchTapers.ts';
import { CLEARANCE_CLASSES, CLEARANCE_TYPES, internalClearance } from './internalClearance.ts';
import { MINIATURES } from './smallBearings.ts';

function knownOf(text: string) {
  const decoded = decodeDesignation(text);
  if (decoded.status !== 'known') throw new Error(`${text}: ${decoded.reason}`);
  return decoded;
}
const sizeOf = (text: string) => {
  const { bore, outside, width } = knownOf(text).dimensions;
  return [bore, outside, width];
};

describe('decoding a designation', () => {
  test('should know the cages that say nothing of seals', () => {
    for (const text of ['6205TN9', '6205 TN9 C3', '6306M', '6205-2Z TVH'])
      expect(knownOf(text).unknownSuffixes).toEqual([]);
    expect(knownOf('6205TN9').suffixes.some(({ sealed }) => sealed)).toBe(false);
  });

  test('should say that a cage or a thrust needle without a wall is none', () => {
    for (const text of ['K 24x20x10', 'AXK 4225'])
      expect(decodeDesignation(text).status).toBe('unknown');
  });

  // ISO 15 and ISO 355 boundary dimensions, from memory of commonly printed tables
  test.each([
    ['6204', [20, 47, 14]],
    ['6208-2RS C3', [40, 80, 18]],
    ['6000', [10, 26, 8]],
    ['6303', [17, 47, 14]],
    ['6804', [20, 32, 7]],
    ['61904', [20, 37, 9]],
    ['16006', [30, 55, 9]],
    ['NU 206', [30, 62, 16]],
    ['NJ305', [25, 62, 17]],
    ['NU2207', [35, 72, 23]],
    ['7205', [25, 52, 15]],
    // Needles, cages, thrust needles and double rows: as commonly printed, from memory.
    ['NA4905', [25, 42, 17]],
    ['NA 49/22', [22, 39, 17]],
    ['K 20x24x10', [20, 24, 10]],
    ['K16×20×10', [16, 20, 10]],
    ['AXK 2542', [25, 42, 2]],
    ['AXK4060', [40, 60, 3]],
    ['3205', [25, 52, 20.6]],
    ['3206-2RS', [30, 62, 23.8]],
    ['3305', [25, 62, 25.4]],
    ['32205', [25, 52, 19.25]],
    // Miniatures are wider where they are closed.
    ['688', [8, 16, 4]],
    ['688ZZ', [8, 16, 5]],
    ['686-2RS', [6, 13, 5]],
    ['LM67045/10', [31.75, 59.131, 15.875]],
    ['30208', [40, 80, 19.75]],
    ['32007 X', [35, 62, 18]],
    ['32306', [30, 72, 28.75]],
    ['HK 1612', [16, 22, 12]],
    // The heavier cup of the same bore is known by its width.
    ['HK1210', [12, 16, 10]],
    ['HK1212', [12, 18, 12]],
    ['608', [8, 22, 7]],
    ['625-2RS', [5, 16, 5]],
    ['688', [8, 16, 4]],
    ['62/22', [22, 50, 14]],
    ['60/28 ZZ', [28, 52, 12]],
    ['33205', [25, 52, 22]],
    ['31306', [30, 72, 20.75]],
    // Inch series, ANSI/ABMA 19.2 (from memory).
    ['LM11949/LM11910', [19.05, 45.237, 15.494]],
    ['LM48548/10', [34.925, 65.088, 18.034]],
    ['25580/25520', [44.45, 82.931, 23.812]],
  ])('should know the size of %s', (text, size) => expect(sizeOf(text)).toEqual(size));

  test('should tell the families apart', () => {
    expect(
      ['6204', '7204', 'NU204', '30204', 'BK2016'].map((text) => knownOf(text).family),
    ).toEqual([
      'deepGrooveBall',
      'angularContactBall',
      'cylindricalRoller',
      'taperedRoller',
      'drawnCupNeedle',
    ]);
  });

  test('should give a tapered bearing its three widths', () => {
    expect(knownOf('30207').dimensions).toMatchObject({
      width: 18.25,
      coneWidth: 17,
      cupWidth: 15,
    });
  });

  test.each([
    ['6204ZZ', ['ZZ'], 'CN'],
    ['6204 2Z/C3', ['2Z', 'C3'], 'C3'],
    ['6204-2RS1', ['2RS'], 'CN'],
    ['6204-2RSH C4', ['2RS', 'C4'], 'C4'],
    ['6204NRC3', ['NR', 'C3'], 'C3'],
    ['6204 N', ['N'], 'CN'],
    ['6204 RS Z', ['RS', 'Z'], 'CN'],
  ])('should read the suffixes of %s', (text, suffixes, clearance) => {
    const decoded = knownOf(text);
    expect(decoded.suffixes.map(({ suffix }) => suffix)).toEqual(suffixes);
    expect(decoded.clearanceClass).toBe(clearance);
    expect(decoded.unknownSuffixes).toEqual([]);
  });

  test('should name suffixes it does not know and read the others', () => {
    const decoded = knownOf('6204 QX 2RS');
    expect(decoded.unknownSuffixes).toEqual(['QX']);
    expect(decoded.suffixes[0]).toMatchObject({ suffix: '2RS', closedSides: 2, sealed: true });
  });

  test.each([
    'ABC',
    '6',
    '62',
    '6299',
    '30299',
    'HK9912',
    'HK1211',
    '62/23',
    '601',
    'LM12749',
    'LM11949/LM99999',
    '62045',
    '99204',
    'N',
  ])('should say that %s is unknown, with a way on', (text) => {
    const decoded = decodeDesignation(text);
    expect(decoded.status).toBe('unknown');
    expect((decoded as { reason: string }).reason).toContain('Enter bore, outside and width');
  });

  test('should refuse no text and a book', () => {
    expect(() => decodeDesignation(' ')).toThrow(/designation/);
    expect(() => decodeDesignation('6'.repeat(41))).toThrow(/designation/);
  });

  test('should answer whatever is printed', () => {
    fc.assert(
      fc.property(
        fc.string({ minLength: 1, maxLength: 40 }).filter((text) => text.trim() !== ''),
        (text) => ['known', 'unknown'].includes(decodeDesignation(text).status),
      ),
    );
  });
});

describe('the tables of sizes', () => {
  const radial = Object.entries(RADIAL_SERIES) as [string, readonly RadialRow[]][];
  const tapered = Object.entries(TAPERED_SERIES) as [string, readonly TaperedRow[]][];

  test('should have the bore of the code: five times it from 04 on (ISO 15)', () => {
    for (const [, rows] of [...radial, ...tapered])
      for (const [code, bore] of rows) if (Number(code) >= 4) expect(bore).toBe(5 * Number(code));
  });

  test('should grow along each series, outside more than bore', () => {
    for (const [, rows] of [...radial, ...tapered])
      rows.forEach(([, bore, outside, width], index) => {
        expect(outside).toBeGreaterThan(bore);
        const before = rows[index - 1];
        if (before === undefined) return;
        expect(outside).toBeGreaterThan(before[2]);
        expect(width).toBeGreaterThanOrEqual(before[3]);
      });
  });

  test('should have inch sizes that are whole sixteenths, but for the few that are made to millimetres', () => {
    const bores = INCH_TAPERS.map(([, , bore]) => (bore / 25.4) * 16);
    const whole = bores.filter((bore) => Math.abs(bore - Math.round(bore)) < 0.01);
    expect(whole.length).toBeGreaterThan(bores.length / 2);
    for (const [, , bore, outside, width] of INCH_TAPERS) {
      expect(outside).toBeGreaterThan(bore + 15);
      expect(width).toBeLessThan(outside / 2);
    }
  });

  test('should grow from bore to bore of the miniatures, each with the bore that is printed', () => {
    for (const rows of Object.values(MINIATURES))
      rows.forEach(([code, bore, outside], n) => {
        expect(bore).toBe(Number(code));
        if (n > 0) expect(outside).toBeGreaterThan(rows[n - 1]![2]);
      });
  });

  // A diameter series fixes bore and outside for every type (ISO 15, ISO 355): the tables were written down
  // one by one, so they check each other.
  test.each([
    ['302', '02'],
    ['322', '02'],
    ['303', '03'],
    ['323', '03'],
    ['320', '10'],
  ] as const)('should give tapered %s the outsides of radial %s', (taper, ball) => {
    for (const [code, , outside] of TAPERED_SERIES[taper] as readonly TaperedRow[])
      expect([code, outside]).toEqual([
        code,
        RADIAL_SERIES[ball].find(([other]) => other === code)![2],
      ]);
  });

  test.each([
    ['22', '02'],
    ['00', '10'],
  ] as const)('should give radial %s the outsides of radial %s', (a, b) => {
    for (const [code, , outside] of RADIAL_SERIES[a] as readonly RadialRow[])
      expect([code, outside]).toEqual([
        code,
        (RADIAL_SERIES[b] as readonly RadialRow[]).find(([other]) => other === code)![2],
      ]);
  });

  test('should have cups and cones no wider than the bearing', () => {
    for (const [, rows] of tapered)
      for (const [, , , total, cone, cup] of rows) {
        expect(cone).toBeLessThanOrEqual(total);
        expect(cup).toBeLessThan(cone);
      }
  });
});

describe('internal clearance', () => {
  // ISO 5753-1, from memory of commonly printed tables
  test.each([
    ['deepGrooveBall', 40, 'CN', 6, 20],
    ['deepGrooveBall', 40, 'C3', 15, 33],
    ['deepGrooveBall', 25, 'C2', 1, 11],
    ['deepGrooveBall', 120, 'C5', 90, 140],
    ['cylindricalRoller', 50, 'CN', 30, 60],
    ['cylindricalRoller', 30, 'C3', 35, 60],
  ] as const)(
    'should be for %s of bore %d in %s: %d to %d µm',
    (type, bore, clearance, least, most) => {
      expect(internalClearance(type, bore, clearance)).toEqual({
        least: least / 1000,
        most: most / 1000,
      });
    },
  );

  test('should rise from class to class and never fall with the bore', () => {
    for (const type of CLEARANCE_TYPES)
      for (const [index, clearance] of CLEARANCE_CLASSES.entries()) {
        let before = { least: 0, most: 0 };
        for (const bore of [15, 22, 28, 35, 45, 60, 75, 90, 110]) {
          const now = internalClearance(type, bore, clearance);
          if (now === null) continue;
          expect(now.most).toBeGreaterThan(now.least);
          expect(now.most).toBeGreaterThanOrEqual(before.most);
          const tighter = CLEARANCE_CLASSES[index - 1];
          if (tighter)
            expect(now.least).toBeGreaterThan(internalClearance(type, bore, tighter)!.least);
          before = now;
        }
      }
  });

  test('should say when it has no row, and name bad input', () => {
    expect(internalClearance('deepGrooveBall', 6, 'CN')).toBeNull();
    expect(internalClearance('cylindricalRoller', 40, 'C5')).toBeNull();
    expect(() => internalClearance('deepGrooveBall', -1, 'CN')).toThrow(/bore/);
    expect(() => internalClearance('plain' as 'deepGrooveBall', 40, 'CN')).toThrow(/type/);
  });

  test('should pass over a maker’s name before the number, but take no letters of a series for one', () => {
    for (const [text, size] of [
      ['ULVO 6205-2RS', 25],
      ['Ulvo NU 206', 30],
      ['ULVO 30206', 30],
    ] as const)
      expect(decodeDesignation(text)).toMatchObject({
        status: 'known',
        dimensions: { bore: size },
      });
    expect(decodeDesignation('NU 206')).toMatchObject({ family: 'cylindricalRoller' });
    expect(decodeDesignation('XQ 12').status).toBe('unknown');
    expect(decodeDesignation('ULVO').status).toBe('unknown');
  });
});
