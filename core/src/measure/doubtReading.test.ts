import fc from 'fast-check';

import { doubtReading } from './doubtReading.ts';

const EXPECTED = { least: 0.08, most: 0.2 };

describe('asking back about a reading', () => {
  test('should take what is expected without a word', () => {
    for (const value of [0.08, 0.14, 0.2, 0.28, 0])
      expect(doubtReading(value, EXPECTED, 'mm')).toBeNull();
  });

  test('should know a thousandth that was typed as a millimetre: off by 25', () => {
    expect(doubtReading(5.5, EXPECTED, 'mm')).toEqual({
      value: 5.5,
      likely: { id: 'thousandths', value: expect.closeTo(0.1397, 9) },
    });
    expect(doubtReading(0.0055, { least: 0.13, most: 0.15 }, 'mm')?.likely).toMatchObject({
      id: 'inches',
      value: expect.closeTo(0.1397, 9),
    });
    expect(doubtReading(3.56, EXPECTED, 'mm')?.likely?.id).toMatch(
      /thousandths|millimetresAsInches|hundredths/,
    );
  });

  test('should know hundredths, micrometres and the wrong sign', () => {
    expect(doubtReading(14, EXPECTED, 'mm')?.likely).toMatchObject({
      id: 'hundredths',
      value: expect.closeTo(0.14, 9),
    });
    expect(doubtReading(140, EXPECTED, 'mm')?.likely).toMatchObject({
      id: 'micrometres',
      value: expect.closeTo(0.14, 9),
    });
    expect(doubtReading(-0.14, EXPECTED, 'written')?.likely).toMatchObject({
      id: 'sign',
      value: expect.closeTo(0.14, 9),
    });
  });

  test('should not doubt a unit that was written out, and guess nothing where nothing fits', () => {
    expect(doubtReading(5.5, EXPECTED, 'written')).toEqual({ value: 5.5, likely: null });
    expect(doubtReading(0.9, EXPECTED, 'mm')).toEqual({ value: 0.9, likely: null });
  });

  test('should only ever propose what is expected', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: 0.02, max: 2, noNaN: true }),
        (value, most) => {
          const doubt = doubtReading(value, { least: most / 2, most }, 'mm');
          if (doubt?.likely)
            expect(doubtReading(doubt.likely.value, { least: most / 2, most }, 'mm')).toBeNull();
        },
      ),
    );
  });
});
