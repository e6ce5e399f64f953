import { isBehind, type StationState, type Step } from '@wendaxis/core/plan';

/** How a step stands, as the shapes of the drawing have it. */
export function stepState(step: Step, next: Step | null): StationState {
  if (step.form === 'mend') return 'fault';
  if (step.id === next?.id) return 'next';
  if (isBehind(step)) return 'done';
  if (step.status === 'waiting') return 'waiting';
  return step.status === 'missing' ? 'missing' : 'toDo';
}
