import { InputError } from '@wendaxis/core/faults';

import { EMPTY_MATERIAL, readMaterial, type MaterialEntry } from './materialEntry.ts';

const ZINC: MaterialEntry = {
  words: 'Zinc die casting',
  hottestReason: 'above it it creeps',
  flame: false,
  figures: {
    expansion: '27,4',
    modulus: '85',
    poisson: '0.27',
    density: '6600',
    heatCapacity: '420',
    conductivity: '113',
    proof: '200',
    hottest: '100',
  },
};

describe('a material of the workshop', () => {
  test('should be read in the units it is typed in', () => {
    const read = readMaterial(ZINC);
    expect(read).toMatchObject({
      words: 'Zinc die casting',
      modulus: 85_000,
      hottest: 100,
      flame: false,
    });
    expect('expansion' in read && read.expansion).toBeCloseTo(27.4e-6, 12);
  });

  test.each([
    ['words', { ...ZINC, words: ' ' }],
    ['density', { ...ZINC, figures: { ...ZINC.figures, density: 'heavy' } }],
    ['hottest', { ...ZINC, figures: { ...ZINC.figures, hottest: '' } }],
    ['words', EMPTY_MATERIAL],
  ])('should name %s', (field, entry) => {
    const read = readMaterial(entry);
    expect(read).toBeInstanceOf(InputError);
    expect((read as InputError).faults[0]!.field).toBe(`material.${field}`);
  });
});
