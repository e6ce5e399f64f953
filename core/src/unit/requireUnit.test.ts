import type { InputError } from '../faults/index.ts';
import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { geometryFaults } from './geometryFaults.ts';
import { findStation, requireUnit } from './requireUnit.ts';
import type { Station, Unit } from './unit.ts';

const withStations = (...changes: readonly Partial<Station>[]): Unit => ({
  ...FIXTURE_UNIT,
  axes: [
    {
      ...FIXTURE_UNIT.axes[0]!,
      stations: FIXTURE_UNIT.axes[0]!.stations.map((station, index) => ({
        ...station,
        ...changes[index],
      })),
    },
  ],
});
const faultsOf = (unit: Unit) => {
  try {
    requireUnit(unit);
  } catch (error) {
    return (error as InputError).faults.map(({ field }) => field);
  }
  return [];
};
const SEAL = { kind: 'seal', thrust: undefined, width: 8 } as const;

describe('a unit', () => {
  test('should pass when it is sound', () => {
    expect(requireUnit(FIXTURE_UNIT)).toBe(FIXTURE_UNIT);
    expect(geometryFaults(FIXTURE_UNIT)).toEqual({});
  });

  test('should have every fault named at its station', () => {
    expect(faultsOf(withStations({ at: NaN }, { partId: 'ghost' }, { count: 3 }))).toEqual([
      'axes[0].stations[0].at',
      'axes[0].stations[1].partId',
      'axes[0].stations[2].count',
    ]);
  });

  test.each<[string, Partial<Station>]>([
    ['inside', { inside: -1 }],
    ['name', { name: ' ' }],
    ['id', { id: 'no blanks' }],
    ['thrust', { thrust: 'up' as 'left' }],
    ['designation', { designation: 'x'.repeat(41) }],
    ['lip', { lip: 'left' }],
  ])('should name %s', (field, change) => {
    expect(faultsOf(withStations(change))).toEqual([`axes[0].stations[0].${field}`]);
  });

  test('should want whole numbers where things are counted', () => {
    const bolts = { kind: 'bolts', thrust: undefined, count: 2.5 } as const;
    expect(faultsOf(withStations(bolts))).toEqual(['axes[0].stations[0].count']);
  });

  test('should refuse ids that are used twice', () => {
    expect(faultsOf(withStations({}, { id: 'left' }))).toEqual(['axes.stations.id']);
    const [axis] = FIXTURE_UNIT.axes;
    expect(faultsOf({ ...FIXTURE_UNIT, axes: [axis!, { ...axis!, stations: [] }] })).toEqual([
      'axes.id',
    ]);
    const [part] = FIXTURE_UNIT.parts;
    expect(faultsOf({ ...FIXTURE_UNIT, parts: [part!, part!] })).toEqual(['parts.id']);
    expect(faultsOf({ ...FIXTURE_UNIT, parts: [{ ...part!, mass: -1 }] })).toEqual([
      'parts[0].mass',
    ]);
  });

  test('should find a station and its axis', () => {
    expect(findStation(FIXTURE_UNIT, 'shims')).toMatchObject({
      axis: { id: 'axis' },
      station: { id: 'shims' },
    });
    expect(findStation(FIXTURE_UNIT, 'none')).toBeNull();
  });
});

describe('geometry that cannot be so', () => {
  const fields = (...changes: readonly Partial<Station>[]) =>
    Object.entries(geometryFaults(withStations(...changes))).map(([id, faults]) => [
      id,
      faults.map(({ field }) => field),
    ]);

  test.each<[string, Partial<Station>, readonly string[]]>([
    ['a bore over the outside diameter', { inside: 81 }, ['outside']],
    ['no width', { width: 0 }, ['width']],
    ['a class that is none', { boreClass: 'J9' }, ['boreClass']],
    ['a shaft’s class for a bore', { boreClass: 'k6' }, ['boreClass']],
    ['a hole’s class for a journal', { journalClass: 'H7' }, ['journalClass']],
    ['a seal deeper than its bore', { ...SEAL, depth: 5, boreDepth: 12 }, ['depth']],
    [
      'a torque band upside down',
      { kind: 'nut', thrust: undefined, torqueLeast: 9, torqueMost: 8 },
      ['torqueMost'],
    ],
    [
      'a place that the arrangement does not have',
      { kind: 'spacer', thrust: undefined, place: 'betweenClampedCones' },
      ['place'],
    ],
  ])('should name %s at its station, and leave the others alone', (_, change, expected) => {
    expect(fields(change)).toEqual([['left', expected]]);
  });

  test('should let a seal go as deep as its bore, and touch what is beside it', () => {
    expect(fields({ ...SEAL, depth: 4, boreDepth: 12 })).toEqual([]);
    expect(fields({}, { at: 20 })).toEqual([]);
  });

  test('should name both stations that stand in one place, but not a ring on its shaft', () => {
    expect(fields({}, { at: 10 })).toEqual([
      ['left', ['at']],
      ['right', ['at']],
    ]);
    expect(fields({}, { kind: 'shaftStep', thrust: undefined, at: 0 })).toEqual([]);
    expect(fields({}, { at: 0, inside: 80, outside: 120 })).toEqual([]);
  });

  test('should want to know where shims sit', () => {
    expect(fields({}, {}, { place: undefined })).toEqual([['shims', ['place']]]);
  });
});

test('an axis without a list of what stands on it should be refused', () => {
  const axis = { id: 'a', name: 'Shaft', arrangement: 'faceToFace', sets: [], stations: 3 };
  const unit = { id: 'u', name: 'U', description: '', parts: [], axes: [axis] };
  expect(() => requireUnit(unit as unknown as Parameters<typeof requireUnit>[0])).toThrow(
    'a list of what stands on it',
  );
});
