import {
  bandTarget,
  decide,
  studentFactor,
  welchSatterthwaite,
  type Band,
} from '../measure/index.ts';
import type { JointChoice, JointQuestion } from './jointQuestion.ts';
import type { BoxPack } from './packsBetween.ts';

/** What packs give, and where they stand among the others: proven, inside, outside; how far off; how many pieces. */
export interface Expectation {
  readonly expectedOf: (chosen: readonly BoxPack[]) => JointChoice['expected'];
  readonly rankOf: (chosen: readonly BoxPack[]) => readonly number[];
}

/** What a choice of packs gives: figure by figure. Its guard hangs on the numbers of pieces only, and is worked out once for each. */
export function expectation({ specs, sites, stock }: JointQuestion): Expectation {
  const piece = Math.max(0, ...stock.map(({ uncertainty }) => uncertainty));
  const guards = new Map<string, readonly number[]>();
  const guardsOf = (chosen: readonly BoxPack[]): readonly number[] => {
    const key = chosen.map(({ pieces }) => pieces).join();
    const known = guards.get(key);
    if (known !== undefined) return known;
    const made = specs.map(({ id, uncertainty, degreesOfFreedom }) => {
      const shims = Math.hypot(
        ...sites.map(
          (site, at) =>
            (site.gains[id] ?? 0) *
            Math.hypot(site.uncertainty, Math.sqrt(chosen[at]!.pieces) * piece),
        ),
      );
      const freedom = welchSatterthwaite([
        { standard: uncertainty, degreesOfFreedom: degreesOfFreedom ?? Infinity },
        { standard: shims, degreesOfFreedom: Infinity },
      ]);
      return studentFactor(freedom) * Math.hypot(uncertainty, shims);
    });
    guards.set(key, made);
    return made;
  };
  const targets = specs.map(({ band }) => bandTarget(band));
  const halves = specs.map(({ band }) => halfWidth(band));
  const valueOf = (chosen: readonly BoxPack[], spec: number): number => {
    const { id, value } = specs[spec]!;
    return sites.reduce(
      (sum, { gains, thickness }, at) =>
        sum + (gains[id] ?? 0) * (chosen[at]!.sum / 1000 - thickness),
      value,
    );
  };
  return {
    expectedOf: (chosen) =>
      specs.map(({ id, band }, spec) => {
        const expanded = guardsOf(chosen)[spec]!;
        const value = valueOf(chosen, spec);
        return { specId: id, value, expanded, decision: decide(value, value, band, expanded) };
      }),
    // The same by numbers alone: it is asked for every combination.
    rankOf: (chosen) => {
      const guards = guardsOf(chosen);
      let [tier, off, pieces] = [0, 0, 0];
      for (let spec = 0; spec < specs.length; spec += 1) {
        const { lower, upper } = specs[spec]!.band;
        const value = valueOf(chosen, spec);
        const margin = Math.min(value - (lower ?? -Infinity), (upper ?? Infinity) - value);
        tier = Math.max(tier, margin + 1e-9 >= guards[spec]! ? 0 : margin >= -1e-9 ? 1 : 2);
        off += ((value - targets[spec]!) / halves[spec]!) ** 2;
      }
      for (const one of chosen) pieces += one.pieces;
      return [tier, Math.round(off * 1e4), pieces];
    },
  };
}

/** Half of the band; where a limit is open, a tenth of a millimetre stands for it. */
function halfWidth({ lower, upper }: Band): number {
  return lower === null || upper === null ? 0.1 : (upper - lower) / 2;
}
