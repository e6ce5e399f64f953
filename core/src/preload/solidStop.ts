import { requireNumber } from '../faults/index.ts';

/** One step towards preload with what was read there: degrees, N·m, mm (null where it was not read). */
export interface StopPoint {
  readonly angle: number;
  readonly nutTorque: number | null;
  readonly rolling: number;
  readonly endPlay: number | null;
}

/** Why a nut comes solid while there is no preload, likeliest first. Common practice, no source. */
export const STOP_CAUSES = [
  'a spacer of the other design was left in beside the sleeve',
  'a bearing ring is not home on its shoulder',
  'the sleeve is missing',
  'the nut has bottomed on its thread, or clamps the flange on a step of the shaft',
] as const;

/** What speaks for a solid stop. All three together: a good sleeve also yields near full nut torque while play remains. */
export interface SolidStop {
  readonly nutTight: boolean;
  readonly playStays: boolean;
  readonly noPreload: boolean;
  readonly stopped: boolean;
}

/** Nut torque that counts as tight, as a share of its limit; play that counts as falling, mm. Rules of this program. */
const TIGHT_SHARE = 0.9;
const STEEP = 3;
const FALLS = 0.01;

/**
 * Whether the nut has come solid without preload: its torque at 90 % of its limit or steeper with the angle than it began, the
 * play no longer falling, and the rolling torque still that of the seal. Common practice, no source.
 *
 * @param nutLimit highest torque the nut may be given, N·m; null where nobody has said: the rise alone tells then
 * @throws InputError naming `sealDrag` or `nutLimit`
 */
export function solidStop(
  points: readonly StopPoint[],
  {
    sealDrag,
    nutLimit,
    uncertainty,
  }: { readonly sealDrag: number; readonly nutLimit: number | null; readonly uncertainty: number },
): SolidStop {
  requireNumber('sealDrag', sealDrag, { min: 0, max: 100, unit: 'N·m' });
  if (nutLimit !== null) requireNumber('nutLimit', nutLimit, { above: 0, max: 5000, unit: 'N·m' });
  requireNumber('uncertainty', uncertainty, { min: 0, max: 10, unit: 'N·m' });
  const last = points.at(-1);
  const nuts = points.filter((point) => point.nutTorque !== null);
  const plays = points.filter((point) => point.endPlay !== null).slice(-2);
  const atLimit = nutLimit !== null && (nuts.at(-1)?.nutTorque ?? 0) >= TIGHT_SHARE * nutLimit;
  const nutTight = atLimit || steepens(nuts);
  const playStays =
    plays.length === 2 && plays[0]!.endPlay! - plays[1]!.endPlay! < FALLS && plays[1]!.endPlay! > 0;
  const noPreload = last !== undefined && last.rolling - sealDrag <= 2 * uncertainty;
  return { nutTight, playStays, noPreload, stopped: nutTight && playStays && noPreload };
}

/** Whether the last step took three times the torque a degree of the gentlest one before it: once stiff, it stays stiff. */
function steepens(nuts: readonly StopPoint[]): boolean {
  if (nuts.length < 3) return false;
  const slopes = nuts
    .slice(1)
    .map(
      (to, at) =>
        (to.nutTorque! - nuts[at]!.nutTorque!) / Math.max(1e-6, to.angle - nuts[at]!.angle),
    );
  const last = slopes.at(-1)!;
  return last > STEEP * Math.max(0.05, Math.min(...slopes.slice(0, -1)));
}
