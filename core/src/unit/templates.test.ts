import fc from 'fast-check';

import { decodeDesignation } from '../bearings/index.ts';
import { drawAxis } from '../drawing/index.ts';
import type { TemplateBearing, TemplateInput } from './layouts/layout.ts';
import { UNIT_TEMPLATES } from './templateTable.ts';
import { geometryFaults } from './geometryFaults.ts';
import { unitFromTemplate } from './templates.ts';

function bearing(designation: string): TemplateBearing {
  const decoded = decodeDesignation(designation);
  if (decoded.status !== 'known') throw new Error(decoded.reason);
  return { designation, family: decoded.family, dimensions: decoded.dimensions };
}
const INPUT: TemplateInput = {
  name: 'Reel',
  left: bearing('30206'),
  right: bearing('30205'),
  span: 60,
};

describe('a unit from a template', () => {
  test.each([
    ['coverShims', 1, ['left', 'right']],
    ['coneSpacerShims', 1, ['right', 'left']],
    ['thrustWasher', -1, []],
    ['pinionSleeve', 0, ['right', 'left']],
    ['hubFlange', 1, ['right', 'left']],
    ['adjusterOneEnd', -1, ['left', 'right']],
    ['carrierOutboard', -1, ['left', 'right']],
    ['carrierInboard', -1, ['left', 'right']],
    ['carrierAdjusters', -1, ['left', 'right']],
    ['needleThrustStack', -1, []],
  ] as const)(
    'should hold the shaft as %s does: gain %d, push taken to %j',
    (template, gain, thrusts) => {
      const unit = unitFromTemplate(template, INPUT);
      const { gains, loads } = drawAxis(unit.axes[0]!);
      expect(gains.map(({ row }) => row.gain)).toContain(gain);
      expect(loads.map(({ thrust }) => thrust)).toEqual(thrusts);
    },
  );

  test('should put the bearings to scale, the span between them', () => {
    const stations = unitFromTemplate('coverShims', INPUT).axes[0]!.stations;
    const [left, right] = ['bearing-left', 'bearing-right'].map((id) =>
      stations.find((one) => one.id === id)!,
    );
    expect(left).toMatchObject({ inside: 30, outside: 62, width: 17.25, designation: '30206' });
    expect(right!.at - (left!.at + left!.width)).toBeCloseTo(60, 9);
  });

  test('should have the play of a pinion follow its spacer shims, not its depth shim', () => {
    const { gains } = drawAxis(unitFromTemplate('pinionSpacer', INPUT).axes[0]!);
    expect(gains.map(({ stationId, row }) => [stationId, row.gain])).toEqual([
      ['depth-shim', 0],
      ['shims', 1],
    ]);
  });

  test('should be sound for any bearings and span', () => {
    const size = fc.tuple(
      fc.integer({ min: 4, max: 300 }),
      fc.integer({ min: 6, max: 200 }),
      fc.integer({ min: 2, max: 90 }),
    );
    const any = size.map(([bore, wall, width]) => ({
      designation: null,
      family: null,
      dimensions: { bore, outside: bore + wall, width },
    }));
    fc.assert(
      fc.property(
        fc.constantFrom(...UNIT_TEMPLATES),
        any,
        any,
        fc.integer({ min: 1, max: 900 }),
        (template, left, right, span) => {
          const unit = unitFromTemplate(template, { name: 'x', left, right, span });
          return (
            unit.axes[0]!.stations.length > 2 && Object.keys(geometryFaults(unit)).length === 0
          );
        },
      ),
    );
  });

  test.each<[string, Partial<TemplateInput>]>([
    ['name', { name: ' ' }],
    ['span', { span: 0 }],
    [
      'left.outside',
      {
        left: { designation: null, family: null, dimensions: { bore: 30, outside: 30, width: 10 } },
      },
    ],
    [
      'right.width',
      {
        right: {
          designation: null,
          family: null,
          dimensions: { bore: 30, outside: 60, width: NaN },
        },
      },
    ],
  ])('should name %s when it cannot be used', (field, change) => {
    expect(() => unitFromTemplate('coverShims', { ...INPUT, ...change })).toThrow(field);
  });

  test('should refuse a template that is none', () => {
    expect(() => unitFromTemplate('noSuch' as 'coverShims', INPUT)).toThrow(/template/);
  });
});
