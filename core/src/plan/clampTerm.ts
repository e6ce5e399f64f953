import type { PlayTerm } from '../arrangement/index.ts';
import { materialOf } from '../materials/index.ts';
import { clampShortening, type ClampInput } from '../preload/index.ts';
import { NUT_FACTOR } from '../pressFit/index.ts';
import { isDrawn, type Axis } from '../unit/index.ts';

/** A nut's pull scatters by about this share at a given torque, standard. Common practice, no source. */
const PULL_SCATTER = 0.25;

/**
 * What a nut that is tightened further at the end takes out of the play: the spacer of the axis by its section and length,
 * in steel, the thread oiled.
 * @returns null where the axis has no spacer, or its sizes are not known
 * @throws InputError naming the torque or thread that cannot be used
 */
export function clampTerm(
  axis: Axis,
  nut: Pick<ClampInput, 'trialTorque' | 'finalTorque' | 'thread'>,
): { readonly clamp: ClampInput; readonly term: PlayTerm } | null {
  const spacer = axis.stations.find(({ kind }) => kind === 'spacer');
  if (spacer === undefined || isDrawn(spacer, 'width', 'inside', 'outside')) return null;
  const clamp = {
    ...nut,
    nutFactor: NUT_FACTOR.oiled,
    length: spacer.width,
    area: (Math.PI / 4) * (spacer.outside ** 2 - spacer.inside ** 2),
    modulus: materialOf('carbonSteel', 'spacer').modulus,
  };
  const final = clampShortening(clamp);
  return {
    clamp,
    term: { kind: 'clampTorque', trial: 0, final, uncertainty: PULL_SCATTER * final },
  };
}
