import { useSearchParams } from 'react-router';

import { actionFor, type NextAction } from '@wendaxis/core/plan';

import type { OpenJob } from '../stores/useJob.ts';

/** What a run that is open wants: it goes before anything that an address names. */
const UNDER_WAY: readonly NextAction['kind'][] = ['takeReading', 'restartRun', 'acceptRun'];

/** What a page of a job is about: the step that its address names, done out of turn or not; else what comes next. */
export function useActionHere({ state, plan, next }: OpenJob): NextAction {
  const [query] = useSearchParams();
  const named = plan.steps.find(({ id }) => id === query.get('step'));
  const isOpen = named !== undefined && named.status !== 'done' && !UNDER_WAY.includes(next.kind);
  return isOpen ? actionFor(state, named) : next;
}
