import { Recorder } from '../../job/tests/recorder.ts';
import { pairUnit, PAIR_BANDS } from '../../simulate/index.ts';
import type { Unit } from '../../unit/index.ts';
import { pairStep } from '../pairStep.ts';

export const DIAL = {
  id: 'd',
  name: 'd',
  graduation: 0.002,
  calibrationUncertainty: 0.0005,
  range: 10,
};
export const [GEAR, OTHER, DEPTH] = [
  'carrier-shims-left',
  'carrier-shims-right',
  'depth-shim',
] as const;
export const MIDDLE = { length: -0.1, height: 0 };

/** A differential in a test: packs recorded, limits entered, then what the test reads. */
export class Pair extends Recorder {
  constructor(unit: Unit = pairUnit(true)) {
    super(unit);
    for (const [kind, band] of Object.entries(PAIR_BANDS))
      this.add('SpecSet', {
        specId: kind,
        axisId: kind === 'depth' ? 'axis' : 'carrier-axis',
        kind: kind as keyof typeof PAIR_BANDS,
        band,
        source: 'sheet',
      });
    this.pack(GEAR, 1.5, 'PackRecorded').pack(OTHER, 1.5, 'PackRecorded');
    this.pack(DEPTH, 1.3, 'PackRecorded');
  }

  pack(
    siteId: string,
    thickness: number,
    type: 'PackRecorded' | 'PackFitted' = 'PackFitted',
  ): this {
    const pieces = [{ sizeId: `p${thickness}`, thickness, quantity: 1, uncertainty: 0.001 }];
    return this.add(type, { siteId, pieces });
  }

  play(value: number): this {
    return this.closedRun('endPlay', 'trial', DIAL, value);
  }

  backlash(value: number, held: 'other' | 'gear' | 'preload' = 'other'): this {
    return this.add('BacklashRead', {
      specId: 'backlash',
      stage: held === 'preload' ? 'final' : 'trial',
      held,
      contact: 'squareToFlank',
      places: [0, 90, 180, 270].map((angle) => ({ angle, value, face: null })),
      instrument: DIAL,
    });
  }

  marks(drive: typeof MIDDLE | null, coast: typeof MIDDLE | null): this {
    return this.add('PatternMarked', { meshId: 'mesh', drive, coast });
  }

  get carrier() {
    return this.state.unit!.axes[1]!;
  }

  get step() {
    return pairStep(this.state, this.carrier);
  }

  get next() {
    const { step } = this;
    if (step.status !== 'move') throw new Error(`no move: ${JSON.stringify(step)}`);
    return step.next;
  }
}
