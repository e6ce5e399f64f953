import { jointPacks } from './jointPacks.ts';
import { servesSite, stockFor } from './servesSite.ts';

const size = (id: string, thickness: number, inside?: number, outside?: number) => ({
  id,
  thickness,
  count: 4,
  uncertainty: 0.001,
  ...(inside === undefined ? {} : { inside }),
  ...(outside === undefined ? {} : { outside }),
});
const SEAT = { inside: 40, outside: 62, single: false };

describe('whether a size can lie at a site', () => {
  test.each([
    ['one of its diameters', size('a', 0.1, 40.2, 61.8), 'fits'],
    ['one that does not go over the seat', size('a', 0.1, 35, 61.8), 'doesNotFit'],
    ['one that would slip', size('a', 0.1, 50, 61.8), 'doesNotFit'],
    ['one that does not go into the bore', size('a', 0.1, 40.2, 68), 'doesNotFit'],
    ['one of which nothing is known', size('a', 0.1), 'notKnown'],
    ['one whose outside is not known', size('a', 0.1, 40.2), 'notKnown'],
  ])('should say of %s', (_, one, expected) => {
    expect(servesSite(one, SEAT)).toBe(expected);
  });

  test('should not hold the drawing’s proportions against a size', () => {
    const drawn = { inside: null, outside: null, single: false };
    expect(servesSite(size('a', 0.1, 20, 30), drawn)).toBe('notKnown');
  });

  test('should keep what fits and what is not known', () => {
    const stock = [size('fits', 0.1, 40.2, 61.8), size('open', 0.2), size('other', 0.3, 20, 30)];
    expect(stockFor(stock, SEAT).map(({ id }) => id)).toEqual(['fits', 'open']);
  });
});

describe('packs for sites of their own', () => {
  const spec = (id: string, value: number) => ({
    id,
    value,
    uncertainty: 0.002,
    degreesOfFreedom: null,
    band: { lower: 0.1, upper: 0.2, target: null },
  });
  const question = {
    specs: [spec('play', 0.35), spec('side', 0.45)],
    stock: [size('shim', 0.1), size('thick', 0.2), size('washer', 1.3), size('other', 1.1)],
    mostPieces: 4,
  };
  const site = (id: string, thickness: number, gains: Readonly<Record<string, number>>) => ({
    id,
    thickness,
    uncertainty: 0.001,
    gains,
  });

  test('should take at each site only what can lie there, and one piece where one goes', () => {
    const answer = jointPacks({
      ...question,
      sites: [
        { ...site('shims', 0, { play: -1 }), sizes: ['shim', 'thick'] },
        { ...site('washer', 1, { side: -1 }), sizes: ['washer', 'other'], mostPieces: 1 },
      ],
    });
    expect(answer.status).toBe('found');
    const [shims, washer] = answer.choices[0]!.packs;
    expect(shims!.pieces.map(({ sizeId }) => sizeId)).toEqual(['thick']);
    expect(washer!.pieces).toEqual([{ sizeId: 'washer', thickness: 1.3, quantity: 1 }]);
  });
});
