import { termShift } from '../arrangement/index.ts';
import { refuse, requireInteger, requireNumber } from '../faults/index.ts';
import { clampShortening } from '../preload/index.ts';
import { packThickness } from '../shims/index.ts';
import { findStation, type Station, type StationKind } from '../unit/index.ts';
import type { JobEventData } from './events.ts';
import type { Reducers } from './reducer.ts';
import type { SetAfter } from './setRows.ts';
import type { MeasuredPiece } from './settingEvents.ts';
import type { JobState } from './state.ts';

/** What sets the play: packs, solid spacers, threaded adjusters, and what differs from trial to final build. */
export const SETTING_REDUCERS: Reducers<
  | 'PackRecorded'
  | 'PackChosen'
  | 'PackFitted'
  | 'SpacerFitted'
  | 'SpacerFelt'
  | 'SpacersListed'
  | 'AdjusterTurned'
  | 'PlayTermSet'
  | 'PlayTermRemoved'
> = {
  PackRecorded: (state, { data, at, by }) =>
    withStation(state, 'shimSite', data.siteId, ({ id }) => {
      const pack = { pieces: requirePieces(data.pieces), at, by };
      return {
        ...state,
        packs: { ...state.packs, [id]: pack },
        foundPacks: { ...state.foundPacks, [id]: pack },
      };
    }),

  PackChosen: (state, { data, at, by }) =>
    withStation(state, 'shimSite', data.siteId, ({ id }) => ({
      ...state,
      chosen: { ...state.chosen, [id]: { pieces: requirePieces(data.pieces), runId: data.runId, at, by } },
    })),

  PackFitted: (state, { data, at, by }) =>
    withStation(state, 'shimSite', data.siteId, ({ id }) => {
      const { [id]: _done, ...chosen } = state.chosen;
      return {
        ...state,
        chosen,
        packs: { ...state.packs, [id]: { pieces: requirePieces(data.pieces), at, by } },
        setAfter: { ...state.setAfter, [id]: now(state, data.trial === true) },
      };
    }),

  SpacerFitted: (state, { data, at, by }) =>
    withStation(state, 'spacer', data.stationId, ({ id }) => {
      requireSpacer('length', data);
      const piece = { sizeId: 'spacer', thickness: data.length, quantity: 1, uncertainty: data.uncertainty };
      return {
        ...state,
        packs: { ...state.packs, [id]: { pieces: [piece], at, by } },
        foundPacks: { [id]: { pieces: [piece], at, by }, ...state.foundPacks },
        setAfter: { ...state.setAfter, [id]: now(state, data.trial) },
      };
    }),

  SpacerFelt: (state, { data }) =>
    withStation(state, 'spacer', data.stationId, ({ id }) => {
      const pack = state.packs[id];
      if (pack === undefined) return 'no spacer is in yet';
      requireFeel(data);
      return { ...state, felt: [...state.felt, { ...data, length: packThickness(pack.pieces) }] };
    }),

  SpacersListed: (state, { data }) =>
    withStation(state, 'spacer', data.stationId, ({ id }) => {
      data.spacers.forEach((spacer, at) => requireSpacer(`spacers[${at}].length`, spacer));
      return { ...state, shelf: { ...state.shelf, [id]: data.spacers } };
    }),

  AdjusterTurned: (state, { data }) =>
    withStation(state, 'adjuster', data.stationId, ({ id }) => {
      const angle = requireNumber('angle', data.angle, { min: -3600, max: 3600, unit: '°' });
      return {
        ...state,
        turned: { ...state.turned, [id]: (state.turned[id] ?? 0) + angle },
        setAfter: { ...state.setAfter, [id]: now(state, false) },
      };
    }),

  PlayTermSet: (state, { data }) => {
    const axis = state.unit!.axes.find(({ id }) => id === data.axisId);
    if (axis === undefined) return `no axis ${data.axisId}`;
    requireTerm(data);
    const others = state.playTerms.filter(({ termId }) => termId !== data.termId);
    return { ...state, playTerms: [...others, data] };
  },

  PlayTermRemoved: (state, { data: { termId } }) =>
    state.playTerms.some((row) => row.termId === termId)
      ? { ...state, playTerms: state.playTerms.filter((row) => row.termId !== termId) }
      : `no term ${termId}`,
}; // prettier-ignore

/** @throws InputError naming `pieces` or a field of one */
function requirePieces(pieces: readonly MeasuredPiece[]): readonly MeasuredPiece[] {
  if (!Array.isArray(pieces)) return refuse('missing', 'pieces', pieces, 'a list of pieces');
  pieces.forEach(({ thickness, quantity, uncertainty }: MeasuredPiece, at) => {
    requireNumber(`pieces[${at}].thickness`, thickness, { above: 0, max: 20, unit: 'mm' });
    requireInteger(`pieces[${at}].quantity`, quantity, { min: 1, max: 400 });
    requireNumber(`pieces[${at}].uncertainty`, uncertainty, { min: 0, max: 1, unit: 'mm' });
  });
  return pieces;
}

/**
 * Check a term, and a shortening against what it is said to be worked out from.
 * @throws InputError naming `term.…` or `clamp.…`
 */
export function requireTerm({ term, clamp }: JobEventData['PlayTermSet']): void {
  termShift('faceToFace', [term]);
  if (clamp === null) return;
  const shorter = clampShortening(clamp);
  if (Math.abs(shorter - (term.final - term.trial)) > 1e-6)
    refuse(
      'contradiction',
      'term.final',
      term.final,
      `${(term.trial + shorter).toFixed(6)} mm, which the nut torques give`,
    );
}

/** @throws InputError naming `play`: a spacer that left play has play, a tight one has none */
export function requireFeel({ feel, play }: Pick<JobEventData['SpacerFelt'], 'feel' | 'play'>): void {
  if (play !== null) requireNumber('play', play, feel === 'tight' ? { min: 0, max: 0, unit: 'mm' } : { above: 0, max: 20, unit: 'mm' });
} // prettier-ignore

function requireSpacer(field: string, { length, uncertainty }: { readonly length: number; readonly uncertainty: number }): void {
  requireNumber(field, length, { above: 0, max: 500, unit: 'mm' });
  requireNumber('uncertainty', uncertainty, { min: 0, max: 0.1, unit: 'mm' });
} // prettier-ignore

function now({ runs, torques }: JobState, trial: boolean): SetAfter {
  return { runs: runs.length, torques: torques.length, trial };
}

function withStation(
  state: JobState,
  kind: StationKind,
  stationId: string,
  change: (station: Station) => JobState | string,
): JobState | string {
  if (state.finished !== null) return 'the job is finished';
  const station = findStation(state.unit!, stationId)?.station;
  return station?.kind === kind ? change(station) : `no ${NAMES[kind] ?? kind} ${stationId}`;
}

const NAMES: Readonly<Partial<Record<StationKind, string>>> = { shimSite: 'shim site' };
