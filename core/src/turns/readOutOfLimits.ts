import { USUAL_HABITS, type Recorded } from '../simulate/index.ts';

/** Further than any limits of the imagined mechanic go, mm. */
const FAR = 0.42;

/** A whole final run of three cycles that read alike, out of the limits. */
export function readOutOfLimits(specId: string, runId: string): readonly Recorded[] {
  return [
    {
      type: 'RunOpened',
      data: {
        runId,
        specId,
        stage: 'final',
        instrument: USUAL_HABITS.instrument,
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        shaftHeld: true,
      },
    },
    ...[0, FAR, 0, 0, FAR, 0, 0, FAR, 0].map((value): Recorded => ({
      type: 'ReadingTaken',
      data: { runId, value, typed: null, device: null, position: null },
    })),
    { type: 'RunClosed', data: { runId } },
  ];
}
