import { EVENT_VERSION } from '../envelope.ts';
import type { JobEvent, JobEventData, JobEventType } from '../events.ts';
import type { Unit } from '../../unit/index.ts';

/** A small unit for tests: two tapered rollers face to face, shims under the cover. */
export const FIXTURE_UNIT: Unit = {
  id: 'unit',
  name: 'Test unit',
  description: '',
  parts: [
    { id: 'case', name: 'Case', kind: 'case', material: 'greyIron', mass: 4, area: 0.12, wall: 12 },
  ],
  axes: [
    {
      id: 'axis',
      name: 'Shaft',
      arrangement: 'faceToFace',
      sets: ['endPlay'],
      stations: [
        {
          id: 'left',
          kind: 'taperedRoller',
          name: 'Left',
          partId: 'case',
          at: 0,
          width: 20,
          inside: 40,
          outside: 80,
          thrust: 'left',
        },
        {
          id: 'right',
          kind: 'taperedRoller',
          name: 'Right',
          partId: 'case',
          at: 80,
          width: 20,
          inside: 40,
          outside: 80,
          thrust: 'right',
        },
        {
          id: 'shims',
          kind: 'shimSite',
          name: 'Shims',
          partId: 'case',
          at: 102,
          width: 1,
          inside: 80,
          outside: 120,
          place: 'underCoverFlange',
        },
      ],
    },
  ],
};

export const FIXTURE_INSTRUMENT = {
  id: 'dial',
  name: 'Dial',
  graduation: 0.01,
  calibrationUncertainty: 0,
  range: 10,
};

/** Builds a log; ids count up. */
export class LogBuilder {
  readonly events: JobEvent[] = [];

  add<Type extends JobEventType>(type: Type, data: JobEventData[Type]): this {
    const seq = this.events.length + 1;
    const event = {
      id: `e${seq}`,
      seq,
      type,
      version: EVENT_VERSION,
      at: `2026-01-01T00:00:${String(seq % 60).padStart(2, '0')}.000Z`,
      by: 'ann',
      data,
    };
    this.events.push(event as unknown as JobEvent);
    return this;
  }

  /** Opened, band 0.10 to 0.18, 1.000 mm of shims in place. */
  booked(): this {
    return this.add('JobOpened', { unit: FIXTURE_UNIT, reason: 'noise', scope: 'setPlay' })
      .add('SpecSet', {
        specId: 'spec',
        axisId: 'axis',
        kind: 'endPlay',
        band: { lower: 0.1, upper: 0.18, target: null },
        source: 'book',
      })
      .add('PackRecorded', {
        siteId: 'shims',
        pieces: [{ sizeId: 'found', thickness: 1, quantity: 1, uncertainty: 0.001 }],
      });
  }

  run(runId: string, lifts: readonly number[], close = true): this {
    this.add('RunOpened', {
      runId,
      specId: 'spec',
      stage: 'trial',
      instrument: FIXTURE_INSTRUMENT,
      indicator: { contact: 'lever', angle: 0 },
      shaftHeld: true,
    });
    for (const value of lifts.flatMap((lift) => [0, lift, 0])) this.reading(runId, value);
    return close ? this.add('RunClosed', { runId }) : this;
  }

  reading(runId: string, value: number): this {
    return this.add('ReadingTaken', { runId, value, typed: null, device: null, position: null });
  }
}
