import type { SizeFeature } from '../inspect/index.ts';
import { unitFromTemplate } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench } from './tests/bench.ts';
import { GAUGE } from './tests/everyKind.ts';

const end = (bore: number, outside: number, width: number) => ({
  designation: null,
  family: null,
  dimensions: { bore, outside, width },
});
const made = (template: 'blockShells' | 'floatingCountershaft') =>
  unitFromTemplate(template, {
    name: template,
    left: end(50, 54, 22),
    right: end(50, 54, 22),
    span: 80,
  });
const PLACES = ['outer', 'inner'].flatMap((plane) => [0, 60, 120].map((at) => `${plane}-${at}`));

class Sizes extends Bench {
  size(stationId: string, feature: SizeFeature, value: number): this {
    for (const place of PLACES)
      this.record({
        type: 'SizeMeasured',
        data: { stationId, feature, place, value, typed: null, instrument: GAUGE },
      });
    return this;
  }
  stepOf(id: string) {
    return compilePlan(this.state).steps.find((step) => step.id === id);
  }
}

describe('the clearance of what is new', () => {
  test('should be measured of new shells once they lie in, and not of those that stay', () => {
    const bench = new Sizes(made('blockShells'), 'overhaul');
    expect(bench.stepOf('gaugeShells:shells-left')).toBeUndefined();
    bench
      .record({
        type: 'InspectionDecided',
        data: { targetId: 'shells-left', verdict: 'replace', repair: null, reason: 'Worn thin' },
      })
      .size('shells-left', 'bore', 50.12)
      .size('shells-left', 'journal', 49.98);
    const step = bench.stepOf('gaugeShells:shells-left')!;
    expect(step.status).not.toBe('done');
    expect(step.after).toContain('shells:shells-left');
    expect(bench.stepOf('gaugeShells:shells-right')).toBeUndefined();
    bench.size('shells-left', 'fittedBore', 50.03);
    const gauged = bench.stepOf('gaugeShells:shells-left')!;
    expect(gauged.status).toBe('done');
    // The new bore less the journal, not the old one.
    const clearance = gauged.figures.find(({ name }) => name === 'Clearance')!;
    expect(clearance.form === 'quantity' && clearance.least).toBeCloseTo(0.05, 9);
  });

  test('should be what two rollers leave between bore and journal', () => {
    const bench = new Sizes(made('floatingCountershaft'), 'overhaul')
      .size('rollers-left', 'bore', 54.03)
      .size('rollers-left', 'journal', 49.99);
    const told = () => {
      const { figures } = bench.stepOf('loadRollers:rollers-left')!;
      const found = figures.find(({ name }) => name === 'Clearance with the rollers in')!;
      return found.form === 'quantity' ? found : null;
    };
    // 54.03 − 2·2 − 49.99; nothing says how much it may be.
    expect(told()!.least).toBeCloseTo(0.04, 9);
    expect(told()!.word).toBeUndefined();
    bench.size('rollers-left', 'bore', 53.95);
    expect(told()!.most).toBeCloseTo(-0.04, 9);
    expect(told()!.word).toBe('doesNotConform');
  });
});
