import { refuse, requireNumber } from '../faults/index.ts';
import { requireScatterRange, type Scatter, type ScatterRange } from '../measure/index.ts';
import type { HeldGain } from './fitLine.ts';

/** A build that was measured with known thicknesses in place. */
export interface Build {
  /** At each site, mm. */
  readonly thicknesses: readonly number[];
  /** What was read of it: the play, mm; or where it has preload the rolling torque of its bearings alone, N·m. */
  readonly by: 'play' | 'torque';
  readonly read: number;
  /** Standard, of what differs from one reading to the next. */
  readonly uncertainty: number;
  /** Standard, of what all readings of one indicator share: its calibration, its angle. */
  readonly shared: number;
}

/** What is held of the sites before the unit has said anything. */
export interface BeforeBuilds {
  /** ∂(play)/∂(thickness) at each site, and its standard uncertainty. */
  readonly gains: readonly HeldGain[];
  /** How far the play of one assembly differs from that of the next with the same thicknesses. */
  readonly scatter: ScatterRange;
}

/** What is asked: with which thicknesses, and where a rolling torque is wanted, which. */
export interface AskedOfBuilds {
  readonly thicknesses: readonly number[];
  /** N·m, above 0. */
  readonly torques: readonly number[];
}

/** Where a rolling torque lies. mm. */
export interface TorquePlace {
  /** Play (below 0) at which the bearings take it. */
  readonly play: number;
  /** Standard uncertainty of how far the play that is asked for is from it: both hang on the same readings. */
  readonly uncertainty: number;
}

/** What the builds say. mm. */
export interface LearnedBuilds {
  /**
   * Play with the thicknesses that were asked for, and its standard uncertainty: what is left of it when the difference to the
   * next assembly ({@link LearnedBuilds.scatter}) is taken on its own.
   */
  readonly value: number;
  readonly uncertainty: number;
  readonly gains: readonly HeldGain[];
  /** What the next assembly differs by from that, as the builds say: its own rest, and what theirs leave unsure. */
  readonly scatter: Scatter;
  /**
   * How far the plays lie from what their thicknesses say, standard, mm, where that is more than assemblies differ by at the most;
   * null where assembling accounts for it.
   */
  readonly misfit: number | null;
  /** For each torque that was asked for; null where no rolling torque was read that tells. */
  readonly torques: readonly TorquePlace[] | null;
}

/** @throws InputError naming `builds` when there is none or none of them says a play, or a field that is not what it says */
export function requireBuilds(
  builds: readonly Build[],
  before: BeforeBuilds,
  asked: AskedOfBuilds,
): void {
  if (!builds.some(({ by }) => by === 'play'))
    refuse('missing', 'builds', builds.length, { id: 'aPlay' });
  const sites = before.gains.length;
  const lengths = (path: string, row: readonly number[]): void => {
    if (row.length !== sites)
      refuse('missing', path, row.length, { id: 'list', least: sites, most: sites });
    row.forEach((one, at) =>
      requireNumber(`${path}[${at}]`, one, { min: -1000, max: 10_000, unit: 'mm' }),
    );
  };
  builds.forEach(({ thicknesses, by, read, uncertainty, shared }, at) => {
    lengths(`builds[${at}].thicknesses`, thicknesses);
    if (by === 'play')
      requireNumber(`builds[${at}].read`, read, { min: -1000, max: 1000, unit: 'mm' });
    else requireNumber(`builds[${at}].read`, read, { above: 0, max: 500, unit: 'N·m' });
    requireNumber(`builds[${at}].uncertainty`, uncertainty, { min: 0, max: 100 });
    requireNumber(`builds[${at}].shared`, shared, { min: 0, max: 100 });
  });
  before.gains.forEach(({ value, uncertainty }, at) => {
    requireNumber(`before.gains[${at}].value`, value, { min: -10, max: 10 });
    requireNumber(`before.gains[${at}].uncertainty`, uncertainty, { above: 0, max: 10 });
  });
  requireScatterRange('before.scatter', before.scatter);
  lengths('asked.thicknesses', asked.thicknesses);
  asked.torques.forEach((torque, at) =>
    requireNumber(`asked.torques[${at}]`, torque, { above: 0, max: 500, unit: 'N·m' }),
  );
}
