import { PairBench } from './pairBench.ts';
import { pairUnit } from './pairUnit.ts';
import type { VirtualPair } from './virtualPair.ts';

/** What came of a pair. */
export interface SetPair {
  readonly pair: VirtualPair;
  /** Of trial, second build and so on: whether depth, play and backlash are truly within their limits. */
  readonly inLimits: readonly boolean[];
  /** At the last build: what the program says of the backlash, and whether play and backlash are truly within limits. */
  readonly passed: boolean;
  readonly honest: boolean;
  /** Odds that were shown before each build but the first. */
  readonly odds: readonly number[];
  /** Of each move: how far the backlash was predicted to move, and how far it moved. mm. */
  readonly moves: readonly { readonly predicted: number; readonly true: number }[];
}

/**
 * A pair from as found to final by what the program says, worked through the log: a depth from measured bearings, a trial build,
 * play and backlash read with a usual dial, packs from a box; then further builds while it asks for them.
 * @param most builds, the trial one of them
 */
export function setPair(seed: number, known: boolean, most = 2): SetPair {
  const unit = pairUnit(known);
  const bench = new PairBench(unit, seed);
  const inLimits: boolean[] = [];
  const odds: number[] = [];
  const moves: { predicted: number; true: number }[] = [];
  bench.chooseDepth();
  bench.trial();
  inLimits.push(bench.isInLimits());
  for (let build = 2; build <= most; build += 1) {
    const move = bench.build();
    if (move === null) break;
    odds.push(move.odds);
    moves.push(move);
    inLimits.push(bench.isInLimits());
    bench.proof();
  }
  return { pair: bench.pair, inLimits, ...bench.verdict(), odds, moves };
}
