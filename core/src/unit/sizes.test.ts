import { unitOf } from '../plan/tests/bench.ts';
import { complete } from '../plan/tests/planOf.ts';
import { InputError } from '../faults/index.ts';
import { isDrawn, knownSize, withSaid } from './sizes.ts';
import { SIZE_NAMES } from './unit.ts';
import { requireUnit } from './requireUnit.ts';
import { UNIT_TEMPLATES } from './templateTable.ts';
import { readUnitFile, writeUnitFile } from './unitFile.ts';
import type { Station } from './unit.ts';

const SEAL: Station = {
  id: 'seal',
  kind: 'seal',
  name: 'Seal',
  partId: 'case',
  at: 0,
  width: 7,
  inside: 28.2,
  outside: 49.6,
  drawn: ['at', 'width', 'inside', 'outside'],
};

const drawnOf = (template: (typeof UNIT_TEMPLATES)[number]) =>
  Object.fromEntries(unitOf(template).axes[0]!.stations.map(({ id, drawn }) => [id, drawn ?? []]));

describe('sizes that nobody has said', () => {
  test('should be no sizes, until they are said', () => {
    expect(SIZE_NAMES.map((name) => knownSize(SEAL, name))).toEqual([null, null, null, null]);
    const said = withSaid({ ...SEAL, inside: 30, outside: 47 }, ['inside', 'outside']);
    expect([said.drawn, knownSize(said, 'inside'), knownSize(said, 'width')]).toEqual([
      ['at', 'width'],
      30,
      null,
    ]);
    expect(isDrawn(said, 'inside', 'outside')).toBe(false);
    // A ring stays a ring while its other diameter is only drawn.
    const bored = withSaid({ ...SEAL, inside: 60 }, ['inside'], SEAL);
    expect(bored).toMatchObject({ inside: 60, drawn: ['at', 'width', 'outside'] });
    expect(bored.outside).toBeCloseTo(81.4, 9);
    expect(withSaid({ ...SEAL, outside: 20 }, ['outside'], SEAL)).toMatchObject({ inside: 0 });
    const whole = withSaid(said, SIZE_NAMES);
    expect('drawn' in whole).toBe(false);
    expect(knownSize(whole, 'width')).toBe(7);
  });

  test.each(UNIT_TEMPLATES)('should be those of %s that do not follow from what is typed', (of) => {
    const { stations } = unitOf(of).axes[0]!;
    // 30 × 62 × 16 twice, 60 between them: nothing else is a size that anybody typed.
    for (const { kind, drawn = [], ...station } of stations) {
      if (!drawn.includes('inside')) expect([0, 30, 62]).toContain(station.inside);
      if (!drawn.includes('outside')) expect([30, 62]).toContain(station.outside);
      if (!drawn.includes('width')) expect([16, 60, 76, 92]).toContain(station.width);
      if (['spacer', 'shimSite', 'oRing', 'gear', 'nut', 'bolts'].includes(kind))
        expect(drawn).toEqual(SIZE_NAMES);
    }
  });

  test('should not be those of bearings and of the seats that they stand on', () => {
    const drawn = drawnOf('coverShims');
    expect(drawn).toMatchObject({
      'bearing-left': [],
      'seat-right': [],
      body: ['outside'],
      'seal-right': SIZE_NAMES,
      'wall-left': ['at', 'width', 'outside'],
    });
    expect(drawnOf('bushAndSeal')).toMatchObject({ bush: [], 'seal-right': [] });
  });

  test('should go through a file, and be refused where they name no size', () => {
    const unit = unitOf('coverShims');
    expect(readUnitFile(writeUnitFile(unit))).toEqual(unit);
    const [axis] = complete(unit).axes;
    const wrong = { ...axis!.stations[0]!, drawn: ['weight'] } as unknown as Station;
    const refused = (): unknown =>
      requireUnit({ ...unit, axes: [{ ...axis!, stations: [wrong] }] });
    expect(refused).toThrow(InputError);
    expect(refused).toThrow(/stations\[0\]\.drawn/u);
  });
});
