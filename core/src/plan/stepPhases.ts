import type { Row } from '../course/index.ts';
import type { Draft } from './draft.ts';
import { PHASE_NAMES, type Phase } from './phases.ts';

const at = (phase: Phase): number => PHASE_NAMES.indexOf(phase);

/**
 * The phase that each step of a plan stands in. A job does not go back: what is opened again for a pack belongs to choosing it, what is
 * put on again to the final build. Where another figure is built up from its beginning, that begins anew.
 */
export function stepPhases(steps: readonly Draft[]): readonly Phase[] {
  let now = 0;
  let before: Row['waypoint'] | null = null;
  return steps.map(({ rule, rows }) => {
    const waypoint = rows[0]?.waypoint ?? before;
    if (before === 'final' && waypoint === 'trial') now = Math.min(now, at('seat'));
    before = waypoint;
    const own = isBuiltForGood(rows) && now >= at('select') ? at('final') : at(rule.phase);
    const phase = Math.max(now, own);
    // A look or a size that is done early takes nothing else with it, nor does a nut that is tightened before all is in.
    if (rows.some(({ move }) => move !== undefined) && (rule.phase !== 'final' || own === now))
      now = phase;
    return PHASE_NAMES[phase]!;
  });
}

const isBuiltForGood = (rows: readonly Row[]): boolean =>
  rows.some(
    ({ waypoint, act, move }) => waypoint === 'final' && act !== 'fitPack' && move?.to === 'in',
  );
