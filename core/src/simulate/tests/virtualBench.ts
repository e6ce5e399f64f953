import fc from 'fast-check';
import { withUncertainty } from '../../job/index.ts';
import { Recorder } from '../../job/tests/recorder.ts';
import { currentRun, packQuestion, playSite, playVerdict } from '../../plan/index.ts';
import { proposePack } from '../../shims/index.ts';
import type { FigureKind } from '../../figures/index.ts';
import { unitFromTemplate, type Axis, type UnitTemplate } from '../../unit/index.ts';
import { virtualPlay } from '../virtualPlay.ts';
import { virtualRolling } from '../virtualRolling.ts';

export const DIAL = {
  id: 'd',
  name: 'd',
  graduation: 0.001,
  calibrationUncertainty: 0.0005,
  range: 10,
};
export const BANDS: Readonly<Partial<Record<FigureKind, readonly [number, number]>>> = {
  endPlay: [0.1, 0.18],
  sideClearance: [0.15, 0.25],
  rollingTorque: [0.7, 1.1],
  backlash: [0.1, 0.2],
};
export const STOCK = [0.01, 0.02, 0.05, 0.1, 0.15, 0.2, 0.3, 0.5, 1].map((thickness) => ({
  id: `s${thickness}`,
  thickness,
  count: 4,
  uncertainty: 0.0005,
}));
export const end = {
  designation: null,
  family: null,
  dimensions: { bore: 30, outside: 62, width: 16 },
};

/** A job on a virtual build: what is read is what the build truly has, to the graduation of the dial. */
export class VirtualJob extends Recorder {
  constructor(
    template: UnitTemplate,
    private readonly seed: number,
    sets?: Axis['sets'],
    change: object = {},
  ) {
    const made = unitFromTemplate(template, { name: 'x', left: end, right: end, span: 60 });
    const axes = made.axes.map((axis) => ({
      ...axis,
      sets: sets ?? axis.sets,
      stations: axis.stations.map((one) =>
        one.kind === 'adjuster'
          ? { ...one, ...change }
          : one.kind === 'shimSite'
            ? { ...one, pieces: 'several' as const, ...change }
            : one,
      ),
    }));
    super({ ...made, axes }, 'setPlay');
  }
  band(kind: FigureKind, [lower, upper] = BANDS[kind]!, rest: object = {}): this {
    return this.record({
      type: 'SpecSet',
      data: {
        specId: kind,
        axisId: 'axis',
        kind,
        band: { lower, upper, target: null },
        source: '',
        ...rest,
      },
    });
  }
  found(thickness: number): this {
    for (const { id, kind } of this.axis.stations)
      if (kind === 'shimSite')
        this.record({
          type: 'PackRecorded',
          data: {
            siteId: id,
            pieces: [{ sizeId: 'found', thickness, quantity: 1, uncertainty: 0.0005 }],
          },
        });
    return this;
  }
  play(kind: 'endPlay' | 'sideClearance', stage: 'trial' | 'final'): number {
    return virtualPlay(this.state, { axis: this.axis, kind, stage, seed: this.seed });
  }
  run(kind: 'endPlay' | 'sideClearance', stage: 'trial' | 'final'): this {
    const play = Math.max(0, Math.round(this.play(kind, stage) * 1000) / 1000);
    return this.closedRun(kind, stage, DIAL, play);
  }
  fitProposed(): this {
    const site = playSite(this.axis)!;
    const measured = {
      run: currentRun(this.state, 'endPlay')!,
      verdict: playVerdict(this.state, 'endPlay')!,
    };
    const question = packQuestion(this.state, measured, site, STOCK)!;
    return this.record({
      type: 'PackFitted',
      data: {
        siteId: site.id,
        pieces: withUncertainty(proposePack(question).packs[0]!.pieces, STOCK),
      },
    });
  }
  rolling(turn = 1, angle: number | null = null, axis = this.axis): number {
    return virtualRolling(
      this.state,
      { axis, angle, seed: this.seed, playSeed: this.seed },
      turn,
      0.001,
    );
  }
}
export const inBand = (value: number, kind: FigureKind) =>
  value >= BANDS[kind]![0] && value <= BANDS[kind]![1];
export const seeds = fc.integer({ min: 0, max: 1_000_000 });
