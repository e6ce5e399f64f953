import { compareBearings } from './compareBearings.ts';

const SIZE = { bore: 25, outside: 52, width: 15 };
const compare = (
  wanted: string | null,
  offered: string | null,
  dimensions = offered === null ? SIZE : null,
) => {
  const { result, lines } = compareBearings(
    { designation: wanted, dimensions: SIZE },
    { designation: offered, dimensions },
  );
  return { result, odd: lines.filter((line) => line.result !== 'same').map(({ what }) => what) };
};

describe('a new bearing against the old', () => {
  test.each<[string | null, string, string, readonly string[]]>([
    ['6205', '6205', 'same', []],
    ['6205 C3', '6205 C3', 'same', []],
    ['6205 C3', '6205', 'differs', ['Internal clearance']],
    ['6205', '6205-2RS', 'note', ['Shields and seals']],
    ['6205-2RS', '6205', 'differs', ['Shields and seals']],
    ['6205 N', '6205', 'differs', ['Snap-ring groove']],
    ['6205', '6205 NR', 'note', ['Snap-ring groove']],
    ['6205', '6206', 'differs', ['Bore', 'Outside', 'Width']],
    ['6205', '6205 QX', 'note', ['More letters']],
    [null, '6205', 'note', ['Internal clearance']],
  ])('should find %s and %s: %s', (wanted, offered, result, odd) => {
    expect(compare(wanted, offered)).toEqual({ result, odd });
  });

  test('should compare by size alone where nothing is printed, and say so', () => {
    expect(compare('6205', null)).toEqual({ result: 'note', odd: ['Clearance and seals'] });
    expect(compare('6205', null, { ...SIZE, width: 18 }).odd).toContain('Width');
  });

  test('should not take a cone of another width for the same bearing', () => {
    // 30206 and 32006 are both 30 mm in the bore; the sizes and the cones differ (ISO 355 series).
    const wanted = { designation: '30206', dimensions: { bore: 30, outside: 62, width: 17.25 } };
    const { lines } = compareBearings(wanted, { designation: '32206', dimensions: null });
    expect(lines.find(({ what }) => what === 'Cone width')?.result).toBe('differs');
  });

  test('should say that nothing is known when neither side says anything', () => {
    const nothing = { designation: 'XQ 9', dimensions: null };
    expect(compareBearings({ designation: '6205', dimensions: SIZE }, nothing).result).toBe(
      'unknown',
    );
  });
});
