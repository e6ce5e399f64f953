import {
  requireBuilds,
  type AskedOfBuilds,
  type BeforeBuilds,
  type Build,
  type LearnedBuilds,
} from './builds.ts';
import { scatterBefore, scatterOf, scattersIn } from '../measure/index.ts';
import { fitLine, type FittedLine, type HeldGain, type LineRow } from './fitLine.ts';

/** Where a torque is weighed besides, so many scatters are enough. */
const FEW_SCATTERS = 6;
/** Plays do not fit their thicknesses where the chance of it, at the greatest scatter, is that of three standard deviations. A rule of this program. */
const MISFIT = 3;
/** How torque may rise with preload travel, `T = k·travel^n`: as for a sleeve. */
const EXPONENTS = [1, 1.25, 1.5] as const;
/** Preload travels that a torque may stand for, from one to the last, mm, and the steps they are taken in: a share, and no more than so many mm. */
const TRAVEL = { from: 0.001, to: 0.4, share: 0.045, most: 0.003 };
const TRAVELS = travels();
/** Travels are weighed to so many standard uncertainties from what the plays say, of an assembly as badly off as this, mm; no fewer than so many. */
const FAR = 5;
const AN_ASSEMBLY = 0.012;
const FEW = 10;

/** Travels, each with its step as a share of it. */
function travels(): readonly { readonly travel: number; readonly share: number }[] {
  const { from, to, share, most } = TRAVEL;
  const rows = [];
  for (let travel = from; travel <= to; travel += Math.min(share * travel, most))
    rows.push({ travel, share: Math.min(share, most / travel) });
  return rows;
}

/** One way it can be: how assemblies scatter, and what travel the last torque that was read stands for. */
interface Way {
  readonly scatter: number;
  readonly travel: number;
  readonly exponent: number;
  readonly line: FittedLine;
  readonly logWeight: number;
}

/**
 * Play, gains and scatter of the sites of an axis, from builds with different thicknesses: a plane through them by Bayes, each gain
 * held to what geometry says within its uncertainty, the scatter weighed over all that it can be (uniform in its logarithm before).
 *
 * `play_i = a + Σ gain_k·t_ik + reading_i + assembly_i`; two assemblies differ by √2 times what one scatters by.
 *
 * A build with preload is read by rolling torque, `T = k·(−play)^n`, k any (its logarithm held to nothing), n from 1 to 1.5: it
 * says nothing of the play by itself, and by the plays of other builds how far it is to another torque.
 *
 * @param builds in order, the last is the build that is in place
 * @throws InputError naming `builds` when there is none or none of them says a play, or a field that is not what it says
 */
export function learnBuilds(
  builds: readonly Build[],
  before: BeforeBuilds,
  asked: AskedOfBuilds = { thicknesses: builds.at(-1)?.thicknesses ?? [], torques: [] },
): LearnedBuilds {
  requireBuilds(builds, before, asked);
  const plays = builds.filter(({ by }) => by === 'play');
  const shared = Math.max(...plays.map((one) => one.shared));
  if (builds.length === 1) return byOne(builds[0]!, before, asked);
  const ways = waysOf(builds, before, asked);
  const likeliest = Math.max(...ways.map(({ logWeight }) => logWeight));
  const weights = ways.map(({ logWeight }) => Math.exp(logWeight - likeliest));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const mean = (of: (way: Way) => number): number =>
    ways.reduce((sum, way, at) => sum + weights[at]! * of(way), 0) / total;
  /** Mean of what each way says, and the standard deviation about it without what an assembly scatters by. */
  const about = (of: (way: Way) => number): HeldGain => {
    const value = mean(of);
    const variance = mean((way) => way.line.valueVariance - rest(way) + (of(way) - value) ** 2);
    return { value, uncertainty: Math.hypot(Math.sqrt(Math.max(0, variance)), shared) };
  };
  const play = about(({ line }) => line.value);
  const read = lastTorque(builds);
  return {
    ...play,
    gains: before.gains.map((_, site) => {
      const value = mean(({ line }) => line.gains[site]!);
      const variance = mean(
        ({ line }) => line.gainVariances[site]! + (line.gains[site]! - value) ** 2,
      );
      return { value, uncertainty: Math.sqrt(variance) };
    }),
    scatter: scatterOf(
      ways.map((way) => Math.sqrt(way.scatter ** 2 + rest(way))),
      weights,
    ),
    misfit: misfitOf(plays, before),
    torques:
      read === null
        ? null
        : asked.torques.map((torque) => {
            const off = about(
              ({ line, travel, exponent }) =>
                line.value + travel * (torque / read.read) ** (1 / exponent),
            );
            return { play: play.value - off.value, uncertainty: off.uncertainty };
          }),
  };
}

