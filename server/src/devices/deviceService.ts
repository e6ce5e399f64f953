import { createHash } from 'node:crypto';

import type { JobState } from '@wendaxis/core/job';
import { virtualPlay, type HandAction } from '@wendaxis/core/simulate';

import { ServerError } from '../errors.ts';
import type { JobService } from '../services/jobService.ts';
import { findAxis } from './findAxis.ts';
import { simulatedWrench } from './simulatedWrench.ts';
import type { LineSource } from './lineSource.ts';
import { SimulatedIndicator } from './simulatedIndicator.ts';
import { simulatedThermometer } from './simulatedThermometer.ts';
import type { TcpLineSource } from './tcpLineSource.ts';

/** The contact thermometer that ships as a stand-in. */
const THERMOMETER = 'thermo-a';

/** What a device is held on, besides the indicator that stands on the job's assembly. */
export interface HeldOn {
  readonly partId?: string;
  readonly axisId?: string;
  /** Angle of the nut, degrees. */
  readonly angle?: number;
}

/** The stand-in of one device on one job, with the true play it was last put together with. */
interface Bench {
  readonly indicator: SimulatedIndicator;
  endPlay: number;
}

/** Streams readings: from a wire where one is configured, else from a stand-in on a virtual assembly. */
export class DeviceService {
  readonly #jobs: JobService;
  readonly #wires: ReadonlyMap<string, TcpLineSource>;
  readonly #benches = new Map<string, Bench>();

  constructor(jobs: JobService, wires: ReadonlyMap<string, TcpLineSource>) {
    this.#jobs = jobs;
    this.#wires = wires;
  }

  /**
   * The lines of a device for a job; of a thermometer, on a part of it; of a torque wrench, on an axis.
   * @throws ServerError `noSuchDevice`, `noSuchStream`
   */
  async lines(deviceId: string, jobId: string, held: HeldOn = {}): Promise<LineSource> {
    const wire = this.#wires.get(deviceId);
    if (wire !== undefined) return wire;
    const { partId, axisId, angle = null } = held;
    if (axisId !== undefined) return this.#wrench(deviceId, jobId, { axisId, angle });
    if (partId === undefined) return (await this.#bench(deviceId, jobId)).indicator;
    const job = await this.#jobs.job(jobId);
    if (deviceId !== THERMOMETER || job.unit?.parts.every(({ id }) => id !== partId) !== false)
      throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    return simulatedThermometer(this.#jobs, { deviceId, jobId, partId });
  }

  /** Tell the practice hands what to do; returns the mark that stands at the indicator then. */
  async hands(deviceId: string, jobId: string, action: HandAction): Promise<{ position: number }> {
    if (this.#wires.has(deviceId)) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    const { indicator } = await this.#bench(deviceId, jobId);
    indicator.hands(action);
    return { position: indicator.position };
  }

  close(): void {
    for (const wire of this.#wires.values()) wire.close();
    for (const { indicator } of this.#benches.values()) indicator.close();
  }

  /** A stand-in wrench on an axis of a job. */
  async #wrench(
    deviceId: string,
    jobId: string,
    held: { readonly axisId: string; readonly angle: number | null },
  ): Promise<LineSource> {
    const [job, tools] = await Promise.all([this.#jobs.job(jobId), this.#jobs.torqueTools()]);
    const card = tools.find((tool) => tool.deviceId === deviceId);
    if (card === undefined) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    findAxis(job, held.axisId);
    const seed = seedOf(`${jobId} ${held.axisId}`);
    const { graduation } = card;
    const playSeed = seedOf(jobId);
    return simulatedWrench(this.#jobs, { deviceId, jobId, ...held, graduation, seed, playSeed });
  }

  /** The stand-in as the job stands now: put together again when another pack went in. */
  async #bench(deviceId: string, jobId: string): Promise<Bench> {
    const [job, cards] = await Promise.all([this.#jobs.job(jobId), this.#jobs.instruments()]);
    const card = cards.find((instrument) => instrument.deviceId === deviceId);
    if (card === undefined) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    const endPlay = hiddenPlay(job, jobId);
    const key = `${deviceId} ${jobId}`;
    const known = this.#benches.get(key);
    if (known === undefined) {
      const standIn = { deviceId, graduation: card.graduation, seed: seedOf(jobId) };
      const made = { indicator: new SimulatedIndicator(standIn, endPlay), endPlay };
      this.#benches.set(key, made);
      return made;
    }
    if (known.endPlay !== endPlay) {
      known.indicator.rebuild(endPlay);
      known.endPlay = endPlay;
    }
    return known;
  }
}

/**
 * The true play that an indicator on a job stands on: of the run that is open, else of the first axis that has a band
 * for it.
 */
export function hiddenPlay(job: JobState, jobId: string): number {
  const open = job.runs.find(({ status }) => status === 'open');
  const spec =
    job.specs.find(({ specId }) => specId === open?.specId) ??
    job.specs.find(({ kind }) => kind === 'endPlay');
  const axis = job.unit?.axes.find(({ id }) => id === spec?.axisId);
  if (spec === undefined || axis === undefined) return NO_SPEC_PLAY;
  const kind = spec.kind === 'sideClearance' ? 'sideClearance' : 'endPlay';
  return virtualPlay(job, { axis, kind, stage: open?.stage ?? 'trial', seed: seedOf(jobId) });
}

/** Play that an indicator shows while nothing is to be measured, mm. */
const NO_SPEC_PLAY = 0.2;

function seedOf(jobId: string): number {
  return createHash('sha256').update(jobId).digest().readUInt32BE(0);
}
