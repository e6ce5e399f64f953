import fc from 'fast-check';

import { jointPacks } from './jointPacks.ts';
import { JOINT, STOCK } from './tests/jointBench.ts';
import { judgePack } from './judgePack.ts';
import type { PackQuestion } from './packQuestion.ts';
import { proposePack } from './proposePack.ts';

describe('sites that depend on each other', () => {
  test('should be solved together: the sleeve that opens the gear takes its share out of the float', () => {
    const answer = jointPacks(JOINT);
    // Sleeve +0.15 opens the gear to 0.20; the float falls to 0.27 by it, so the cover gives only 0.13 more.
    expect(answer.wanted).toEqual({
      cover: expect.closeTo(0.37, 9),
      sleeve: expect.closeTo(1.15, 9),
    });
    expect(answer.status).toBe('found');
    const sums = answer.choices.map(({ packs }) =>
      packs.map(({ thickness }) => thickness).join(' '),
    );
    expect(new Set(sums).size).toBe(sums.length);
    expect(sums.length).toBeGreaterThan(1);
    for (const { expected } of answer.choices)
      for (const { decision } of expected) expect(decision.word).toBe('conforms');
  });

  test('should aim a tenth inside a limit whose other side is open, and read a gain that is not said as none', () => {
    const open = (
      id: string,
      value: number,
      band: { lower: number | null; upper: number | null },
    ) => ({
      ...JOINT.specs[0]!,
      id,
      value,
      band: { ...band, target: null },
    });
    const twins = ['b', 'a', 'none'].flatMap((name) =>
      STOCK.map((size) => ({ ...size, id: `${name}${size.id}`, count: name === 'none' ? 0 : 3 })),
    );
    const answer = jointPacks({
      ...JOINT,
      specs: [
        open('endPlay', 0.42, { lower: 0.1, upper: null }),
        open('sideClearance', 0.05, { lower: null, upper: 0.25 }),
      ],
      sites: [
        { id: 'cover', thickness: 0.5, uncertainty: 0.001, gains: { endPlay: 1 } },
        { id: 'sleeve', thickness: 1, uncertainty: 0.001, gains: { sideClearance: 1 } },
      ],
      stock: twins,
    });
    expect(answer.status).toBe('found');
    const used = answer.choices.flatMap(({ packs }) => packs.flatMap(({ pieces }) => pieces));
    expect(used.every(({ sizeId }) => !sizeId.startsWith('none'))).toBe(true);
    for (const { expected } of answer.choices) {
      expect(expected[0]!.value).toBeGreaterThan(0.1);
      expect(expected[1]!.value).toBeLessThan(0.25);
    }
  });

  test('should take no more of a size than the box has, between the sites', () => {
    const stock = [
      { id: 'a', thickness: 0.1, count: 3, uncertainty: 0 },
      { id: 'b', thickness: 1, count: 1, uncertainty: 0 },
      { id: 'c', thickness: 0.05, count: 2, uncertainty: 0 },
    ];
    const { choices } = jointPacks({ ...JOINT, stock });
    for (const { packs } of choices)
      for (const { id, count } of stock)
        expect(
          packs
            .flatMap(({ pieces }) => pieces)
            .filter(({ sizeId }) => sizeId === id)
            .reduce((sum, { quantity }) => sum + quantity, 0),
        ).toBeLessThanOrEqual(count);
    expect(choices.length).toBeGreaterThan(0);
  });

  test('should come nearer than any other pair of packs, counted through one by one', () => {
    const sizes = [0.2, 0.3, 0.5].map((thickness) => ({
      id: `s${thickness}`,
      thickness,
      count: 1,
      uncertainty: 0,
    }));
    const subsets = [0, 1, 2, 3, 4, 5, 6, 7].map((bits) =>
      sizes.filter((_, at) => bits & (1 << at)),
    );
    const sum = (pieces: typeof sizes) =>
      pieces.reduce((total, { thickness }) => total + thickness, 0);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        (float, side) => {
          const question = {
            ...JOINT,
            stock: sizes,
            specs: [
              { ...JOINT.specs[0]!, value: float },
              { ...JOINT.specs[1]!, value: side },
            ],
            sites: JOINT.sites.map((site) => ({ ...site, thickness: 0.4 })),
          };
          const off = (cover: number, sleeve: number) =>
            ((float + cover - 0.4 - (sleeve - 0.4) - 0.14) / 0.04) ** 2 +
            ((side + sleeve - 0.4 - 0.2) / 0.05) ** 2;
          const best = Math.min(
            ...subsets.flatMap((a) =>
              subsets
                .filter((b) => b.every((piece) => !a.includes(piece)))
                .map((b) => off(sum(a), sum(b))),
            ),
          );
          const { choices, status } = jointPacks(question);
          const [cover, sleeve] = choices[0]!.packs.map(({ thickness }) => thickness);
          if (status === 'nothingFits')
            expect(off(cover!, sleeve!)).toBeLessThanOrEqual(best + 1e-3);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('should refuse sites that move both figures alike, and name what cannot be used', () => {
    const alike = JOINT.sites.map((site) => ({ ...site, gains: { endPlay: 1, sideClearance: 1 } }));
    expect(() => jointPacks({ ...JOINT, sites: alike })).toThrow(/independently/);
    expect(() => jointPacks({ ...JOINT, sites: JOINT.sites.slice(1) })).toThrow(/sites/);
    expect(() => jointPacks({ ...JOINT, mostPieces: 9 })).toThrow(/mostPieces/);
    expect(() => jointPacks({ ...JOINT, stock: [{ ...STOCK[0]!, thickness: -0.1 }] })).toThrow(
      /stock\[0\].thickness/,
    );
  });

  test('should say when nothing in the box fits, with the nearest it has', () => {
    const answer = jointPacks({
      ...JOINT,
      stock: [{ id: 'x', thickness: 3, count: 4, uncertainty: 0 }],
    });
    expect(answer.status).toBe('nothingFits');
    expect(answer.choices[0]!.packs.map(({ thickness }) => thickness)).toEqual([0, 0]);
  });
});

describe('a pack put together by hand', () => {
  const question: PackQuestion = {
    endPlay: { value: 0.31, uncertainty: 0.003, degreesOfFreedom: null },
    packInPlace: { thickness: 1, uncertainty: 0.001 },
    gain: -1,
    band: { lower: 0.1, upper: 0.18, target: null },
    stock: STOCK,
    mostPieces: 4,
  };

  test('should be judged as the proposed ones are', () => {
    const proposed = proposePack(question).packs[0]!;
    expect(judgePack(question, proposed.pieces)).toMatchObject({
      thickness: proposed.thickness,
      expectedPlay: proposed.expectedPlay,
      expandedUncertainty: proposed.expandedUncertainty,
      decision: { word: 'conforms' },
    });
    const thick = judgePack(question, [{ sizeId: 's1', thickness: 1, quantity: 2 }]);
    expect(thick).toMatchObject({
      expectedPlay: expect.closeTo(-0.69, 9),
      decision: { word: 'doesNotConform', limit: 'lower' },
    });
    expect(judgePack(question, []).expectedPlay).toBeCloseTo(1.31, 9);
  });

  test('should not take pieces that are not there', () => {
    const piece = (sizeId: string, quantity: number) => [{ sizeId, thickness: 1, quantity }];
    expect(() => judgePack(question, piece('s1', 4))).toThrow(/pieces\[0\].quantity/);
    expect(() => judgePack(question, piece('other', 1))).toThrow(/pieces\[0\].sizeId/);
  });
});
