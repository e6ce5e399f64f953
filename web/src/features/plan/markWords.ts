import type { WorkToDraw } from '@wendaxis/core/drawing';
import type { StepMarks, StepPicture } from '@wendaxis/core/plan';

import type { ScreenUnits } from '../../wording/screenUnits.ts';

const RING_WORDS = {
  outer: 'outer ring only',
  inner: 'inner ring only',
  whole: 'square, full face',
};

/** What the picture of a step says, in words and in the units of the screen. */
export function markWords(
  marks: StepMarks,
  { stations }: StepPicture,
  units: ScreenUnits,
): WorkToDraw {
  const { depth, gap, force, faces, hot, cold } = marks;
  const kindOf = (id: string) => stations.find(({ station }) => station.id === id)?.station.kind;
  return {
    notes: [
      ...faces,
      ...(depth?.value === 0 ? [{ ...depth, words: 'flush with the face' }] : []),
      ...(gap === null
        ? []
        : [{ ...gap, words: `gap to its shoulder under ${units.show(gap.most)}` }]),
      ...(['hot', 'cold'] as const).flatMap((heat) => {
        const [first] = { hot, cold }[heat];
        return first === undefined
          ? []
          : [{ stationId: first, side: null, words: heat.toUpperCase() }];
      }),
    ],
    dimension:
      depth === null || depth.value <= 0
        ? null
        : { ...depth, words: `${units.show(depth.value)} below the face` },
    force:
      force === null
        ? null
        : {
            ...force,
            words: `${force.pulls ? 'pull' : 'push'}: ${
              kindOf(force.stationId) === 'seal' ? 'outer edge only' : RING_WORDS[force.ring]
            }`,
            support: 'hold here',
          },
    hot,
    cold,
  };
}
