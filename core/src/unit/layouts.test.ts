import { findGain } from '../arrangement/index.ts';
import { unitFromTemplate } from './templates.ts';
import { TEMPLATE_TABLE, UNIT_TEMPLATES, type UnitTemplate } from './templateTable.ts';
import type { Station } from './unit.ts';

const end = (bore: number, outside: number, width: number) => ({
  designation: null,
  family: null,
  dimensions: { bore, outside, width },
});
const made = (template: UnitTemplate) =>
  unitFromTemplate(template, {
    name: 'x',
    left: end(30, 62, 16),
    right: end(25, 52, 15),
    span: 80,
  });
const stations = (template: UnitTemplate) => made(template).axes[0]!.stations;
const one = (template: UnitTemplate, id: string): Station =>
  stations(template).find((station) => station.id === id)!;
const right = ({ at, width }: Station) => at + width;

describe('how the templates lay a unit out', () => {
  test.each(UNIT_TEMPLATES)(
    'should stand every station of %s on a part that is there, in order',
    (template) => {
      const unit = made(template);
      const parts = new Set(unit.parts.map(({ id }) => id));
      const middles = stations(template).map(({ at, width }) => at + width / 2);
      expect(stations(template).every(({ partId }) => parts.has(partId))).toBe(true);
      expect(middles).toEqual(middles.toSorted((a, b) => a - b));
      const all = unit.axes.flatMap((axis) => axis.stations);
      expect(all.every(({ partId }) => parts.has(partId))).toBe(true);
      expect(new Set(unit.parts.map(({ id }) => id)).size).toBe(unit.parts.length);
      for (const { id } of unit.parts)
        expect(all.some(({ partId }) => partId === id) || id === 'case').toBe(true);
    },
  );

  test.each(UNIT_TEMPLATES)(
    'should put shims, spacers and adjusters of %s where its arrangement has a place',
    (template) => {
      const { arrangement, sets } = TEMPLATE_TABLE[template];
      const placed = stations(template).filter(({ place }) => place !== undefined);
      expect(placed.length > 0).toBe(sets.length > 0);
      for (const { place } of placed) expect(findGain(arrangement, place!)).not.toBeNull();
    },
  );

  test('should seat cover shims between wall and flange, outside the bearing', () => {
    const shims = one('coverShims', 'shims');
    expect(shims.at).toBeGreaterThan(right(one('coverShims', 'bearing-right')));
    expect(right(shims)).toBe(one('coverShims', 'flange').at);
    expect(shims.inside).toBe(52);
  });

  test.each(['coneSpacerShims', 'pinionSpacer'] as const)(
    'should fill the room between the cones of %s with spacer and shims',
    (template) => {
      const [spacer, shims] = [one(template, 'spacer'), one(template, 'shims')];
      expect(spacer.at).toBe(right(one(template, 'bearing-left')));
      expect(shims.at).toBeCloseTo(right(spacer), 9);
      expect(right(shims)).toBeCloseTo(one(template, 'bearing-right').at, 9);
    },
  );

  test('should stretch the sleeve from cone to cone, and put seal and nut outside the tail bearing', () => {
    const sleeve = one('pinionSleeve', 'sleeve');
    expect(sleeve).toMatchObject({ spacerType: 'collapsible', width: 80 });
    const tail = right(one('pinionSleeve', 'bearing-right'));
    expect(one('pinionSleeve', 'seal-right').at).toBeGreaterThan(tail);
    expect(one('pinionSleeve', 'nut').at).toBeGreaterThan(right(one('pinionSleeve', 'seal-right')));
    expect(right(one('pinionSleeve', 'pinion'))).toBe(one('pinionSleeve', 'depth-shim').at);
  });

  test('should set a carrier from outside, from inside, or by its rings', () => {
    const outside = (template: UnitTemplate, id: string) => {
      const { at } = one(template, id);
      return at < one(template, 'bearing-left').at || at >= right(one(template, 'bearing-right'));
    };
    expect(['shims-left', 'shims-right'].map((id) => outside('carrierOutboard', id))).toEqual([
      true,
      true,
    ]);
    expect(['shims-left', 'shims-right'].map((id) => outside('carrierInboard', id))).toEqual([
      false,
      false,
    ]);
    expect(
      ['adjuster-left', 'adjuster-right'].map((id) => outside('carrierAdjusters', id)),
    ).toEqual([true, true]);
  });

  test('should turn every seal’s lip to the inside, and drive it in from outside', () => {
    for (const template of UNIT_TEMPLATES)
      for (const seal of stations(template).filter(({ kind }) => kind === 'seal')) {
        const first = stations(template).find(({ id }) => /^(?:bearing-left|bush)$/u.test(id))!;
        const inwards = seal.at < first.at ? 'right' : 'left';
        expect([template, seal.lip, seal.wayIn]).toEqual([template, inwards, inwards]);
      }
  });

  test('should close a crankcase on its joint, each bearing in its own half', () => {
    expect(one('crankcaseHalves', 'bearing-left').partId).toBe('half-left');
    expect(one('crankcaseHalves', 'bearing-right').partId).toBe('half-right');
    expect(right(one('crankcaseHalves', 'rim-left'))).toBe(one('crankcaseHalves', 'rim-right').at);
    const bolts = one('crankcaseHalves', 'bolts');
    expect(bolts.at).toBeLessThan(one('crankcaseHalves', 'rim-right').at);
    expect(right(bolts)).toBeGreaterThan(one('crankcaseHalves', 'rim-right').at);
  });

  test('should float a countershaft between two washers, its rollers as thick as their ring', () => {
    const cluster = one('floatingCountershaft', 'cluster');
    expect(right(one('floatingCountershaft', 'washer-left'))).toBe(cluster.at);
    expect(one('floatingCountershaft', 'washer-right').at).toBe(right(cluster));
    expect(one('floatingCountershaft', 'rollers-left').rollerDiameter).toBe(16);
    expect(one('floatingCountershaft', 'pin').outside).toBe(25);
  });

  test('should stack a gear between needle thrust bearings, washer and ring outside', () => {
    const order = stations('needleThrustStack')
      .map(({ id }) => id)
      .filter((id) => id !== 'shaft');
    expect(order).toEqual(['collar', 'needles-left', 'gear', 'needles-right', 'shims', 'ring']);
  });
});
