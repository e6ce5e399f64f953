import { setPair, type SetPair } from '@wendaxis/core/simulate';

/**
 * Ring and pinion with a hidden geometry, set by what the program says from a trial build on, read with a dial of a hundredth:
 * within limits on depth, backlash and preload after how many builds, what was passed though out, how far each move of the
 * backlash was predicted. Invented pairs; nothing of their truth is seen by the program.
 */
const PAIRS = 1000;

for (const known of [true, false]) {
  const started = performance.now();
  const rows = Array.from({ length: PAIRS }, (_, at) => setPair(at * 31 + 11, known, 3)).filter(
    ({ moves }) => moves.length > 0,
  );
  const count = (is: (row: SetPair) => boolean): number => rows.filter(is).length;
  const share = (part: number, all: number) => `${((100 * part) / all).toFixed(1)} %`;
  const passed = count((row) => row.passed);
  const first = rows.map(({ moves }) => moves[0]!);
  const later = rows.flatMap(({ moves }) => moves.slice(1));
  const near = (moves: SetPair['moves']): number =>
    moves.filter(
      ({ predicted, true: came }) =>
        Math.abs(predicted - came) <= Math.max(0.1 * Math.abs(came), 0.006),
    ).length;
  const odds = rows.reduce((sum, row) => sum + row.odds[0]!, 0) / rows.length;
  console.log(
    `ring and pinion, ${known ? 'angles known' : 'only teeth known'}: ` +
      `packs at hand for ${rows.length} of ${PAIRS}; within limits after trial and one build ${share(
        count(({ inLimits }) => inLimits[1] === true),
        rows.length,
      )} (held to 95 %), shown beforehand ${share(odds, 1)}; ` +
      `passed though out ${share(
        count((row) => row.passed && !row.honest),
        passed,
      )} of ${passed} (held to 2.5 %); ` +
      `backlash predicted within a tenth or 0.006 mm: first move ${share(near(first), first.length)}, ` +
      `later ones ${later.length === 0 ? 'none were needed' : `${share(near(later), later.length)} of ${later.length}`}; ` +
      `${((performance.now() - started) / PAIRS).toFixed(0)} ms a pair`,
  );
}
