import type { Plan } from './compilePlan.ts';
import type { Step } from './step.ts';

/** How a station stands, for the drawing. Each has a word and a shape of its own there. */
export const STATION_STATES = [
  'fault',
  'next',
  'missing',
  'toDo',
  'waiting',
  'done',
  'plain',
] as const;
export type StationState = (typeof STATION_STATES)[number];

/** How every station of a plan stands, by station. A station with no step of its own is `plain`. */
export function stationStates(plan: Plan): Readonly<Record<string, StationState>> {
  const states: Record<string, StationState> = {};
  for (const step of plan.steps) {
    if (step.stationId === null) continue;
    const state = stateFrom(step, plan.next);
    const old = states[step.stationId];
    if (old === undefined || STATION_STATES.indexOf(state) < STATION_STATES.indexOf(old))
      states[step.stationId] = state;
  }
  return states;
}

function stateFrom(step: Step, next: Step | null): StationState {
  if (step.form === 'mend') return 'fault';
  if (step === next) return 'next';
  if (step.status === 'done' || step.status === 'setAside') return 'done';
  if (step.status === 'waiting') return 'waiting';
  return step.status === 'missing' ? 'missing' : 'toDo';
}
