import { inEveryUnit } from './everyUnit.ts';

const told = (text: string) =>
  inEveryUnit(text)?.others.map((one) => `${one.text} ${one.unit}`) ?? null;

describe('a quantity in every unit of its kind', () => {
  // NIST SP 811 (2008), appendix B.8: 1 lbf·ft = 1.355818 N·m, 1 lbf·in = 0.1129848 N·m, 1 psi = 6.894757 kPa
  test.each([
    ['80 lb·ft', '108.47 N·m', '960 lb·in'],
    ['10 N·m', '7.3756 lb·ft', '88.507 lb·in'],
    ['.0055"', '0.1397 mm', '5.5 thou'],
    ['225F', '107.22 °C', '380.37 K'],
    ['-20 C', '−4 °F', '253.15 K'],
  ])('should tell %s as %s and %s', (text, ...wanted) => {
    expect(told(text)).toEqual(expect.arrayContaining(wanted));
  });

  test('should tell nothing of a bare number, of words, or of nothing', () => {
    for (const text of ['80', '', 'tight', '80 furlongs']) expect(inEveryUnit(text)).toBeNull();
  });
});
