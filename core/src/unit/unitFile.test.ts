import fc from 'fast-check';

import { InputError } from '../faults/index.ts';
import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { readUnitFile, UNIT_FILE_LONGEST, writeUnitFile } from './unitFile.ts';

const FILE = { format: 'wendaxis-unit', version: 1, unit: FIXTURE_UNIT };
const fieldsOf = (text: string): readonly string[] => {
  try {
    readUnitFile(text);
    return [];
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.faults.map(({ field }) => field);
  }
};
const changed = (change: (file: typeof FILE) => object) =>
  fieldsOf(JSON.stringify(change(structuredClone(FILE))));
const station = (rest: object) =>
  changed((file) => ({
    ...file,
    unit: {
      ...file.unit,
      axes: [
        { ...file.unit.axes[0]!, stations: [{ ...file.unit.axes[0]!.stations[0]!, ...rest }] },
      ],
    },
  }));

describe('a unit file', () => {
  test('should read back what it wrote', () => {
    expect(readUnitFile(writeUnitFile(FIXTURE_UNIT))).toEqual(FIXTURE_UNIT);
  });

  test.each<[string, string, string]>([
    ['not JSON', '{"format":', 'file'],
    ['empty', '', 'file'],
    ['a list', '[]', 'format'],
    ['null', 'null', 'format'],
    ['of another kind', '{"format":"something-else"}', 'format'],
    ['huge', ' '.repeat(UNIT_FILE_LONGEST + 1), 'file'],
  ])('should be refused whole when it is %s', (_, text, field) => {
    expect(fieldsOf(text)).toEqual([field]);
  });

  test('should be refused when it is newer than the program', () => {
    expect(changed((file) => ({ ...file, version: 2 }))).toEqual(['version']);
  });

  test('should name the place of what cannot be used', () => {
    expect(station({ kind: 'sprocket' })).toEqual(['unit.axes[0].stations[0].kind']);
    expect(station({ at: 'left' })).toEqual(['unit.axes[0].stations[0].at']);
    expect(station({ colour: 'red' })).toEqual(['unit.axes[0].stations[0].colour']);
    expect(station({ count: 2 })).toEqual(['unit.axes[0].stations[0].count']);
    expect(station({ partId: 'nowhere' })).toEqual(['unit.axes[0].stations[0].partId']);
    const sets = ['endPlay', 'noise'];
    expect(
      changed((file) => ({
        ...file,
        unit: { ...file.unit, axes: [{ ...file.unit.axes[0]!, sets }] },
      })),
    ).toEqual(['unit.axes[0].sets[1]']);
  });

  test('should be refused with more parts, axes or stations than a unit has', () => {
    const many = <Row>(row: Row, count: number) =>
      Array.from({ length: count }, (_, n) => ({ ...row, id: `n${n}` }));
    const [axis] = FIXTURE_UNIT.axes;
    expect(
      changed((f) => ({ ...f, unit: { ...f.unit, parts: many(f.unit.parts[0]!, 41) } })),
    ).toEqual(['unit.parts']);
    expect(changed((f) => ({ ...f, unit: { ...f.unit, axes: many(axis!, 13) } }))).toEqual([
      'unit.axes',
    ]);
    const crowd = { ...axis!, stations: many(axis!.stations[0]!, 61) };
    expect(changed((f) => ({ ...f, unit: { ...f.unit, axes: [crowd] } }))).toEqual([
      'unit.axes[0].stations',
    ]);
  });

  test('should never fail in another way, whatever is in it', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (unit) => {
        expect(fieldsOf(JSON.stringify({ ...FILE, unit })).length).toBeGreaterThan(0);
      }),
      { numRuns: 500 },
    );
  });
});
