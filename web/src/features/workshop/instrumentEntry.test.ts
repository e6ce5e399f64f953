import { InputError } from '@wendaxis/core/faults';

import { EMPTY_INSTRUMENT, instrumentFrom, type InstrumentTexts } from './instrumentEntry.ts';

const TYPED: InstrumentTexts = {
  ...EMPTY_INSTRUMENT,
  name: 'Old dial',
  graduation: '0.01',
  range: '10',
};
const from = (change: Partial<InstrumentTexts>) => instrumentFrom({ ...TYPED, ...change }, 'i');
const faultOf = (change: Partial<InstrumentTexts>) => {
  const card = from(change);
  return card instanceof InputError ? card.faults[0]!.field : null;
};

describe('an instrument that is added', () => {
  test('should be taken in millimetres, with half a graduation where there is no certificate', () => {
    expect(from({})).toEqual({
      id: 'i',
      name: 'Old dial',
      graduation: 0.01,
      calibrationUncertainty: 0.005,
      range: 10,
      kind: 'dial',
      countsIn: 'mm',
    });
    expect(from({ calibration: '0.002' })).toMatchObject({ calibrationUncertainty: 0.002 });
    expect(from({ calibration: '0' })).toMatchObject({ calibrationUncertainty: 0 });
  });

  test('should be judged as what it is: a thousandth of an inch is 0.0254 mm', () => {
    // 1 in = 25.4 mm exactly (international yard and pound agreement, 1959).
    expect(from({ countsIn: 'in', graduation: '.001', range: '1' })).toMatchObject({
      graduation: 0.0254,
      calibrationUncertainty: 0.0127,
      range: 25.4,
      countsIn: 'in',
    });
    expect(from({ countsIn: 'in', graduation: '0.5 thou', range: '10 mm' })).toMatchObject({
      graduation: 0.0127,
      range: 10,
    });
  });

  test.each<[string, Partial<InstrumentTexts>]>([
    ['name', { name: '  ' }],
    ['graduation', { graduation: '' }],
    ['graduation', { graduation: '5' }],
    ['range', { range: '0.001' }],
    ['calibration', { calibration: 'good' }],
    ['calibration', { calibration: '0.5' }],
  ])('should name %s for %j', (field, change) => expect(faultOf(change)).toBe(field));
});
