import { FIGURES, type FigureKind } from '../figures/index.ts';
import { verdictOf, type JobState } from '../job/index.ts';
import { packThickness } from '../shims/index.ts';
import { findStation, type Station } from '../unit/index.ts';
import { gainAt } from './gains.ts';
import { inFinalBuild, jointQuestion, kindSetAt } from './packQuestion.ts';

/** A figure as it is with the packs that are in, and as it is to be with all that were chosen. mm. */
export interface ChosenFigure {
  readonly kind: FigureKind;
  readonly now: number;
  readonly then: number;
}

/**
 * What the packs that were chosen on the axis of a site are to do together, each site by what it moves. Nothing where it cannot be
 * told any more.
 */
export function chosenFigures(state: JobState, site: Station): readonly ChosenFigure[] {
  const axis = findStation(state.unit!, site.id)?.axis;
  if (axis === undefined) return [];
  const joint = jointQuestion(state, axis, []);
  if (joint !== null)
    return joint.specs.map(({ id, value }) => ({
      kind: id as FigureKind,
      now: value,
      then: joint.sites.reduce((sum, { id: siteId, thickness, gains }) => {
        const chosen = state.setting.chosen[siteId];
        const after = chosen === undefined ? thickness : packThickness(chosen.pieces);
        return sum + (gains[id] ?? 0) * (after - thickness);
      }, value),
    }));
  const chosen = state.setting.chosen[site.id];
  const run = state.measured.runs.find(({ runId }) => runId === chosen?.runId);
  const verdict = run === undefined ? null : verdictOf(state, run);
  const spec = state.specs.find(({ specId }) => specId === run?.specId);
  const gain = gainAt(state, axis, site, kindSetAt(axis, site));
  // The run that it was chosen by may be of a figure that this site does not move: then it says nothing of it.
  if (chosen === undefined || verdict?.status !== 'judged' || spec?.kind !== kindSetAt(axis, site))
    return [];
  if (gain.status !== 'known' || FIGURES[spec.kind].taken !== 'run') return [];
  const { value: now } = inFinalBuild(state, axis, kindSetAt(axis, site), verdict);
  const before = packThickness(state.setting.packs[site.id]?.pieces ?? []);
  return [
    {
      kind: spec.kind,
      now,
      then: now + gain.value * (packThickness(chosen.pieces) - before),
    },
  ];
}
