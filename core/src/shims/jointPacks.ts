import { refuse } from '../faults/index.ts';
import {
  bandTarget,
  decide,
  studentFactor,
  welchSatterthwaite,
  type Band,
} from '../measure/index.ts';
import { nearSearch } from './nearPacks.ts';
import { micrometres, type ShimSize } from './stock.ts';
import {
  type JointSpec,
  type JointSite,
  type JointQuestion,
  type JointChoice,
  type JointAnswer,
  requireJoint,
} from './jointQuestion.ts';

/** How far about the wanted thickness packs are looked up, µm, and how many of the nearest are combined. */
const WINDOW = 120;

const NEAREST = [400, 90, 36] as const;

/** So many packs of a site at least are looked at, so that sites that share a box leave each other a choice. */
const ENOUGH = 24;

const SHOWN = 4;

interface Candidate {
  readonly counts: ReadonlyMap<number, number>;
  /** µm. */
  readonly sum: number;
  readonly pieces: number;
}

/**
 * Packs for several sites at once. The wanted thicknesses solve `Σ gain·Δt = target − value` for all figures together, so
 * that a site that moves two of them is right for both; then the nearest packs of every site are combined, each
 * combination within the shared box, and the one whose figures lie nearest to their targets (as a share of the bands,
 * squared and summed) is taken. Of equal ones fewest pieces.
 *
 * @throws InputError naming the field; `contradiction` where the sites cannot move the figures apart
 */
export function jointPacks(question: JointQuestion): JointAnswer {
  const { specs, sites, stock, mostPieces } = requireJoint(question);
  const wanted = solve(specs, sites);
  const sizes = stock
    .filter(({ count }) => count > 0)
    .toSorted((a, b) => b.thickness - a.thickness || (a.id < b.id ? -1 : 1));
  const candidates = sites.map((site, at) =>
    candidatesNear(
      // Sizes keep their places: what cannot lie there is there none of.
      sizes.map((size) => (site.sizes?.includes(size.id) === false ? { ...size, count: 0 } : size)),
      wanted[at]! * 1000,
      site.mostPieces ?? mostPieces,
      NEAREST[sites.length - 1]!,
    ),
  );
  const { expectedOf, rankOf } = expectation(question);
  const found: { readonly rank: readonly number[]; readonly chosen: readonly Candidate[] }[] = [];
  let tried = 0;
  const walk = (chosen: readonly Candidate[]): void => {
    if (chosen.length < sites.length) {
      for (const next of candidates[chosen.length]!)
        if (fitsBox([...chosen, next], sizes)) walk([...chosen, next]);
      return;
    }
    tried += 1;
    found.push({ rank: rankOf(chosen), chosen });
  };
  walk([]);
  const ordered = found.toSorted(
    (a, b) => a.rank[0]! - b.rank[0]! || a.rank[1]! - b.rank[1]! || a.rank[2]! - b.rank[2]!,
  );
  // Of the same thicknesses only the best pieces are shown.
  const seen = new Set<string>();
  const best = ordered.filter(
    ({ chosen }) =>
      seen.size < SHOWN && seen.size < seen.add(chosen.map(({ sum }) => sum).join(' ')).size,
  );
  const tier = best[0]?.rank[0] ?? 2;
  return {
    status: (['found', 'unproven', 'nothingFits'] as const)[tier]!,
    wanted: Object.fromEntries(sites.map(({ id }, at) => [id, wanted[at]!])),
    choices: best
      .filter(({ rank }) => rank[0] === tier)
      .map(({ chosen }) => ({
        packs: chosen.map(({ sum, counts }, at) => ({
          siteId: sites[at]!.id,
          thickness: sum / 1000,
          pieces: [...counts].map(([index, quantity]) => ({
            sizeId: sizes[index]!.id,
            thickness: sizes[index]!.thickness,
            quantity,
          })),
        })),
        expected: expectedOf(chosen),
      })),
    tried,
  };
}

