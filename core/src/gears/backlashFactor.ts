import { line, type WorkingLine } from '../working/index.ts';
import { bevelBacklash } from './bevelBacklash.ts';
import { ratioOf, requirePair, type BacklashContact, type GearPair } from './gearPair.ts';

/** How much backlash a mm of movement gives, and how well that is known. */
export interface BacklashPerMove {
  /** ∂(backlash)/∂(ring gear away from the pinion, along the ring gear's axis). */
  readonly ring: Known;
  /** ∂(backlash)/∂(pinion away from the ring gear, along the pinion's axis); null where the ratio is not known. */
  readonly pinion: Known | null;
  /** By the angles of the pair, by what is usual, or by tries of the pair itself. */
  readonly by: 'angles' | 'usual' | 'tries';
  readonly working: readonly WorkingLine[];
}

/** A number and its standard uncertainty. */
export interface Known {
  readonly value: number;
  readonly uncertainty: number;
}

/** Where no angle is known: the trade's 0.7; pairs lie between 0.56 and 0.98, rectangular. Common practice, no source. */
export const USUAL_FACTOR: Known = { value: 0.7, uncertainty: 0.21 / Math.sqrt(3) };
/** Of the pinion where the ratio is not known: no more than of the ring gear, taken as none and its half as the spread. A rule of this program. */
export const UNKNOWN_PINION: Known = { value: 0, uncertainty: 0.35 };
/** Outer over mean cone radius with the usual face width of 0.3 of the cone: 1/(1 − 0.15). */
export const USUAL_HEEL = 1 / 0.85;
/** What an offset of the pinion, an angle of the indicator and the heel leave open, as a share. A rule of this program. */
const OPEN_SHARE = 0.08;
/** A pitch cone of the ring gear where the teeth are not known: 4 to 1, give or take. Degrees. */
const USUAL_CONE = 76;

/**
 * Backlash by movement of either gear: along the ring gear's axis by `2·sin φn·sin Γ` square to the flank, or
 * `2·tan φn/cos ψ·sin Γ` along the circle, at the heel; along the pinion's axis the same with its own pitch cone, which
 * is smaller by the ratio: `sin γ/sin Γ = z₁/z₂` with the shafts square to each other.
 *
 * @throws InputError as {@link requirePair}
 * @example backlashPerMove({ driverTeeth: 11, drivenTeeth: 41, pressureAngle: 20, spiralAngle: 35, cut: null }, 'squareToFlank')
 */
export function backlashPerMove(pair: GearPair, contact: BacklashContact): BacklashPerMove {
  requirePair(pair);
  const ratio = ratioOf(pair);
  const { pressureAngle, spiralAngle } = pair;
  const usual = pressureAngle === null || (contact === 'alongCircle' && spiralAngle === null);
  const cone = ratio === null ? USUAL_CONE : (Math.atan(ratio) * 180) / Math.PI;
  const ring: Known = usual
    ? USUAL_FACTOR
    : asKnown(
        factorsOf({ pressureAngle, spiralAngle: spiralAngle ?? 0, cone: Math.max(45, cone) })[
          contact
        ],
      );
  const working = [
    usual
      ? line(
          'Backlash by movement of the ring gear',
          'f = 0.7, between 0.56 and 0.98',
          [],
          ['f', ring.value, 'number'],
          'usualBacklashFactor',
        )
      : line(
          'Backlash by movement of the ring gear',
          contact === 'squareToFlank'
            ? 'f = 2·sin φₙ·sin Γ·Rₒ/Rₘ'
            : 'f = 2·tan φₙ/cos ψ·sin Γ·Rₒ/Rₘ',
          [
            ['φₙ', pressureAngle, 'angle'],
            ...(contact === 'squareToFlank' ? [] : ([['ψ', spiralAngle!, 'angle']] as const)),
            ['Γ', cone, 'angle'],
            ['Rₒ/Rₘ', USUAL_HEEL, 'number'],
          ],
          ['f', ring.value, 'number'],
          'bevelGeometry',
        ),
  ];
  if (ratio === null) return { ring, pinion: null, by: usual ? 'usual' : 'angles', working };
  const pinion = pinionOf(ring, ratio);
  return {
    ring,
    pinion,
    by: usual ? 'usual' : 'angles',
    working: [
      ...working,
      line(
        'Backlash by movement of the pinion',
        'fₚ = f·z₁/z₂',
        [
          ['f', ring.value, 'number'],
          ['z₁', pair.driverTeeth!, 'number'],
          ['z₂', pair.drivenTeeth!, 'number'],
        ],
        ['fₚ', pinion.value, 'number'],
        'bevelGeometry',
      ),
    ],
  };
}

/** The pinion's, from the ring gear's. */
export const pinionOf = ({ value, uncertainty }: Known, ratio: number): Known => ({
  value: value / ratio,
  uncertainty: uncertainty / ratio,
});

const asKnown = (value: number): Known => ({ value, uncertainty: OPEN_SHARE * value });

function factorsOf({
  pressureAngle,
  spiralAngle,
  cone,
}: Readonly<Record<'pressureAngle' | 'spiralAngle' | 'cone', number>>): Readonly<
  Record<BacklashContact, number>
> {
  const factor = bevelBacklash({
    pressureAngle,
    spiralAngle,
    ringPitchAngle: cone,
    heelRatio: USUAL_HEEL,
  });
  return {
    squareToFlank: factor.normal * USUAL_HEEL,
    alongCircle: factor.heelCircumferential,
  };
}
