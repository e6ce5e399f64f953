import { createHash } from 'node:crypto';

import { isSimulated, STAND_INS } from '@wendaxis/core/devices';
import type { JobState } from '@wendaxis/core/job';
import { virtualPlay, type HandAction } from '@wendaxis/core/simulate';
import { findStation } from '@wendaxis/core/unit';

import { ServerError } from '../errors.ts';
import type { JobService } from '../services/jobService.ts';
import { findAxis } from './findAxis.ts';
import { simulatedWrench } from './simulatedWrench.ts';
import type { LineSource } from './lineSource.ts';
import { SimulatedIndicator } from './simulatedIndicator.ts';
import { simulatedThermometer } from './simulatedThermometer.ts';
import type { TcpLineSource } from './tcpLineSource.ts';

/** What a device is held on, besides the indicator that stands on the job's assembly. */
export interface HeldOn {
  readonly partId?: string;
  /** The browser's time when it was asked for, ms since 1970. */
  readonly clock?: number;
  readonly axisId?: string;
  /** Angle of the nut, degrees. */
  readonly angle?: number;
}

/** The stand-in of one device on one job, with the true play it was last put together with. */
interface Bench {
  readonly indicator: SimulatedIndicator;
  endPlay: number;
}

/** Whether a thermometer can be put on it: a part, or the ring of a station. */
const isTouchable = ({ unit }: JobState, id: string): boolean =>
  unit !== null && (unit.parts.some((part) => part.id === id) || findStation(unit, id) !== null);

/** Stand-ins that are held for jobs at most: those that were used last. */
const MOST_BENCHES = 24;

/**
 * Streams readings: from a wire where one is configured, else from a stand-in on a virtual assembly. A stand-in is had
 * for practice jobs only.
 */
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
   * @throws ServerError `noSuchDevice`, `noSuchStream`, `practiceOnly`
   */
  async lines(deviceId: string, jobId: string, held: HeldOn = {}): Promise<LineSource> {
    const wire = this.#wires.get(deviceId);
    if (wire !== undefined) return wire;
    const { partId, axisId, angle = null, clock = Date.now() } = held;
    const job = await this.#practiceJob(deviceId, jobId);
    const kind = STAND_INS[deviceId];
    if (kind === 'wrench' && axisId !== undefined)
      return this.#wrench(job, deviceId, jobId, { axisId, angle });
    if (kind === 'indicator') return (await this.#bench(job, deviceId, jobId)).indicator;
    if (kind !== 'thermometer' || partId === undefined || !isTouchable(job, partId))
      throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    return simulatedThermometer(this.#jobs, {
      deviceId,
      jobId,
      partId,
      ahead: clock - Date.now(),
    });
  }

  /** Tell the practice hands what to do; returns the mark that stands at the indicator then. */
  async hands(deviceId: string, jobId: string, action: HandAction): Promise<{ position: number }> {
    if (this.#wires.has(deviceId)) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    const job = await this.#practiceJob(deviceId, jobId);
    const { indicator } = await this.#bench(job, deviceId, jobId);
    indicator.hands(action);
    return { position: indicator.position };
  }

  close(): void {
    for (const wire of this.#wires.values()) wire.close();
    for (const { indicator } of this.#benches.values()) indicator.close();
  }

  /** The job that a stand-in is used on: a practice job, no other. */
  async #practiceJob(deviceId: string, jobId: string): Promise<JobState> {
    if (!isSimulated(deviceId)) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    const job = await this.#jobs.job(jobId);
    if (!job.sheet.practice) throw new ServerError('practiceOnly', 'deviceId', deviceId);
    return job;
  }

  /** A stand-in wrench on an axis of a job. */
  async #wrench(
    job: JobState,
    deviceId: string,
    jobId: string,
    held: { readonly axisId: string; readonly angle: number | null },
  ): Promise<LineSource> {
    const { torqueTools } = await this.#jobs.workshop();
    const card = torqueTools.find((tool) => tool.deviceId === deviceId);
    if (card === undefined) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    findAxis(job, held.axisId);
    const seed = seedOf(`${jobId} ${held.axisId}`);
    const { graduation } = card;
    const playSeed = seedOf(jobId);
    return simulatedWrench(this.#jobs, { deviceId, jobId, ...held, graduation, seed, playSeed });
  }

  /** The stand-in as the job stands now: put together again when another pack went in. */
  async #bench(job: JobState, deviceId: string, jobId: string): Promise<Bench> {
    const { instruments } = await this.#jobs.workshop();
    const card = instruments.find((instrument) => instrument.deviceId === deviceId);
    if (card === undefined) throw new ServerError('noSuchDevice', 'deviceId', deviceId);
    const endPlay = hiddenPlay(job, jobId);
    const key = `${deviceId} ${jobId}`;
    const known = this.#benches.get(key);
    if (known === undefined) {
      const standIn = { deviceId, graduation: card.graduation, seed: seedOf(jobId) };
      const made = { indicator: new SimulatedIndicator(standIn, endPlay), endPlay };
      this.#benches.set(key, made);
      const [oldest] = this.#benches;
      if (this.#benches.size > MOST_BENCHES && oldest !== undefined) {
        oldest[1].indicator.close();
        this.#benches.delete(oldest[0]);
      }
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
  const open = job.measured.runs.find(({ status }) => status === 'open');
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
