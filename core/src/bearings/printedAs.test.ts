import { decodeDesignation } from './designation.ts';
import { printedAs } from './printedAs.ts';

describe('what is printed on a bearing of some sizes', () => {
  test('should be the cone and the cup of an inch taper, by a caliper too', () => {
    // ANSI/ABMA 19.2, as commonly printed (from memory): cone LM11949, cup LM11910: 0.75 × 1.781 × 0.61 in.
    const named = (bore: number, outside: number, width: number) =>
      printedAs({ bore, outside, width }).map(({ designation }) => designation);
    expect(named(19.05, 45.237, 15.494)).toEqual(['LM11949/LM11910']);
    expect(named(19.04, 45.25, 15.5)).toEqual(['LM11949/LM11910']);
    expect(named(30, 62, 17.25)).toEqual(['30206']);
    expect(named(19.05, 45.237, 14)).toEqual([]);
  });

  test('should be every bearing that shares its sizes', () => {
    // 25 × 52 × 18 is 22 of ISO 15: no ball bearing has it; 25 × 52 × 15 is 6205; 17 × 40 × 12 is 6203.
    expect(printedAs({ bore: 25, outside: 52, width: 15 }).map((one) => one.designation)).toEqual([
      '6205',
    ]);
  });

  test('should be read back to the sizes that were asked', () => {
    for (const text of ['30208', '6304', 'L44649/L44610', 'HK 1612', '608', '62/22']) {
      const read = decodeDesignation(text);
      if (read.status !== 'known') throw new Error(text);
      const found = printedAs(read.dimensions).map(({ designation }) => designation);
      expect(found).toContain(text);
    }
  });
});
