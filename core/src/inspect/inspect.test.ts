import { PART_KINDS, STATION_KINDS } from '../unit/index.ts';
import { judgeBoltLength } from './boltLength.ts';
import { FINDINGS, REPAIRS, type Finding } from './findings.ts';
import { findingsOf, PART_FINDINGS } from './findingsOf.ts';
import { judgeRound, type PlacedSize } from './judgeRound.ts';
import { looseBoreRemedy } from './looseBore.ts';
import { featuresOf, placesFor, requireSize } from './sizePlaces.ts';

const sizes = (
  outer: readonly number[],
  inner: readonly number[],
  uncertainty = 0.0005,
): readonly PlacedSize[] => [
  ...outer.map((value) => ({ plane: 'outer' as const, value, uncertainty })),
  ...inner.map((value) => ({ plane: 'inner' as const, value, uncertainty })),
];

describe('a bore or journal', () => {
  test('should be judged by hand the same way', () => {
    const verdict = judgeRound(sizes([52.0, 52.01, 52.004], [51.99, 51.996, 51.993]), 52)!;
    expect(verdict.ovality).toBeCloseTo(0.01, 9);
    // Planes' means 52.004667 and 51.993: taper 0.011667, mean 51.998833.
    expect(verdict.taper).toBeCloseTo(0.011667, 6);
    expect(verdict.mean).toBeCloseTo(51.998833, 6);
    expect(verdict.limit).toBeCloseTo(0.015, 9); // half of IT7 for 50 to 80 mm, 30 µm (ISO 286-1)
    expect(verdict.ovalityDecision.guard).toBeCloseTo(1.645 * 0.0005 * Math.SQRT2, 9);
    expect([verdict.ovalityDecision.word, verdict.taperDecision!.word]).toEqual([
      'conforms',
      'conforms',
    ]);
  });

  test('should not be decided where the gauge is as coarse as the limit', () => {
    const coarse = judgeRound(sizes([52, 52.01, 52], [52], 0.006), 52)!;
    expect(coarse.ovalityDecision.word).toBe('cannotDecide');
  });

  test('should be out of round when it is', () => {
    expect(judgeRound(sizes([52, 52.05, 52.01], []), 52)!.ovalityDecision.word).toBe(
      'doesNotConform',
    );
  });

  test('should have no taper while one plane is measured, and no verdict from one diameter', () => {
    expect(judgeRound(sizes([52, 52.004], []), 52)).toMatchObject({
      taper: null,
      taperDecision: null,
    });
    expect(judgeRound(sizes([52], [52]), 52)).toBeNull();
    expect(judgeRound([], 52)).toBeNull();
  });

  test('should ask about a size that is far from nominal: an inch typed as a millimetre', () => {
    expect(() => judgeRound(sizes([52, 2.047], []), 52)).toThrow(/sizes\[1\].value/);
    expect(() => judgeRound(sizes([52, 52], []), 2)).toThrow(/nominal/);
  });
});

describe('a bolt', () => {
  test('should be past its limit, within it, or too near to say', () => {
    expect(judgeBoltLength(45.0, 45.5, 0.01).word).toBe('conforms');
    expect(judgeBoltLength(45.49, 45.5, 0.01).word).toBe('cannotDecide');
    expect(judgeBoltLength(45.6, 45.5, 0.01).word).toBe('doesNotConform');
  });
  test.each([
    ['length', 0, 1, 0],
    ['longest', 1, 0, 0],
    ['uncertainty', 1, 1, 2],
  ] as const)('should name %s', (field, length, longest, uncertainty) => {
    expect(() => judgeBoltLength(length, longest, uncertainty)).toThrow(field);
  });
});

describe('findings', () => {
  test('should be possible for every kind of station and part', () => {
    for (const kind of STATION_KINDS) expect(findingsOf({ kind }).length).toBeGreaterThan(0);
    expect(findingsOf({ kind: 'spacer', spacerType: 'collapsible' })).toEqual([
      'onceOnly',
      'faceWorn',
    ]);
    expect(findingsOf({ kind: 'nut', lock: 'selfLocking' })).not.toContain('sound');
    for (const kind of PART_KINDS) expect(PART_FINDINGS[kind].length).toBeGreaterThan(1);
  });

  test('should name a repair exactly where they call for one', () => {
    for (const finding of Object.values<Finding>(FINDINGS)) {
      expect(finding.repair === undefined).toBe(finding.verdict !== 'repair');
      if (finding.repair !== undefined) expect(REPAIRS[finding.repair].how).toMatch(/\.$/);
    }
  });

  test('should scrap a ring with any temper colour', () => {
    // Common practice, no source: straw about 205 to 230 °C, blue about 290 °C, all beyond what a ring stands.
    expect(FINDINGS.ringBlued.verdict).toBe('replace');
  });

  test('should mend a loose bore by its gap: compound, rougher and thicker, then a sleeve', () => {
    expect([0.01, 0.05, 0.051, 0.15, 0.2].map((gap) => looseBoreRemedy(gap).repair)).toEqual([
      'compound',
      'compound',
      'roughenCompound',
      'roughenCompound',
      'sleeveBore',
    ]);
  });
});

describe('where sizes are taken', () => {
  test('should be three angles at two depths, or each bolt', () => {
    expect(placesFor('bore').map(({ id }) => id)).toEqual([
      'outer-0',
      'outer-60',
      'outer-120',
      'inner-0',
      'inner-60',
      'inner-120',
    ]);
    expect(placesFor('length', 3).map(({ id }) => id)).toEqual(['bolt-1', 'bolt-2', 'bolt-3']);
  });
  test('should have a depth of nothing, and no diameter of nothing', () => {
    expect(requireSize('seatedDepth', 0)).toBe(0);
    expect(() => requireSize('bore', 0)).toThrow(/value/);
    expect(() => requireSize('shoulderDepth', Number.NaN)).toThrow(/value/);
  });
  test('should depend on the kind', () => {
    expect(featuresOf('ballBearing').slice(0, 2)).toEqual(['bore', 'journal']);
    expect(featuresOf('drawnCup')).toContain('housingBore');
    expect(featuresOf('drawnCup')).not.toContain('journal');
    expect(featuresOf('bush')).toEqual(expect.arrayContaining(['journal', 'holeOffset']));
    expect(placesFor('holeOffset')).toHaveLength(1);
    expect(placesFor('seatedDepth').map(({ words }) => words)).toEqual([
      'at 0°',
      'at 60°',
      'at 120°',
    ]);
    expect(featuresOf('bolts')).toEqual(['length']);
    expect(featuresOf('seal')).toEqual([]);
  });
});
