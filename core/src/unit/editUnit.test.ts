import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import {
  withAxis,
  withoutAxis,
  withoutPart,
  withoutStation,
  withPart,
  withStation,
} from './editUnit.ts';
import type { Station } from './unit.ts';

const GEAR: Station = {
  id: 'gear',
  kind: 'gear',
  name: 'Gear',
  partId: 'case',
  at: 30,
  width: 20,
  inside: 40,
  outside: 90,
};
const names = (unit: typeof FIXTURE_UNIT) =>
  unit.axes.map(({ stations }) => stations.map(({ id }) => id));

describe('editing a unit', () => {
  test('should put a station where it stands along the axis', () => {
    const unit = withStation(FIXTURE_UNIT, 'axis', GEAR);
    expect(names(unit)).toEqual([['left', 'gear', 'right', 'shims']]);
    expect(names(withStation(unit, 'axis', { ...GEAR, at: 200 }))).toEqual([
      ['left', 'right', 'shims', 'gear'],
    ]);
    expect(names(FIXTURE_UNIT)).toEqual([['left', 'right', 'shims']]);
  });

  test('should move a station from one axis to another', () => {
    const bare = { id: 'second', name: 'Second', arrangement: 'plainThrust', sets: [] } as const;
    const unit = withStation(withAxis(FIXTURE_UNIT, bare), 'second', {
      ...FIXTURE_UNIT.axes[0]!.stations[0]!,
    });
    expect(names(unit)).toEqual([['right', 'shims'], ['left']]);
    expect(names(withoutAxis(unit, 'second'))).toEqual([['right', 'shims']]);
  });

  test('should take a station away', () => {
    expect(names(withoutStation(FIXTURE_UNIT, 'right'))).toEqual([['left', 'shims']]);
  });

  test('should keep what stands on an axis that is described anew', () => {
    const { stations, ...bare } = FIXTURE_UNIT.axes[0]!;
    const unit = withAxis(FIXTURE_UNIT, { ...bare, name: 'Renamed' });
    expect(unit.axes).toEqual([{ ...bare, name: 'Renamed', stations }]);
  });

  test('should add, change and take away parts', () => {
    const part = { ...FIXTURE_UNIT.parts[0]!, id: 'cover', kind: 'cover' as const };
    const unit = withPart(FIXTURE_UNIT, part);
    expect(unit.parts).toHaveLength(2);
    expect(withPart(unit, { ...part, mass: 2 }).parts[1]).toMatchObject({ id: 'cover', mass: 2 });
    expect(withoutPart(unit, 'cover').parts).toEqual(FIXTURE_UNIT.parts);
  });
});