/** What packs give, and where they stand among the others: proven, inside, outside; how far off; how many pieces. */
interface Expectation {
  readonly expectedOf: (chosen: readonly Candidate[]) => JointChoice['expected'];
  readonly rankOf: (chosen: readonly Candidate[]) => readonly number[];
}

/** What a choice of packs gives: figure by figure. Its guard hangs on the numbers of pieces only, and is worked out once for each. */
function expectation({ specs, sites, stock }: JointQuestion): Expectation {
  const piece = Math.max(0, ...stock.map(({ uncertainty }) => uncertainty));
  const guards = new Map<string, readonly number[]>();
  const guardsOf = (chosen: readonly Candidate[]): readonly number[] => {
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
  const valueOf = (chosen: readonly Candidate[], spec: number): number => {
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
        tier = Math.max(tier, margin + 1e-9 >= guards[spec]! ? 0 : margin >= 0 ? 1 : 2);
        off += ((value - targets[spec]!) / halves[spec]!) ** 2;
      }
      for (const one of chosen) pieces += one.pieces;
      return [tier, Math.round(off * 1e4), pieces];
    },
  };
}

function candidatesNear(
  sizes: readonly ShimSize[],
  target: number,
  mostPieces: number,
  keep: number,
): readonly Candidate[] {
  const search = nearSearch(
    sizes.map(({ thickness, count }) => ({ thickness: micrometres(thickness), available: count })),
  );
  let found: Candidate[] = [];
  for (let reach = WINDOW; found.length < ENOUGH && reach <= 256 * WINDOW; reach *= 4) {
    found = [];
    for (let pieces = 0; pieces <= mostPieces; pieces += 1)
      for (const [sum, { members }] of search(pieces, {
        from: Math.max(0, Math.ceil(target - reach)),
        to: Math.floor(target + reach),
      }))
        found.push({ sum, pieces, counts: countsOf(members) });
  }
  return found
    .toSorted((a, b) => Math.abs(a.sum - target) - Math.abs(b.sum - target) || a.pieces - b.pieces)
    .slice(0, keep);
}

function countsOf(members: readonly number[]): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  for (const member of members) counts.set(member, (counts.get(member) ?? 0) + 1);
  return counts;
}

function fitsBox(chosen: readonly Candidate[], sizes: readonly ShimSize[]): boolean {
  if (chosen.length < 2) return true;
  return [...chosen.at(-1)!.counts.keys()].every(
    (index) =>
      chosen.reduce((sum, { counts }) => sum + (counts.get(index) ?? 0), 0) <= sizes[index]!.count,
  );
}

/** Gauss with row exchange; as many sites as figures. */
function solve(specs: readonly JointSpec[], sites: readonly JointSite[]): readonly number[] {
  const rows = specs.map(({ id, value, band }) => [
    ...sites.map(({ gains }) => gains[id] ?? 0),
    bandTarget(band) - value,
  ]);
  const n = sites.length;
  for (let column = 0; column < n; column += 1) {
    const pivot = rows
      .slice(column)
      .reduce(
        (best, row, at) =>
          Math.abs(row[column]!) > Math.abs(rows[best]![column]!) ? column + at : best,
        column,
      );
    [rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
    const head = rows[column]!;
    if (Math.abs(head[column]!) < 0.05)
      refuse('contradiction', 'sites', sites.map(({ id }) => id).join(', '), {
        id: 'independentPlaces',
      });
    for (let at = 0; at < n; at += 1) {
      if (at === column) continue;
      const share = rows[at]![column]! / head[column]!;
      rows[at] = rows[at]!.map((cell, index) => cell - share * head[index]!);
    }
  }
  return sites.map(({ thickness }, at) => thickness + rows[at]![n]! / rows[at]![at]!);
}

/** Half of the band; where a limit is open, a tenth of a millimetre stands for it. */
function halfWidth({ lower, upper }: Band): number {
  return lower === null || upper === null ? 0.1 : (upper - lower) / 2;
}
