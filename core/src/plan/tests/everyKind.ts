import { Recorder } from '../../job/tests/recorder.ts';
import { answerStep, type WorkHabits } from '../../simulate/index.ts';
import type { Station, StationKind, Unit } from '../../unit/index.ts';
import { compilePlan } from '../compilePlan.ts';
import type { Figure, Step } from '../step.ts';

export const GAUGE = {
  id: 'g',
  name: 'g',
  graduation: 0.001,
  calibrationUncertainty: 0.0005,
  range: 25,
};
export const HABITS: WorkHabits = {
  instrument: GAUGE,
  bands: {
    endPlay: { lower: 0.1, upper: 0.2, target: null },
    rollingTorque: { lower: 0.7, upper: 1.1, target: null },
    backlash: { lower: 0.1, upper: 0.2, target: null },
    depth: { lower: -0.03, upper: 0.03, target: null },
  },
  source: 'book',
};
export const at = (
  id: string,
  kind: StationKind,
  place: number,
  rest: Partial<Station> = {},
): Station => ({
  id,
  kind,
  name: id,
  partId: 'case',
  at: place,
  width: 10,
  inside: 30,
  outside: 50,
  ...rest,
});

/** One of every kind that a plan has something to say of, beside a plain shaft. */
export const UNIT: Unit = {
  id: 'u',
  name: 'Everything',
  description: '',
  parts: [
    { id: 'case', name: 'Case', kind: 'case', material: 'magnesium', mass: 3, area: 0.1, wall: 8 },
    {
      id: 'cover',
      name: 'Cover',
      kind: 'cover',
      material: 'greyIron',
      mass: 1,
      area: 0.05,
      wall: 8,
    },
    {
      id: 'shaft',
      name: 'Shaft',
      kind: 'shaft',
      material: 'carbonSteel',
      mass: 2,
      area: 0.03,
      wall: null,
    },
  ],
  axes: [
    {
      id: 'axis',
      name: 'Axis',
      arrangement: 'plainThrust',
      sets: ['backlash'],
      stations: [
        at('shells', 'plainBearing', 0, { inside: 40, outside: 44 }),
        at('bush', 'bush', 20, {
          inside: 20,
          outside: 25,
          oilHole: 4,
          feedHole: 4,
          holeOffset: 2,
          material: 'bronze',
          depth: 1,
        }),
        at('cup', 'drawnCup', 40, { depth: 2, designation: 'HK 3012' }),
        at('rollers', 'looseRollers', 60, {
          inside: 20,
          outside: 26,
          rollerDiameter: 3,
          rollerCount: 23,
        }),
        at('ball', 'ballBearing', 80, {
          tightRing: 'both',
          designation: '6206-2RS',
          inside: 30,
          outside: 62,
          width: 16,
        }),
        at('ring', 'snapRing', 110, { bevel: 'left' }),
        at('plate', 'retainer', 125, {
          count: 3,
          pattern: 'row',
          torqueLeast: 8,
          torqueMost: 10,
          lock: 'threadlocker',
        }),
        at('bolts', 'bolts', 140, {
          partId: 'cover',
          count: 4,
          pattern: 'circle',
          torqueLeast: 20,
          torqueMost: 24,
          lock: 'lockWire',
          longest: 40,
        }),
        at('o-ring', 'oRing', 160, { partId: 'cover' }),
        at('seal', 'seal', 170, {
          partId: 'cover',
          boreDepth: 20,
          depthRule: 'shoulder',
          lip: 'left',
          wayIn: 'left',
          rating: 0.025,
        }),
        at('nut', 'nut', 150, {
          partId: 'shaft',
          hand: 'left',
          torqueLeast: 90,
          torqueMost: 90,
          lock: 'selfLocking',
        }),
        at('gear', 'gear', 190, { partId: 'shaft', teeth: 20 }),
      ],
    },
  ],
};

export class Bench extends Recorder {
  readonly asked: Step[] = [];
  constructor(unit: Unit = UNIT) {
    super(unit);
  }
  step(id: string): Step {
    return compilePlan(this.state).steps.find((one) => one.id === id)!;
  }
  figure(id: string, name: string): Figure | undefined {
    return this.step(id).figures.find((one) => one.name === name);
  }
  work(until = ''): this {
    for (let turn = 0; turn < 300; turn += 1) {
      const { next } = compilePlan(this.state);
      if (next === null || next.rule === until) return this;
      this.asked.push(next);
      for (const one of answerStep(this.state, next, HABITS, () => `id${turn}`)) this.record(one);
    }
    throw new Error('no end');
  }
}
