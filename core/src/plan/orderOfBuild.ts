import { assemblyOf, buildOrder, stripOrder, type Order } from '../assembly/index.ts';
import type { JobState } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import { reachedBy } from './reached.ts';

/** The order in which things come out or go in: of a job to renew something the shortest way there and back. */
export function orderFor(
  { state, unit }: { readonly state: JobState; readonly unit: Unit },
  to: 'out' | 'in',
): Order {
  const { scope, renew } = state.sheet;
  const assembly = assemblyOf(unit);
  if (scope !== 'renew') return to === 'out' ? stripOrder(assembly) : buildOrder(assembly);
  const { apart, together } = reachedBy(unit, renew);
  return to === 'out' ? apart : together;
}

/** The order in which what a job takes out goes in again. */
export const orderOfBuild = (state: JobState, unit: Unit): Order => orderFor({ state, unit }, 'in');