/** How far plays lie from the line through them, where the greatest scatter does not account for it. */
function misfitOf(plays: readonly Build[], { gains, scatter }: BeforeBuilds): number | null {
  const free = plays.length - 1;
  if (free === 0) return null;
  const { thicknesses } = plays.at(-1)!;
  const rows = plays.map(({ thicknesses: here, read, uncertainty }): LineRow => ({
    away: here.map((one, site) => one - thicknesses[site]!),
    play: read,
    variance: uncertainty ** 2 + scatter.most ** 2 / 2,
  }));
  const { squares } = fitLine(rows, gains);
  // χ² of so many degrees of freedom, as many standard deviations above its mean as 3² is for one.
  if ((squares - free) / Math.sqrt(free) <= MISFIT ** 2 - 1) return null;
  const variance = rows.reduce((sum, row) => sum + row.variance, 0) / rows.length;
  return Math.sqrt((2 * variance * squares) / free);
}

/** The share of what the play is unsure by that comes of how its builds came to rest: the more builds, the less. */
const rest = ({ line, scatter }: Way): number => Math.min(line.valueVariance, scatter ** 2);

/** One build says nothing of gain or scatter: then they are what they were before. */
function byOne(
  { thicknesses, read, uncertainty, shared }: Build,
  { gains, scatter }: BeforeBuilds,
  asked: AskedOfBuilds,
): LearnedBuilds {
  const away = thicknesses.map((one, site) => asked.thicknesses[site]! - one);
  return {
    value: gains.reduce((sum, { value }, site) => sum + value * away[site]!, read),
    uncertainty: Math.hypot(
      uncertainty,
      shared,
      ...gains.map((gain, site) => gain.uncertainty * away[site]!),
    ),
    gains,
    scatter: scatterBefore(scatter),
    misfit: null,
    torques: null,
  };
}

const lastTorque = (builds: readonly Build[]): Build | null =>
  builds.findLast(({ by }) => by === 'torque') ?? null;

/** Everything that it can be, each with how likely it is by what was read. */
function waysOf(
  builds: readonly Build[],
  before: BeforeBuilds,
  { thicknesses }: AskedOfBuilds,
): readonly Way[] {
  const last = lastTorque(builds);
  const away = builds.map((build) =>
    build.thicknesses.map((one, site) => one - thicknesses[site]!),
  );
  const wayOf = (
    scatter: number,
    exponent: number,
    { travel, share }: (typeof TRAVELS)[number],
  ): Way => {
    let logJacobian = 0;
    const rows = builds.map(({ by, read, uncertainty }, at): LineRow => {
      if (by === 'play')
        return { away: away[at]!, play: read, variance: uncertainty ** 2 + scatter ** 2 };
      // The torque as a play: what it stands for, and how much less surely the flatter the rise.
      const stands = travel * (read / last!.read) ** (1 / exponent);
      const slope = stands / (exponent * read);
      logJacobian += Math.log(slope);
      return {
        away: away[at]!,
        play: -stands,
        variance: (slope * uncertainty) ** 2 + scatter ** 2,
      };
    });
    const line = fitLine(rows, before.gains);
    return {
      scatter,
      travel,
      exponent,
      line,
      logWeight: line.logLikelihood + logJacobian + Math.log(exponent * share),
    };
  };
  /** Of one assembly: two differ by √2 times as much. */
  const scatters = (count?: number) =>
    scattersIn(before.scatter, count).map((one) => one / Math.SQRT2);
  if (last === null) return scatters().map((scatter) => wayOf(scatter, 1, { travel: 0, share: 1 }));
  const near = travelsNear(builds, before, last.thicknesses);
  return scatters(FEW_SCATTERS).flatMap((scatter) =>
    EXPONENTS.flatMap((exponent) => near.map((row) => wayOf(scatter, exponent, row))),
  );
}

/** Travels that the plays leave for a torque. */
function travelsNear(
  builds: readonly Build[],
  before: BeforeBuilds,
  thicknesses: readonly number[],
): typeof TRAVELS {
  const plays = builds.filter(({ by }) => by === 'play');
  const { value, uncertainty, scatter } = learnBuilds(plays, before, { thicknesses, torques: [] });
  const reach = FAR * Math.hypot(uncertainty, scatter.value, AN_ASSEMBLY);
  const near = TRAVELS.filter(({ travel }) => Math.abs(travel + value) <= reach);
  // Where the plays say that there is no preload, and its torque that there is, everything is left.
  return near.length < FEW ? TRAVELS : near;
}
