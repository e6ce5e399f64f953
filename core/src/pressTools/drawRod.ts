import {
  COARSE_PITCH,
  isMild,
  proofStress,
  STRENGTH_CLASSES,
  type StrengthClass,
} from '../fasteners/index.ts';
import { requireNumber } from '../faults/index.ts';
import { drawScrew } from '../pressFit/index.ts';
import { identifier, millimetres, oneOf, record, text, type TypeOf } from '../schema/index.ts';

/** A threaded rod or screw that things are drawn in with. mm. */
export const ROD_SCHEMA = record({
  id: identifier(),
  name: text(80, 1),
  thread: millimetres(3, 60),
  pitch: millimetres(0.25, 6),
  strength: oneOf(STRENGTH_CLASSES),
});
export type Rod = TypeOf<typeof ROD_SCHEMA>;

/** @throws InputError naming `rod.thread`, or `rod.pitch` where its thread would have no core */
export function requireRod(rod: Rod): Rod {
  requireNumber('rod.thread', rod.thread, { min: 3, max: 60, unit: 'mm' });
  requireNumber('rod.pitch', rod.pitch, { above: 0.2, below: rod.thread / 2, unit: 'mm' });
  return rod;
}

/** A screw that is turned under load is brought to this share of its proof load at the most. A rule of this program. */
export const SHARE_OF_PROOF = 0.8;
/** Of mild steel to this share: its thread galls before. A rule of this program. */
export const SHARE_OF_MILD = 0.4;

/** What drawing in asks of a rod. N, N·m. */
export interface DrawVerdict {
  /** `galls`: it would bear the load, but mild steel seizes as it is turned under it. */
  readonly word: 'holds' | 'asARule' | 'tooWeak' | 'galls';
  readonly proofLoad: number;
  /** For the usual force, and for the most. */
  readonly oiled: readonly [usual: number, most: number];
  readonly dry: readonly [usual: number, most: number];
}

/**
 * Whether a rod draws something in, and with which torque: proof load by ISO 898-1, `T = K·F·d`.
 * @param force N, usual and the most
 */
export function drawWith(
  { thread, pitch, strength }: Pick<Rod, 'thread' | 'pitch' | 'strength'>,
  force: { readonly usual: number; readonly most: number },
): DrawVerdict {
  const screw = (load: number) =>
    drawScrew({ force: load, thread, pitch, proofStress: proofStress(strength, thread) });
  const [usual, most] = [screw(force.usual), screw(force.most)];
  const { proofLoad } = most;
  return {
    word: wordOf(force, proofLoad, strength),
    proofLoad,
    oiled: [usual.torqueOiled, most.torqueOiled],
    dry: [usual.torqueDry, most.torqueDry],
  };
}

function wordOf(
  { usual, most }: { readonly usual: number; readonly most: number },
  proofLoad: number,
  strength: StrengthClass,
): DrawVerdict['word'] {
  const bears = SHARE_OF_PROOF * proofLoad;
  if (usual > bears) return 'tooWeak';
  if (isMild(strength) && most > SHARE_OF_MILD * proofLoad) return 'galls';
  return most <= bears ? 'holds' : 'asARule';
}

/** The thinnest coarse rod of class 8.8, else 10.9, that draws it in even at the most; null where none to M30 does. */
export function rodThatWould(force: {
  readonly usual: number;
  readonly most: number;
}): Pick<Rod, 'thread' | 'pitch' | 'strength'> | null {
  for (const strength of ['8.8', '10.9'] as const)
    for (const [thread, pitch] of Object.entries(COARSE_PITCH)) {
      const rod = { thread: Number(thread), pitch, strength };
      if (drawWith(rod, force).word === 'holds') return rod;
    }
  return null;
}
