import { findGain } from '../arrangement/index.ts';
import { verdictOf, type JobState, type Run } from '../job/index.ts';
import type { Band, RunVerdict } from '../measure/index.ts';
import type { Axis, Station } from '../unit/index.ts';

/** A verdict with a value. */
export type JudgedVerdict = Extract<RunVerdict, { status: 'judged' }>;

/** What setting the play of an axis wants next. */
export type PlayStage = 'measure' | 'choose' | 'fit' | 'prove' | 'proven';
const ORDER = [
  'measure',
  'choose',
  'fit',
  'prove',
  'proven',
] as const satisfies readonly PlayStage[];

/** Whether a shim site moves the play of its axis, and the play is what is set there. */
function setsPlay(axis: Axis, { kind, place }: Station): boolean {
  if (kind !== 'shimSite' || place === undefined || !axis.sets.includes('endPlay')) return false;
  const row = findGain(axis.arrangement, place);
  return row !== null && row.gain !== 0;
}

/** Whether a band lies wholly below zero play: the shaft is to run preloaded. */
export function wantsPreload({ upper }: Band): boolean {
  return upper !== null && upper <= 0;
}

/** The one site of an axis at which its play is set: the first that moves it. Others keep their packs. */
export function playSite(axis: Axis): Station | undefined {
  return axis.stations.find((station) => setsPlay(axis, station));
}

/** How many runs there were when a pack last went in on an axis; 0 when none did. */
export function fittedAfter({ fittedAfterRun }: JobState, { stations }: Axis): number {
  return Math.max(0, ...stations.map(({ id }) => fittedAfterRun[id] ?? 0));
}

/** The last closed run of a spec that speaks for the pack now in place; null when it has to be measured. */
export function currentRun(state: JobState, specId: string): Run | null {
  const axisId = state.specs.find((spec) => spec.specId === specId)?.axisId;
  const axis = state.unit?.axes.find(({ id }) => id === axisId);
  const since = state.runs.slice(axis === undefined ? 0 : fittedAfter(state, axis));
  return (
    since.findLast(
      (run) => run.specId === specId && run.status === 'closed' && run.stage !== 'asFound',
    ) ?? null
  );
}

/** How far the setting of the play is on an axis. */
export function playStage(state: JobState, axis: Axis): PlayStage {
  const spec = state.specs.find((row) => row.axisId === axis.id && row.kind === 'endPlay');
  if (spec === undefined) return 'measure';
  const site = playSite(axis);
  if (site !== undefined && state.chosen[site.id] !== undefined) return 'fit';
  const verdict = playVerdict(state, spec.specId);
  // Preload cannot be read by an indicator: the pack that was computed for it is in, and rolling proves the rest.
  if (verdict === null && wantsPreload(spec.band) && fittedAfter(state, axis) > 0) return 'proven';
  if (verdict === null) return fittedAfter(state, axis) > 0 ? 'prove' : 'measure';
  if (verdict.decision.word === 'conforms') return 'proven';
  // Without a site nothing can be chosen: something else has to be put right, and the play measured again.
  return site === undefined ? 'prove' : 'choose';
}

/** The verdict of the run that speaks for the pack now in place. */
export function playVerdict(state: JobState, specId: string): JudgedVerdict | null {
  const run = currentRun(state, specId);
  const verdict = run === null ? null : verdictOf(state, run);
  return verdict?.status === 'judged' ? verdict : null;
}

/** Whether a stage is behind. */
export function stagePassed(now: PlayStage, stage: Exclude<PlayStage, 'proven'>): boolean {
  return ORDER.indexOf(now) > ORDER.indexOf(stage);
}
