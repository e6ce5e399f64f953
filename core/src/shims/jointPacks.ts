import { refuse } from '../faults/index.ts';
import { bandTarget } from '../measure/index.ts';
import { expectation, type Expectation } from './jointExpectation.ts';
import { nearSearch } from './nearPacks.ts';
import { bestPairs } from './bestPairs.ts';
import { countsOf, type BoxPack } from './packsBetween.ts';
import { bestOf, fitsBox, type FoundPacks, type RankedPacks } from './rankedPacks.ts';
import { micrometres, type ShimSize } from './stock.ts';
import {
  type JointSpec,
  type JointSite,
  type JointQuestion,
  type JointAnswer,
  requireJoint,
} from './jointQuestion.ts';

/** How far about the wanted thickness packs are looked up, µm, and how many of the nearest are combined. */
const WINDOW = 120;

const NEAREST = [400, 90, 36, 15] as const;

/** So many packs of a site at least are looked at, so that sites that share a box leave each other a choice. */
const ENOUGH = 24;

/**
 * Packs for several sites at once. The wanted thicknesses solve `Σ gain·Δt = target − value` for all figures together, so
 * that a site that moves two of them is right for both; then the nearest packs of every site are combined, each
 * combination within the shared box, and the one whose figures lie nearest to their targets (as a share of the bands,
 * squared and summed) is taken. Of equal ones fewest pieces. For two sites with closed limits every pair that is within them is looked
 * at, and the best is the best there is; `exact` says so.
 *
 * @throws InputError naming the field; `contradiction` where the sites cannot move the figures apart
 */
export function jointPacks(asked: JointQuestion): JointAnswer {
  const { specs, sites, stock } = requireJoint(asked);
  const wanted = solve(specs, sites);
  const question = withGainSpread(asked, wanted);
  const sizes = stock
    .filter(({ count }) => count > 0)
    .toSorted((a, b) => b.thickness - a.thickness || (a.id < b.id ? -1 : 1));
  // Sizes keep their places: what cannot lie at a site is there none of.
  const sizesAt = sites.map((site) =>
    sizes.map((size) => (site.sizes?.includes(size.id) === false ? { ...size, count: 0 } : size)),
  );
  const { expectedOf, rankOf } = expectation(question);
  const every = bestPairs(question, sizesAt, sizes, rankOf);
  const { found, tried } = every ?? nearest(question, { wanted, sizesAt, sizes, rankOf });
  const best = bestOf(found);
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
    exact: every !== null,
  };
}

/** Figures as uncertain as the gains make them for the change that is wanted at each site. */
function withGainSpread(question: JointQuestion, wanted: readonly number[]): JointQuestion {
  const { specs, sites } = question;
  return {
    ...question,
    specs: specs.map((spec) => ({
      ...spec,
      uncertainty: Math.hypot(
        spec.uncertainty,
        ...sites.map(
          ({ thickness, gainUncertainties }, at) =>
            (gainUncertainties?.[spec.id] ?? 0) * (wanted[at]! - thickness),
        ),
      ),
    })),
  };
}

/** The nearest packs of every site combined. */
function nearest(
  { sites, mostPieces }: JointQuestion,
  {
    wanted,
    sizesAt,
    sizes,
    rankOf,
  }: {
    readonly wanted: readonly number[];
    readonly sizesAt: readonly (readonly ShimSize[])[];
    readonly sizes: readonly ShimSize[];
    readonly rankOf: Expectation['rankOf'];
  },
): FoundPacks {
  const candidates = sites.map((site, at) =>
    candidatesNear(
      sizesAt[at]!,
      wanted[at]! * 1000,
      site.mostPieces ?? mostPieces,
      NEAREST[sites.length - 1]!,
    ),
  );
  const found: RankedPacks[] = [];
  const walk = (chosen: readonly BoxPack[]): void => {
    if (chosen.length < sites.length) {
      for (const next of candidates[chosen.length]!)
        if (fitsBox([...chosen, next], sizes)) walk([...chosen, next]);
      return;
    }
    found.push({ rank: rankOf(chosen), chosen });
  };
  walk([]);
  return { found, tried: found.length };
}

function candidatesNear(
  sizes: readonly ShimSize[],
  target: number,
  mostPieces: number,
  keep: number,
): readonly BoxPack[] {
  const search = nearSearch(
    sizes.map(({ thickness, count }) => ({ thickness: micrometres(thickness), available: count })),
  );
  let found: BoxPack[] = [];
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
