import type { FigureKind } from '../figures/index.ts';
import type { JobState } from '../job/index.ts';
import { packThickness, type JointQuestion } from '../shims/index.ts';
import { findStation, type Axis, type Station } from '../unit/index.ts';
import { builtPlay } from './builtPlay.ts';
import { meshAt } from './pairGears.ts';
import { pairNow } from './pairNow.ts';
import { pairPacks } from './pairPacks.ts';
import { jointQuestion, kindSetAt } from './packQuestion.ts';

/** A figure as it is with the packs that are in, and as it is to be with all that were chosen. mm. */
export interface ChosenFigure {
  readonly kind: FigureKind;
  readonly now: number;
  readonly then: number;
}

/** What is chosen together with a site: all of a pair where its depth shim is, else what its axis sets by several. */
function jointHere(state: JobState, axis: Axis, site: Station): JointQuestion | null {
  const mesh = meshAt(state.unit!, axis);
  const depthIsChosen =
    mesh?.mesh.depthAt != null && state.setting.chosen[mesh.mesh.depthAt] !== undefined;
  const pair = depthIsChosen ? pairPacks(state, mesh.carrier, []) : null;
  return pair?.sites.some(({ id }) => id === site.id) === true
    ? pair
    : jointQuestion(state, axis, []);
}

/**
 * What the packs that were chosen on the axis of a site are to do together, each site by what it moves. Nothing where it cannot be
 * told any more.
 */
export function chosenFigures(state: JobState, site: Station): readonly ChosenFigure[] {
  const axis = findStation(state.unit!, site.id)?.axis;
  if (axis === undefined) return [];
  const joint = jointHere(state, axis, site);
  // A backlash stands as it was read; what it is chosen from has settled between its sides first.
  const read = pairNow(state, meshAt(state.unit!, axis)?.carrier ?? axis)?.backlash?.now.value;
  if (joint !== null)
    return joint.specs.map(({ id, value }) => ({
      kind: (id === 'pinionPlay' ? 'endPlay' : id) as FigureKind,
      now: id === 'backlash' ? (read ?? value) : value,
      then: joint.sites.reduce((sum, { id: siteId, thickness, gains }) => {
        const chosen = state.setting.chosen[siteId];
        const after = chosen === undefined ? thickness : packThickness(chosen.pieces);
        return sum + (gains[id] ?? 0) * (after - thickness);
      }, value),
    }));
  const chosen = state.setting.chosen[site.id];
  const run = state.measured.runs.find(({ runId }) => runId === chosen?.runId);
  const spec = state.specs.find(({ specId }) => specId === run?.specId);
  const kind = kindSetAt(axis, site);
  // By all builds so far, as it was chosen.
  const built = builtPlay(state, axis, kind);
  const gain = built?.gains[site.id];
  // The run that it was chosen by may be of a figure that this site does not move: then it says nothing of it.
  if (chosen === undefined || spec?.axisId !== axis.id || spec.kind !== kind) return [];
  if (built === null || gain === undefined) return [];
  const before = packThickness(state.setting.packs[site.id]?.pieces ?? []);
  return [
    {
      kind,
      now: built.value,
      then: built.value + gain.value * (packThickness(chosen.pieces) - before),
    },
  ];
}
