import { decodeDesignation } from '../../bearings/index.ts';
import { Recorder } from '../../job/tests/recorder.ts';
import { answerStep, USUAL_HABITS, type WorkHabits } from '../../simulate/index.ts';
import type { UNIT_TEMPLATES } from '../../unit/index.ts';
import {
  STATION_KIND_TABLE,
  unitFromTemplate,
  type DetailName,
  type Station,
  type TemplateBearing,
  type Unit,
} from '../../unit/index.ts';
import { compilePlan } from '../compilePlan.ts';

export const HABITS = USUAL_HABITS;

export class Bench extends Recorder {
  #ids = 0;

  /** Do what the plan says next, until nothing is left or the step is by this rule. */
  work(until = '', habits: WorkHabits = HABITS): this {
    for (let turn = 0; turn < 400; turn += 1) {
      const { state } = this;
      const { next } = compilePlan(state);
      if (next === null || next.rule === until) return this;
      for (const one of answerStep(state, next, habits, () => `id${(this.#ids += 1)}`))
        this.record(one);
    }
    throw new Error('the plan has no end');
  }
}

export function bearing(designation: string): TemplateBearing {
  const decoded = decodeDesignation(designation);
  if (decoded.status !== 'known') throw new Error(decoded.reason);
  return { designation, family: decoded.family, dimensions: decoded.dimensions };
}

export const reel = (
  template: (typeof UNIT_TEMPLATES)[number],
  left = '30206',
  right = '30205',
  span = 60,
) => unitFromTemplate(template, { name: 'Reel', left: bearing(left), right: bearing(right), span });

/** Values for every detail that a description may lack. */
export const SUPPLY: Readonly<Partial<Record<DetailName, string | number>>> = {
  tightRing: 'outer',
  boreDepth: 40,
  depth: 1,
  rollerCount: 20,
  rollerDiameter: 3,
  torqueLeast: 20,
  torqueMost: 24,
  lock: 'lockTab',
  count: 6,
  pattern: 'circle',
  lead: 1.5,
  notches: 24,
  oilHole: 4,
  feedHole: 4,
  linesUp: 'oilHole',
  material: 'bronze',
  holeOffset: 0,
  longest: 40,
  ends: 'butt',
  gapLeast: 0.1,
  gapMost: 0.3,
  bleed: 'hole',
};

/** A unit with every datum that its plan asks for. */
export function complete(unit: Unit): Unit {
  const supplied = ({ drawn: _sizesAreTaken, ...station }: Station): Station => {
    const { details } = STATION_KIND_TABLE[station.kind];
    const lacking = details.filter(
      (name) => station[name] === undefined && SUPPLY[name] !== undefined,
    );
    return { ...station, ...Object.fromEntries(lacking.map((name) => [name, SUPPLY[name]])) };
  };
  return {
    ...unit,
    parts: unit.parts.map((part) => ({
      ...part,
      material: part.material ?? 'castAluminium',
      mass: 3,
      area: 0.1,
      wall: 8,
    })),
    axes: unit.axes.map((axis) => ({ ...axis, stations: axis.stations.map(supplied) })),
  };
}
