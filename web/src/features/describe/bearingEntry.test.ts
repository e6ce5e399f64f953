import { decodeEntry, NO_BEARING, readBearing } from './bearingEntry.ts';

describe('entering a bearing', () => {
  test('should take the dimensions from a designation that is known', () => {
    expect(readBearing({ ...NO_BEARING, designation: ' 30206 ' }, 'metric')).toMatchObject({
      designation: '30206',
      dimensions: { bore: 30, outside: 62, width: 17.25 },
    });
  });

  test('should take three dimensions, in either unit, where it is not', () => {
    const entry = { designation: 'OLD 7', bore: '1 in', outside: '52', width: '15' };
    expect(readBearing(entry, 'metric')).toEqual({
      designation: 'OLD 7',
      family: null,
      dimensions: { bore: 25.4, outside: 52, width: 15 },
    });
    expect(
      readBearing({ ...NO_BEARING, bore: '1', outside: '2', width: '.5' }, 'inch')?.dimensions,
    ).toEqual({
      bore: 25.4,
      outside: 50.8,
      width: 12.7,
    });
  });

  test('should be nothing while it is not complete', () => {
    expect(readBearing(NO_BEARING, 'metric')).toBeNull();
    expect(readBearing({ ...NO_BEARING, designation: '99999', bore: '20' }, 'metric')).toBeNull();
    expect(decodeEntry(NO_BEARING)).toBeNull();
  });
});
