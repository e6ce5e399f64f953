import type { JobScope, RunStage } from '../../job/index.ts';
import { Recorder } from '../../job/tests/recorder.ts';
import type { WorkHabits } from '../../simulate/index.ts';
import { unitFromTemplate, type Unit, type UnitTemplate } from '../../unit/index.ts';
import { compilePlan } from '../compilePlan.ts';
import { playStage } from '../playProgress.ts';

export const DIAL = {
  id: 'd',
  name: 'd',
  graduation: 0.002,
  calibrationUncertainty: 0.0005,
  range: 10,
};
export const WRENCH = {
  id: 'w',
  name: 'w',
  graduation: 0.02,
  calibrationUncertainty: 0.01,
  least: 0.05,
  most: 6,
};
export const HABITS: WorkHabits = {
  instrument: DIAL,
  bands: {
    endPlay: { lower: 0.1, upper: 0.18, target: null },
    sideClearance: { lower: 0.15, upper: 0.25, target: null },
    rollingTorque: { lower: 0.7, upper: 1.1, target: null },
    backlash: { lower: 0.1, upper: 0.2, target: null },
    depth: { lower: -0.03, upper: 0.03, target: null },
  },
  source: 'book',
};
const end = (bore: number, outside: number, width: number) => ({
  designation: null,
  family: null,
  dimensions: { bore, outside, width },
});
/** A unit of a template with small bearings. */
export const unitOf = (template: UnitTemplate): Unit =>
  unitFromTemplate(template, {
    name: template,
    left: end(30, 62, 16),
    right: end(30, 62, 16),
    span: 60,
  });
/** A pack of one piece. */
export const piece = (thickness: number) => [
  { sizeId: `p${thickness}`, thickness, quantity: 1, uncertainty: 0.001 },
];

/** A bench in a test: it records, and shows how the job stands. */
export class Bench extends Recorder {
  constructor(unit: Unit, scope: JobScope = 'setPlay') {
    super(unit, scope);
  }
  band(kind: 'endPlay' | 'sideClearance' | 'rollingTorque', lower: number, upper: number): this {
    return this.record({
      type: 'SpecSet',
      data: {
        specId: kind,
        axisId: 'axis',
        kind,
        band: { lower, upper, target: null },
        source: 'book',
      },
    });
  }
  run(
    play: number,
    kind: 'endPlay' | 'sideClearance' = 'endPlay',
    stage: RunStage = 'trial',
  ): this {
    return this.closedRun(kind, stage, DIAL, play);
  }
  pack(siteId: string, thickness: number, trial?: boolean): this {
    return this.record({
      type: 'PackFitted',
      data: { siteId, pieces: piece(thickness), ...(trial === undefined ? {} : { trial }) },
    });
  }
  spacer(length: number, trial = true): this {
    return this.record({
      type: 'SpacerFitted',
      data: { stationId: 'spacer', length, uncertainty: 0.001, trial },
    });
  }
  torque(value: number, rest: object = {}): this {
    return this.record({
      type: 'TorqueRead',
      data: {
        axisId: 'axis',
        stage: 'trial',
        what: 'bearings',
        value,
        steady: true,
        square: true,
        typed: null,
        device: null,
        tool: WRENCH,
        pull: null,
        angle: null,
        nutTorque: null,
        endPlay: null,
        ...rest,
      },
    });
  }
  get stage() {
    return playStage(this.state, this.axis);
  }
  status(id: string) {
    return compilePlan(this.state).steps.find((step) => step.id === id)?.status;
  }
}
