import { InputError } from '@wendaxis/core/faults';
import { unitFromTemplate } from '@wendaxis/core/unit';

import { EMPTY_SPEC, ratioOf, specFrom, type SpecTexts } from './specEntry.ts';

const texts = (change: Partial<SpecTexts>): SpecTexts => ({
  ...EMPTY_SPEC,
  lower: '0.1',
  upper: '0.18',
  source: 'Card 3',
  ...change,
});
const fields = (change: Partial<SpecTexts>, kind: 'endPlay' | 'rollingTorque' = 'endPlay') => {
  const read = specFrom(texts(change), kind, 'metric');
  return read instanceof InputError ? read.faults.map(({ field }) => field) : [];
};

describe('a band as it is typed', () => {
  test('should be read in the units of the screen, with its page and line', () => {
    expect(specFrom(texts({}), 'endPlay', 'metric')).toEqual({
      band: { lower: 0.1, upper: 0.18, target: null },
      source: 'Card 3',
    });
    const inch = specFrom(texts({ lower: '0.004', upper: '0.007' }), 'endPlay', 'inch');
    expect((inch as { band: { lower: number } }).band.lower).toBeCloseTo(0.1016, 9);
  });

  test('should leave a limit open, but not both', () => {
    expect(specFrom(texts({ lower: '' }), 'endPlay', 'metric')).toMatchObject({
      band: { lower: null, upper: 0.18 },
    });
    expect(fields({ lower: '', upper: '' })).toEqual(['band']);
  });

  test('should say how far a backlash may differ round its gear, where that is given', () => {
    const read = (mostRange: string) => specFrom(texts({ mostRange }), 'backlash', 'metric');
    expect(read('')).not.toHaveProperty('mostRange');
    expect(read('0.08')).toMatchObject({ mostRange: 0.08 });
    expect((read('3') as InputError).faults[0]!.field).toBe('mostRange');
    expect((read('much') as InputError).faults[0]!.field).toBe('mostRange');
  });

  test.each<[string, Partial<SpecTexts>, string]>([
    ['a limit that is no number', { upper: 'wide' }, 'upper'],
    ['limits the wrong way round', { upper: '0.05' }, 'band.upper'],
    ['a figure from nowhere', { source: ' ' }, 'source'],
  ])('should refuse %s, at its field', (_, change, field) => {
    expect(fields(change)).toEqual([field]);
  });

  test('should say of rolling torque whether the seal is in, and through which gears it is read', () => {
    const torque = (change: Partial<SpecTexts>) =>
      specFrom(texts({ lower: '0.7', upper: '1.1', ...change }), 'rollingTorque', 'metric');
    expect(torque({ withSeal: true })).toMatchObject({ sealDrag: 'included' });
    expect(torque({ throughAxis: 'pinion', ratio: '3,42' })).toMatchObject({
      sealDrag: 'excluded',
      through: { axisId: 'pinion', ratio: 3.42 },
    });
    expect(fields({ throughAxis: 'pinion', ratio: '' }, 'rollingTorque')).toEqual(['ratio']);
    expect(fields({ throughAxis: 'pinion', ratio: '90' }, 'rollingTorque')).toEqual(['ratio']);
  });
});

describe('the ratio of a pair', () => {
  const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
  const { axes } = unitFromTemplate('pinionSleeve', {
    name: 'Pinion',
    left: end,
    right: end,
    span: 42,
  });
  const withTeeth = (teeth: number) => ({
    ...axes[0]!,
    stations: [{ ...axes[0]!.stations[0]!, kind: 'gear' as const, teeth }],
  });

  test('should be the teeth of the ring gear over those of the pinion, or nothing', () => {
    expect(ratioOf(withTeeth(41), withTeeth(11))).toBe('3.727');
    expect(ratioOf(withTeeth(41), undefined)).toBe('');
    expect(ratioOf({ ...axes[0]!, stations: [] }, withTeeth(11))).toBe('');
  });
});
