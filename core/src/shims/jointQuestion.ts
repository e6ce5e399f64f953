import { refuse, requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand, type Band, type Decision, type Scatter } from '../measure/index.ts';
import { requireStock, type PackPiece, type ShimSize } from './stock.ts';

/** One measured figure that has to come into its band. mm. */
export interface JointSpec {
  readonly id: string;
  readonly value: number;
  /** Standard uncertainty, and its degrees of freedom; null when infinite. */
  readonly uncertainty: number;
  readonly degreesOfFreedom: number | null;
  readonly band: Band;
  /** What one assembly of it differs from the next by; what is usual where it is not said. */
  readonly scatter?: Scatter;
}

/** One site, the pack it was measured with, and what a thickness there does to each figure. */
export interface JointSite {
  readonly id: string;
  readonly thickness: number;
  readonly uncertainty: number;
  /** ∂(figure)/∂(thickness), by figure; 0 where it does not matter. */
  readonly gains: Readonly<Record<string, number>>;
  /** Standard uncertainties of those, by figure; 0 where it is not said. They count the more, the more the pack changes. */
  readonly gainUncertainties?: Readonly<Record<string, number>>;
  /** Ids of the sizes that can lie there; all of them where it is not said. */
  readonly sizes?: readonly string[];
  /** Most pieces there, where they are fewer than elsewhere. */
  readonly mostPieces?: number;
}

/** Sites on one shaft that depend on each other, with the box they share. */
export interface JointQuestion {
  /** 1 to 4, in the order in which they count. */
  readonly specs: readonly JointSpec[];
  /** As many as there are figures. */
  readonly sites: readonly JointSite[];
  readonly stock: readonly ShimSize[];
  /** Most pieces at each site, 1 to 4. */
  readonly mostPieces: number;
}

/** Packs for all the sites, with what they give together. */
export interface JointChoice {
  readonly packs: readonly {
    readonly siteId: string;
    readonly thickness: number;
    readonly pieces: readonly PackPiece[];
  }[];
  readonly expected: readonly {
    readonly specId: string;
    readonly value: number;
    readonly expanded: number;
    readonly decision: Decision;
  }[];
}

/** The answer. `unproven`: everything aims inside its band, but not by the guard. */
export interface JointAnswer {
  readonly status: 'found' | 'unproven' | 'nothingFits';
  /** Thickness wanted at each site, mm. */
  readonly wanted: Readonly<Record<string, number>>;
  /** The best and up to three more; the nearest, out of band, when nothing fits. */
  readonly choices: readonly JointChoice[];
  readonly tried: number;
  /** Every pair that is within all limits was looked at: nothing better is in the box. */
  readonly exact: boolean;
}

export function requireJoint(question: JointQuestion): JointQuestion {
  const { specs, sites, stock, mostPieces } = question;
  requireInteger('specs', specs.length, { min: 1, max: 4 });
  requireInteger('sites', sites.length, { min: specs.length, max: specs.length });
  specs.forEach(({ value, uncertainty, band }, at) => {
    requireNumber(`specs[${at}].value`, value, { min: -100, max: 100, unit: 'mm' });
    requireNumber(`specs[${at}].uncertainty`, uncertainty, { min: 0, max: 1, unit: 'mm' });
    requireBand(band);
  });
  sites.forEach(({ thickness, uncertainty, gains, gainUncertainties, mostPieces: most }, at) => {
    requireNumber(`sites[${at}].thickness`, thickness, { min: 0, max: 100, unit: 'mm' });
    requireNumber(`sites[${at}].uncertainty`, uncertainty, { min: 0, max: 1, unit: 'mm' });
    if (typeof gains !== 'object' || gains === null)
      refuse('missing', `sites[${at}].gains`, gains, { id: 'gainForEach' });
    for (const [id, gain] of Object.entries(gains))
      requireNumber(`sites[${at}].gains.${id}`, gain, { min: -10, max: 10 });
    for (const [id, spread] of Object.entries(gainUncertainties ?? {}))
      requireNumber(`sites[${at}].gainUncertainties.${id}`, spread, { min: 0, max: 10 });
    if (most !== undefined) requireInteger(`sites[${at}].mostPieces`, most, { min: 1, max: 4 });
  });
  requireStock(stock);
  requireInteger('mostPieces', mostPieces, { min: 1, max: 4 });
  return question;
}
