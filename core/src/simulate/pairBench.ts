import {
  EVENT_VERSION,
  foldJob,
  type JobEvent,
  type JobEventData,
  type JobEventType,
  type JobState,
} from '../job/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { CarrierHold } from '../gears/index.ts';
import { drawsFrom } from '../odds/index.ts';
import { backlashFactor, jointQuestion, pairNow, pairStep } from '../plan/index.ts';
import { jointPacks, proposePack, type PackPiece, type ShimSize } from '../shims/index.ts';
import type { Unit } from '../unit/index.ts';
import { PAIR_BANDS } from './pairUnit.ts';
import {
  backlashOfPair,
  depthOfPair,
  playOfPair,
  shownOfPair,
  virtualPair,
  type PairPacks,
  type VirtualPair,
} from './virtualPair.ts';

const DIAL: Instrument = {
  id: 'dial',
  name: 'Dial',
  graduation: 0.01,
  calibrationUncertainty: 0.0015,
  range: 10,
};
const MICROMETER: Instrument = { ...DIAL, id: 'mic', name: 'Micrometer', graduation: 0.002 };
/** When all of it happens: nothing hangs on it. */
const AT = '2026-01-01T00:00:00.000Z';
const FOUND: PairPacks = { depth: 1.3, gear: 1.5, other: 1.5 };

/** A box as a workshop has it: graded thin shims and a few thick ones. */
const STOCK: readonly ShimSize[] = [
  0.05, 0.1, 0.13, 0.15, 0.18, 0.2, 0.23, 0.25, 0.3, 0.35, 0.4, 0.5, 0.6, 0.8, 1, 1.2, 1.5,
].map((thickness) => ({ id: `s${thickness}`, thickness, count: 5, uncertainty: 0.001 }));

/** A pair on a bench: what is recorded of it is a log, and what is said of it comes from that. */
export class PairBench {
  readonly #events: JobEvent[] = [];
  readonly pair: VirtualPair;
  #packs = FOUND;
  #folded: { readonly count: number; readonly state: JobState } | null = null;
  #reading = 0;
  readonly #normal: () => number;

  constructor(unit: Unit, seed: number) {
    this.add('JobOpened', { unit, reason: '', scope: 'overhaul' });
    const carrier = unit.axes[1]!;
    const perRing = backlashFactor(this.state, { ...carrier })!.ring.value;
    this.#normal = drawsFrom(seed + 1).normal;
    // Where the angles are not known, the pair has them all the same.
    this.pair = virtualPair(seed, {
      packs: FOUND,
      perRing: unit.meshes![0]!.pressureAngle === null ? 0.8 : perRing,
      ratio: 41 / 11,
    });
    for (const [kind, band] of Object.entries(PAIR_BANDS))
      this.add('SpecSet', {
        specId: kind,
        axisId: kind === 'depth' ? 'axis' : carrier.id,
        kind: kind as keyof typeof PAIR_BANDS,
        band,
        source: 'sheet',
      });
    const sites = [
      ['depth-shim', FOUND.depth],
      ['carrier-shims-left', FOUND.gear],
      ['carrier-shims-right', FOUND.other],
    ] as const;
    for (const [siteId, thickness] of sites)
      this.add('PackRecorded', {
        siteId,
        pieces: [{ sizeId: `old ${siteId}`, thickness, quantity: 1, uncertainty: 0.001 }],
      });
  }

