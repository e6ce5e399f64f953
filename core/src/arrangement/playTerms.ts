import { requireNumber, requireOneOf } from '../faults/index.ts';
import type { Arrangement } from './gainTable.ts';

/** What can differ between the build that is measured and the one that is closed, besides the thickness that is chosen. */
/** Standard uncertainty of a difference that is measured by micrometer, mm. A rule of this program. */
export const MEASURED_DIFFERENCE = 0.004;

export const PLAY_TERM_KINDS = [
  'gasket',
  'bearingHeight',
  'coneWidth',
  'mockUpBearing',
  'thrustWasher',
  'clampTorque',
] as const;
export type PlayTermKind = (typeof PLAY_TERM_KINDS)[number];

/** A kind of term: what is measured of it, and which way it moves the play. */
export interface PlayTermRow {
  readonly words: string;
  /** What is measured, in the trial build and in the final one. */
  readonly measured: string;
  /** ∂(end play)/∂(what is measured), by arrangement; 0 where it does not matter. */
  readonly gain: Readonly<Record<Arrangement, -1 | 0 | 1>>;
}

/**
 * Terms of the end-play sum, by the rigid chain of each arrangement: with cups backed from outside the play is
 * `housing − shaft − ΣT`; with cones clamped on a spacer it is `spacer + ΣB − ΣT − shoulders`, where T is the height of
 * a bearing over both its backs and B the width of its cone. Geometry; checked against the chain in the tests.
 */
export const PLAY_TERMS: Readonly<Record<PlayTermKind, PlayTermRow>> = {
  gasket: {
    words: 'Gasket of the cover',
    measured: 'its compressed thickness; 0 with sealant',
    gain: { faceToFace: 1, backToBack: 0, plainThrust: 1 },
  },
  bearingHeight: {
    words: 'Another bearing',
    measured: 'its height over both backs, T',
    gain: { faceToFace: -1, backToBack: -1, plainThrust: -1 },
  },
  coneWidth: {
    words: 'Cone of another width',
    measured: 'the width of its inner ring, B',
    gain: { faceToFace: 0, backToBack: 1, plainThrust: 0 },
  },
  mockUpBearing: {
    words: 'Mock-up bearing',
    measured: 'its height over both backs, against the final one',
    gain: { faceToFace: -1, backToBack: -1, plainThrust: -1 },
  },
  thrustWasher: {
    words: 'Thrust washer that is not chosen here',
    measured: 'its thickness',
    gain: { faceToFace: -1, backToBack: -1, plainThrust: -1 },
  },
  clampTorque: {
    words: 'Clamping nut tighter at the end',
    measured: 'how far the clamped stack is shortened',
    gain: { faceToFace: 0, backToBack: -1, plainThrust: 0 },
  },
};

/** One term as measured: in the trial build and in the final one, mm, with the standard uncertainty of the difference. */
export interface PlayTerm {
  readonly kind: PlayTermKind;
  readonly trial: number;
  readonly final: number;
  readonly uncertainty: number;
}

/** Which way a term moves the play in an arrangement. @throws InputError naming `kind` */
export function termGain(arrangement: Arrangement, kind: PlayTermKind): -1 | 0 | 1 {
  return PLAY_TERMS[requireOneOf('kind', kind, PLAY_TERM_KINDS)].gain[arrangement];
}

/**
 * What the terms together do to the play from trial to final build: `Σ gain·(final − trial)`, and its standard
 * uncertainty `√Σ(gain·u)²`. mm.
 * @throws InputError naming `terms[i].…`
 * @example termShift('faceToFace', [{ kind: 'gasket', trial: 0, final: 0.4, uncertainty: 0.01 }]).shift // 0.4
 */
export function termShift(
  arrangement: Arrangement,
  terms: readonly PlayTerm[],
): { readonly shift: number; readonly uncertainty: number } {
  const parts = terms.map(({ kind, trial, final, uncertainty }, at) => {
    const length = { min: 0, max: 200, unit: 'mm' };
    requireNumber(`terms[${at}].trial`, trial, length);
    requireNumber(`terms[${at}].final`, final, length);
    requireNumber(`terms[${at}].uncertainty`, uncertainty, { min: 0, max: 1, unit: 'mm' });
    const gain = termGain(arrangement, kind);
    return { shift: gain * (final - trial), uncertainty: gain * uncertainty };
  });
  return {
    shift: parts.reduce((sum, { shift }) => sum + shift, 0),
    uncertainty: Math.hypot(0, ...parts.map((part) => part.uncertainty)),
  };
}
