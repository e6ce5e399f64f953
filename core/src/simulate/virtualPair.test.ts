import { backlashOfPair, playOfPair, virtualPair } from './virtualPair.ts';
import { setPair, type SetPair } from './setPair.ts';

/** `npm run trials` draws more, and the bench a thousand of each kind. */
const COUNT = process.env['WENDAXIS_TRIALS'] === undefined ? 8 : 40;
const share = (rows: readonly SetPair[], is: (row: SetPair) => boolean): number =>
  rows.filter(is).length / rows.length;

describe.each([
  ['known by its angles', true],
  ['of which only the teeth are known', false],
] as const)('pairs with a hidden geometry, %s', (_, known) => {
  const rows = Array.from({ length: COUNT }, (_none, at) => setPair(at * 13 + 1, known, 3)).filter(
    ({ moves }) => moves.length > 0,
  );

  test('should be within limits on depth, backlash and preload after a trial and one build', () => {
    expect(rows.length).toBeGreaterThan(0.9 * COUNT);
    expect(share(rows, ({ inLimits }) => inLimits[1] === true)).toBeGreaterThanOrEqual(0.95);
  });

  test('should not have been within limits before, or nothing would be shown by it', () => {
    expect(share(rows, ({ inLimits }) => inLimits[0] === true)).toBeLessThan(0.05);
  });

  test('should pass none whose backlash is out', () => {
    const passed = rows.filter((row) => row.passed);
    expect(passed.length).toBeGreaterThan(0.8 * rows.length);
    expect(share(passed, ({ honest }) => !honest)).toBeLessThanOrEqual(0.025);
  });

  test('should have had the odds that were shown, about', () => {
    const shown = rows.reduce((sum, { odds }) => sum + odds[0]!, 0) / rows.length;
    const came = share(rows, ({ inLimits }) => inLimits[1] === true);
    expect(Math.abs(shown - came)).toBeLessThan(0.1);
  });
});

describe('what a move does to the backlash', () => {
  // A tenth of the move, or what a dial of a hundredth tells from nothing.
  const near = ({ predicted, true: came }: SetPair['moves'][number]) =>
    Math.abs(predicted - came) <= Math.max(0.1 * Math.abs(came), 0.006);

  test('should be predicted within a tenth where the angles are known', () => {
    const moves = Array.from({ length: COUNT }, (_none, at) =>
      setPair(at * 7 + 5, true, 2).moves.slice(0, 1),
    ).flat();
    expect(moves.filter(near).length / moves.length).toBeGreaterThanOrEqual(0.9);
  });
});

describe('a virtual pair', () => {
  const packs = { depth: 1.3, gear: 1.5, other: 1.5 };
  const pair = { ...virtualPair(3, { packs, perRing: 0.8, ratio: 4 }), swing: 0 };

  test('should gain backlash by its own factor when shims go from the other side to the gear’s', () => {
    const preloaded = { ...packs, gear: pair.touching - 1.5 + 0.05 };
    const moved = { ...preloaded, gear: preloaded.gear + 0.1, other: 1.4 };
    const [before, after] = [preloaded, moved].map((one) =>
      backlashOfPair({ ...pair, base: 1 }, one, 'preload', 0),
    ) as [number, number];
    expect(playOfPair(pair, moved)).toBeCloseTo(playOfPair(pair, preloaded), 9);
    expect(after - before).toBeCloseTo(-0.1 * pair.perRing, 9);
  });

  test('should have no less than no backlash: the teeth meet first', () => {
    expect(backlashOfPair({ ...pair, base: -1 }, packs, 'other', 0)).toBe(0);
  });
});
