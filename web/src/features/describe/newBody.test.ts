import { STATION_KINDS, unitFromTemplate, type Station } from '@wendaxis/core/unit';

import { KIND_GROUPS } from './kindGroups.ts';
import { newBody, readNumber } from './newBody.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const unit = unitFromTemplate('coverShims', { name: 'Hoist', left: end, right: end, span: 60 });
const beside = unit.axes[0]!.stations.find(({ id }) => id === 'bearing-left')!;
const body = (kind: Station['kind'], text: string, next: Station | undefined = beside) =>
  newBody('n', kind, text, next, unit);

describe('a body that is about to be put on an axis', () => {
  test('should have the sizes of the number that is printed on it, and only its place drawn', () => {
    expect(body('ballBearing', '6205-2RS C3')).toMatchObject({
      inside: 25,
      outside: 52,
      width: 15,
      designation: '6205-2RS C3',
      drawn: ['at'],
    });
  });

  test('should take three sizes as they are typed, and keep no number for a kind that has none', () => {
    expect(body('seal', '20x35x7')).toMatchObject({ inside: 20, outside: 35, width: 7 });
    expect(body('spacer', '6205')).not.toHaveProperty('designation');
  });

  test('should be drawn in proportion to its neighbour where nothing was typed', () => {
    const shim = body('shimSite', '');
    expect(shim).toMatchObject({
      inside: beside.inside,
      outside: beside.outside,
      partId: beside.partId,
    });
    expect(shim.width).toBeLessThan(beside.width / 5);
    expect(shim.drawn).toEqual(['at', 'width', 'inside', 'outside']);
    expect(newBody('n', 'spacer', '', undefined, unit).outside).toBeGreaterThan(0);
  });

  test('should get a name of its own', () => {
    const spacer = body('spacer', '');
    const [axis] = unit.axes;
    const more = { ...unit, axes: [{ ...axis!, stations: [...axis!.stations, spacer] }] };
    expect([spacer.name, newBody('m', 'spacer', '', beside, more).name]).toEqual([
      'Spacer',
      'Spacer 2',
    ]);
  });

  test('should be of a kind that the picker shows, once', () => {
    expect(Object.values(KIND_GROUPS).flat().toSorted()).toEqual([...STATION_KINDS].toSorted());
    expect(readNumber('no such thing')?.status).toBe('unknown');
  });
});
