import type { Station, Unit } from '../unit/index.ts';
import type { PlannedAct, Refusal } from './refusal.ts';

/** What an order of acts does wrong. @param out ids of stations that were out when the plan begins */
export type Rule = (
  unit: Unit,
  acts: readonly PlannedAct[],
  out: readonly string[],
) => readonly Refusal[];

export const stationsOf = ({ axes }: Unit): readonly Station[] =>
  axes.flatMap(({ stations }) => stations);

/** Where acts of some names are done to a thing, or to a ring of it, in order. */
export const does = (
  acts: readonly PlannedAct[],
  names: readonly string[],
  id: string,
): readonly number[] =>
  acts.flatMap(({ act, on }, at) =>
    names.includes(act) && on.some((one) => one === id || one.startsWith(`${id}:`)) ? [at] : [],
  );

export const refusal = (
  rule: Refusal['rule'],
  acts: readonly PlannedAct[],
  at: number,
  moving: string,
  by: string | null = null,
): Refusal => ({ rule, at, act: acts[at]?.act ?? 'finish', moving, by });

export const isRolling = ({ kind }: Station): boolean =>
  kind === 'taperedRoller' || kind === 'ballBearing' || kind === 'cylindricalRoller';
