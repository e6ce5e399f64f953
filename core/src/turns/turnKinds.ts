import { modelOf } from '../course/index.ts';
import type { Draws } from '../draws/index.ts';
import type { Recorded } from '../simulate/index.ts';
import { settersOf } from '../setters/index.ts';
import type { JobAtBench } from './jobAtBench.ts';
import { readOutOfLimits } from './readOutOfLimits.ts';
import { anyOf, behind, movesOf, renewable, replaced, runsOf, stands, thing } from './subjects.ts';

/** A turn that the work takes: what is recorded, and what has to be open after it. */
export interface Turn {
  readonly about: string;
  readonly records: readonly Recorded[];
  /** Each as a pattern of acts, one of which has to be open: any act of `out` on `left-cup`. */
  readonly opens: readonly { readonly acts: readonly string[]; readonly on?: string }[];
  /** Runs whose entries no longer count, since one of theirs or their limits were taken back. */
  readonly loses?: readonly string[];
}

/** Null where nothing of the job can take it. */
type TurnKind = (job: JobAtBench, draws: Draws) => Turn | null;

const OUT = ['pull', 'draw', 'pressOut', 'lift', 'lifts', 'open', 'loosen'];
const IN = ['seat', 'place', 'fitSeal', 'close', 'fitPack', 'screwIn'];
const SETS = ['choose', 'setPreload', 'crush'];

/** By name, what turns a job can take half way. */
export const TURNS = {
  /** A step that was ticked is taken back; what it did last of its thing is open again. */
  undoneStep: (job, draws) => {
    const tick = anyOf(
      draws,
      job.events.filter((event) => event.type === 'StepDone'),
    );
    if (tick === null || tick.type !== 'StepDone') return null;
    const done = behind(job);
    const step = done.find(({ id }) => id === tick.data.stepId);
    const row = step === undefined ? undefined : step.act === null ? step.rows[0] : step;
    const act = row?.act ?? null;
    const [on] = row?.on ?? [];
    const isLast =
      step !== undefined &&
      (row?.move?.to === 'in'
        ? done.findLast((one) => thing(one).some((id) => thing(step).includes(id))) === step
        : (act === 'torque' || act === 'lock') &&
          done.findLast((one) => one.act === act && one.on[0] === on) === step);
    return {
      about: tick.data.stepId,
      records: [{ type: 'Undone', data: { eventId: tick.id } }],
      opens: isLast && act !== null && on !== undefined ? [{ acts: [act], on }] : [],
    };
  },

  /** Anything at all is taken back, also what later entries rest on. */
  undoneEntry: (job, draws) => {
    const entry = anyOf(
      draws,
      job.events.filter(({ type }) => type !== 'JobOpened' && type !== 'Undone'),
    );
    if (entry === null) return null;
    const loses =
      'runId' in entry.data
        ? [entry.data.runId]
        : entry.type === 'SpecSet'
          ? runsOf(job, entry.data.specId)
          : [];
    return {
      about: `${entry.type} ${entry.id}`,
      records: [{ type: 'Undone', data: { eventId: entry.id } }],
      opens: [],
      loses,
    };
  },

  /** A body is found bad, wherever it is: out if it is in, a new one beside it, and in. */
  badBody: (job, draws) => {
    const body = anyOf(draws, renewable(job));
    if (body === null) return null;
    const { id, station } = body;
    return {
      about: `${id}, ${stands(job, id) ? 'in' : 'out'}`,
      records: [replaced(station.id, 'bad')],
      opens: [
        ...(stands(job, id) ? [{ acts: OUT, on: id }] : []),
        { acts: ['compare'], on: station.id },
        { acts: IN, on: id },
      ],
    };
  },

  /** A part is cracked: what is tight in it goes into the new one. */
  badPart: (job, draws) => {
    const { bodies } = modelOf(job.unit);
    const part = anyOf(
      draws,
      job.unit.parts.filter(({ id }) => bodies.some(({ host }) => host === id)),
    );
    if (part === null) return null;
    const tight = bodies.filter(({ host, fit }) => host === part.id && fit === 'tight');
    return {
      about: part.id,
      records: [replaced(part.id, 'cracked')],
      opens: tight.map(({ id }) => ({ acts: IN, on: id })),
    };
  },

  /** A step is done before its turn. */
  earlyStep: (job, draws) => {
    const step = anyOf(
      draws,
      job.open.filter(
        (one) =>
          one.status === 'waiting' && one.form === 'tick' && movesOf(one).some((move) => move),
      ),
    );
    return step === null
      ? null
      : {
          about: step.id,
          records: [{ type: 'StepDone', data: { stepId: step.id, note: '' } }],
          opens: [],
        };
  },

  /** A ring that goes into its part stops half way: out, and in again. */
  stoppedRing: (job, draws) => {
    const seated = anyOf(
      draws,
      behind(job).filter(({ rule }) => rule === 'seatOuter'),
    );
    const on = seated?.on[0];
    if (seated === null || on === undefined || !stands(job, on)) return null;
    return {
      about: seated.id,
      records: [
        {
          type: 'SeatTried',
          data: { stationId: seated.stationId!, outcome: 'stoppedHalfWay' },
        },
      ],
      opens: [
        { acts: OUT, on },
        { acts: IN, on },
      ],
    };
  },

  /** A proven play is read again and is out of its limits: set again where anything sets it, and proven again. */
  playOutAtTheEnd: (job, draws) => {
    const spec = anyOf(
      draws,
      job.state.specs.filter(
        ({ kind, axisId }) =>
          kind === 'endPlay' &&
          behind(job).some(
            ({ act, rows, on, status }) =>
              status === 'done' &&
              on[0] === axisId &&
              (act === 'prove' || rows.some((row) => row.act === 'prove')),
          ),
      ),
    );
    if (spec === null || job.state.inspection === null) return null;
    const { axisId, specId } = spec;
    const axis = job.unit.axes.find(({ id }) => id === axisId);
    return {
      about: axisId,
      records: readOutOfLimits(specId, `again-${axisId}`),
      opens: [
        { acts: ['prove'], on: axisId },
        ...(axis !== undefined && settersOf(axis).length > 0 ? [{ acts: SETS }] : []),
      ],
    };
  },

  /** Another pack is put in than was chosen. */
  otherPack: (job, draws) => {
    const site = anyOf(
      draws,
      modelOf(job.unit).bodies.filter(({ station }) => station.kind === 'shimSite'),
    );
    const piece = { sizeId: 'x', thickness: 0.7, quantity: 1, uncertainty: 0.001 };
    return site === null
      ? null
      : {
          about: site.id,
          records: [{ type: 'PackFitted', data: { siteId: site.station.id, pieces: [piece] } }],
          opens: [],
        };
  },

  /** The job is for one body now, with the unit in pieces. */
  otherScope: (job, draws) => {
    const body = anyOf(draws, renewable(job));
    if (body === null) return null;
    const stationId = body.station.id;
    return {
      about: stationId,
      records: [
        {
          type: 'ScopeSet',
          data: { scope: 'renew', start: 'running', renew: [{ stationId }] },
        },
      ],
      opens: [],
    };
  },
} as const satisfies Readonly<Record<string, TurnKind>>;

export type TurnName = keyof typeof TURNS;