  /** Folded once for what is recorded: it is asked for many times. */
  get state(): JobState {
    if (this.#folded?.count !== this.#events.length)
      this.#folded = { count: this.#events.length, state: foldJob(this.#events) };
    return this.#folded.state;
  }

  add<Type extends JobEventType>(type: Type, data: JobEventData[Type]): void {
    const seq = this.#events.length + 1;
    const event = { id: `e${seq}`, seq, type, version: EVENT_VERSION, at: AT, by: 'ann', data };
    this.#events.push(event as unknown as JobEvent);
  }

  /** The new pinion and bearing against the old: what differs is measured, and is all that was wrong. */
  chooseDepth(): void {
    const change = this.pair.rightDepth - FOUND.depth;
    const height = Number((21 + shiftOf(this.#normal, change)).toFixed(3));
    this.add('DepthTaken', {
      meshId: 'mesh',
      method: 'oldShim',
      lengths: { oldShim: FOUND.depth, oldHeight: height, bearingHeight: 21 },
      sign: null,
      instrument: MICROMETER,
    });
    const { depth } = pairNow(this.state, this.state.unit!.axes[0]!)!;
    const answer = proposePack({
      endPlay: { ...depth!.off!, degreesOfFreedom: null },
      packInPlace: { thickness: FOUND.depth, uncertainty: 0.001 },
      gain: -1,
      band: { ...PAIR_BANDS.depth, target: 0 },
      stock: STOCK,
      mostPieces: 4,
    });
    const best = answer.packs[0];
    if (best !== undefined) this.fit('depth-shim', 'depth', best.pieces);
  }

  /** Play and backlash with the packs that are in, the carrier held towards the pinion at last. */
  trial(): void {
    const play = this.#shown(playOfPair(this.pair, this.#packs));
    const indicator = { contact: 'faceSquareToTravel', angle: 0 } as const;
    const run = { runId: 'run', specId: 'endPlay', stage: 'trial', instrument: DIAL } as const;
    this.add('RunOpened', { ...run, indicator, shaftHeld: true });
    for (const value of [0, play, 0, 0, play, 0, 0, play, 0])
      this.add('ReadingTaken', {
        runId: run.runId,
        value,
        typed: null,
        device: null,
        position: null,
      });
    this.add('RunClosed', { runId: run.runId });
    // Read against both sides where the angles are not known: what lies between is this pair's own factor.
    if (this.state.unit!.meshes![0]!.pressureAngle === null) this.#readBacklash('trial', 'gear');
    this.#readBacklash('trial', 'other');
  }

  /** The packs that the program proposes, fitted; null where it asks for none. */
  build(): { odds: number; predicted: number; true: number } | null {
    const carrier = this.state.unit!.axes[1]!;
    const question = jointQuestion(this.state, carrier, STOCK);
    const step = pairStep(this.state, carrier);
    if (question === null || step.status !== 'move') return null;
    const answer = jointPacks(question);
    const best = answer.choices[0];
    if (best === undefined || answer.status === 'nothingFits') return null;
    const held = playOfPair(this.pair, this.#packs) > 0 ? 'other' : 'preload';
    const before = this.#mean(held);
    const expected = best.expected.find(({ specId }) => specId === 'backlash')!.value;
    const now = pairNow(this.state, carrier)!.backlash!.now.value;
    for (const { siteId, pieces } of best.packs)
      this.fit(siteId, siteId === 'carrier-shims-left' ? 'gear' : 'other', pieces);
    return {
      odds: step.next.odds,
      predicted: expected - now,
      true: this.#mean('preload') - before,
    };
  }

  /** The backlash of what is built. */
  proof(): void {
    this.#readBacklash('final', 'preload');
  }

  isInLimits(): boolean {
    const inside = (value: number, { lower, upper }: { lower: number; upper: number }) =>
      value >= lower && value <= upper;
    return (
      inside(depthOfPair(this.pair, this.#packs), PAIR_BANDS.depth) &&
      inside(playOfPair(this.pair, this.#packs), PAIR_BANDS.endPlay) &&
      inside(this.#smallest(), PAIR_BANDS.backlash)
    );
  }

  verdict(): { passed: boolean; honest: boolean } {
    const { backlash } = pairNow(this.state, this.state.unit!.axes[1]!)!;
    const passed = backlash?.row.stage === 'final' && backlash.verdict.decision.word === 'conforms';
    const smallest = this.#smallest();
    const { lower, upper } = PAIR_BANDS.backlash;
    return { passed, honest: !passed || (smallest >= lower && smallest <= upper) };
  }

  fit(siteId: string, place: keyof PairPacks, pieces: readonly PackPiece[]): void {
    const count = pieces.reduce((sum, { quantity }) => sum + quantity, 0);
    const thickness = pieces.reduce((sum, one) => sum + one.thickness * one.quantity, 0);
    const rest = Math.hypot(0.001 * Math.sqrt(count), 0.003) * this.#normal();
    this.#packs = { ...this.#packs, [place]: thickness + rest };
    this.add('PackFitted', {
      siteId,
      pieces: pieces.map((piece) => ({ ...piece, uncertainty: 0.001 })),
    });
  }

  #shown(truth: number): number {
    this.#reading += 1;
    return shownOfPair(this.pair, truth, { reading: this.#reading, graduation: DIAL.graduation });
  }

  #readBacklash(stage: 'trial' | 'final', held: CarrierHold): void {
    this.add('BacklashRead', {
      specId: 'backlash',
      stage,
      held,
      contact: 'squareToFlank',
      places: [0, 60, 120, 180, 240, 300].map((angle) => ({
        angle,
        value: Math.max(0, this.#shown(backlashOfPair(this.pair, this.#packs, held, angle))),
        face: null,
      })),
      instrument: DIAL,
    });
  }

  #mean(held: 'other' | 'preload'): number {
    const turn = Array.from({ length: 36 }, (_, at) =>
      backlashOfPair(this.pair, this.#packs, held, at * 10),
    );
    return turn.reduce((sum, value) => sum + value, 0) / turn.length;
  }

  #smallest(): number {
    return Math.min(
      ...Array.from({ length: 72 }, (_, at) =>
        backlashOfPair(this.pair, this.#packs, 'preload', at * 5),
      ),
    );
  }
}

/** What a micrometer shows of a difference. */
const shiftOf = (normal: () => number, truth: number): number =>
  Math.round((truth + 0.002 * normal()) / 0.002) * 0.002;
