import { foldJob } from '../job/index.ts';
import { FIXTURE_INSTRUMENT, FIXTURE_UNIT, LogBuilder } from '../job/tests/jobFixture.ts';
import type { Station } from '../unit/index.ts';
import { measuredSuggestions } from './measuredSuggestions.ts';

const FINE = { ...FIXTURE_INSTRUMENT, graduation: 0.001 };
const BASE = {
  id: 'one',
  name: 'One',
  partId: 'case',
  at: 300,
  width: 20,
  inside: 40,
  outside: 80,
} as const;
const PLACES = ['outer-0', 'outer-60', 'outer-120', 'inner-0', 'inner-60', 'inner-120'];

/** Suggestions for a station with diameters (or lengths) at its places. */
function suggestions(station: Station, sizes: Readonly<Record<string, readonly number[]>> = {}) {
  const log = new LogBuilder()
    .add('JobOpened', { unit: FIXTURE_UNIT, reason: '', scope: 'overhaul' })
    .add('StationDescribed', { axisId: 'axis', station });
  for (const [feature, values] of Object.entries(sizes))
    values.forEach((value, at) => {
      const place = feature === 'length' ? `bolt-${at + 1}` : PLACES[at]!;
      log.add('SizeMeasured', {
        stationId: 'one',
        feature: feature as 'bore',
        place,
        value,
        typed: null,
        instrument: FINE,
      });
    });
  const state = foldJob(log.events);
  expect(state.log.ignored).toEqual([]);
  return measuredSuggestions(state, station).map(({ verdict, repair, reason }) => [
    verdict,
    repair,
    reason,
  ]);
}
const ball: Station = { ...BASE, kind: 'ballBearing', tightRing: 'outer' };

describe('what sizes say about the use of a part', () => {
  test('should be nothing while nothing is measured, and nothing when all is in order', () => {
    expect(suggestions(ball)).toEqual([]);
    expect(suggestions(ball, { bore: Array<number>(6).fill(79.985) })).toEqual([]);
  });

  test('should sleeve a bore that is out of round, build a tapered journal up', () => {
    expect(suggestions(ball, { bore: [79.97, 80.02, 79.97, 79.97, 80.02, 79.97] })).toEqual([
      ['repair', 'sleeveBore', 'The bore is out of round beyond 15 µm'],
    ]);
    const inner: Station = { ...ball, tightRing: 'inner' };
    expect(suggestions(inner, { journal: [40.03, 40.03, 40.03, 40.005, 40.005, 40.005] })).toEqual([
      ['repair', 'buildUp', 'The journal is tapered beyond 13 µm'],
    ]);
  });

  test('should mend a loose seat by how loose it is', () => {
    const loose = (by: number) => suggestions(ball, { bore: Array<number>(6).fill(80 + by) })[0];
    expect(loose(0.03)).toEqual([
      'repair',
      'compound',
      expect.stringContaining('outer ring is loose'),
    ]);
    expect(loose(0.1)![1]).toBe('roughenCompound');
    expect(loose(0.3)![1]).toBe('sleeveBore');
    const inner: Station = { ...ball, tightRing: 'inner' };
    expect(suggestions(inner, { journal: Array<number>(6).fill(39.7) })[0]![1]).toBe('buildUp');
  });

  test('should replace a worn plain bearing, by its band or the usual one', () => {
    const plain: Station = { ...BASE, kind: 'plainBearing' };
    const sizes = { bore: [40.07, 40.07], journal: [40, 40] };
    expect(suggestions(plain, sizes)).toEqual([
      ['replace', null, 'Worn: more clearance than its limits allow'],
    ]);
    expect(suggestions({ ...plain, clearanceMost: 0.1 }, sizes)).toEqual([]);
    expect(suggestions(plain, { bore: [40.035, 40.035], journal: [40, 40] })).toEqual([]);
  });

  test('should replace stretched bolts, a set one short, a bush whose hole is closed', () => {
    const bolts: Station = { ...BASE, kind: 'bolts', count: 3, longest: 45.5 };
    expect(suggestions(bolts, { length: [45.2, 45.9, 45.8] })).toEqual([
      ['replace', null, '2 of 3 stretched past 45.5 mm'],
    ]);
    const rollers: Station = {
      ...BASE,
      kind: 'looseRollers',
      inside: 20,
      outside: 26,
      rollerDiameter: 3,
    };
    expect(suggestions({ ...rollers, rollerCount: 24 })).toEqual([]);
    // 20.021 − 20.042 between two rollers of 3 mm: they wedge, whatever upper limit is stated.
    const wedged = suggestions(
      { ...rollers, rollerCount: 24, clearanceMost: 0.024 },
      { bore: [26.021], journal: [20.042] },
    );
    expect(wedged).toEqual([
      ['replace', null, expect.stringMatching(/^Too tight: .*thinner rollers/)],
    ]);
    expect(suggestions({ ...rollers, rollerCount: 23 })).toEqual([
      ['replace', null, '23 rollers where 24 fill the set'],
    ]);
    const bush: Station = { ...BASE, kind: 'bush', oilHole: 5, feedHole: 5, holeOffset: 2.5 };
    expect(suggestions(bush)).toEqual([['replace', null, 'Only 39 % of the oil hole is open']]);
    expect(suggestions({ ...bush, holeOffset: 0.3 })).toEqual([]);
  });
});
