import type { JobEventData } from '../../job/index.ts';
import { Recorder } from '../../job/tests/recorder.ts';
import { unitFromTemplate, type Station, type Unit } from '../../unit/index.ts';
import { compilePlan } from '../compilePlan.ts';

export const end = (bore: number, outside: number) => ({
  designation: '6205',
  family: null,
  dimensions: { bore, outside, width: 15 },
});
export const GAUGE = {
  id: 'g',
  name: 'g',
  graduation: 0.001,
  calibrationUncertainty: 0.001,
  range: 1,
};

export function unitWith(rest: Partial<Station>, more: readonly Station[] = []): Unit {
  const made = unitFromTemplate('crankcaseHalves', {
    name: 'Case',
    left: end(25, 52),
    right: end(25, 52),
    span: 60,
  });
  return {
    ...made,
    parts: made.parts.map((part) => ({
      ...part,
      material: part.kind === 'shaft' ? 'carbonSteel' : 'castAluminium',
      mass: 1.6,
      area: 0.09,
    })),
    axes: made.axes.map((axis) => ({
      ...axis,
      stations: [
        ...axis.stations.map((one) =>
          one.id === 'bearing-left'
            ? { ...one, boreClass: 'N7', journalClass: 'k5', ...rest }
            : one,
        ),
        ...more,
      ],
    })),
  };
}

export class Log extends Recorder {
  size(feature: JobEventData['SizeMeasured']['feature'], ...values: readonly number[]): this {
    values.forEach((value, at) =>
      this.add('SizeMeasured', {
        stationId: 'bearing-left',
        feature,
        place: `outer-${60 * at}`,
        value,
        typed: null,
        instrument: GAUGE,
      }),
    );
    return this;
  }
  step(id: string) {
    return compilePlan(this.state).steps.find((one) => one.id === id)!;
  }
}
export const left = (log: Log): Station =>
  log.state.unit!.axes[0]!.stations.find(({ id }) => id === 'bearing-left')!;
