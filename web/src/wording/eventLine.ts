import {
  isInstant,
  JOB_EVENTS,
  logLine,
  WORKSHOP_EVENTS,
  type LogTeller,
} from '@wendaxis/core/job';
import type { Plan } from '@wendaxis/core/plan';
import type { Unit } from '@wendaxis/core/unit';

import type { ScreenUnits } from './screenUnits.ts';

/** What is called by what name: a unit and the plan for it; an id that neither knows stands for itself. */
export interface Named {
  readonly unit: Unit | null;
  readonly plan: Plan | null;
}

/** How the log is told on this screen. */
export function tellerOf(units: ScreenUnits, { unit, plan }: Named): LogTeller {
  const named = [
    ...(unit?.parts ?? []),
    ...(unit?.axes.flatMap((axis) => [axis, ...axis.stations]) ?? []),
  ];
  const names = new Map(named.map(({ id, name }) => [id, name]));
  const steps = new Map(plan?.steps.map(({ id, title }) => [id, title]));
  return {
    show: units.show,
    digits: units.digits,
    unit: units.unit,
    told: units.told,
    name: (id) => names.get(id) ?? id,
    step: (id) => steps.get(id) ?? id,
  };
}

const ROWS = { job: JOB_EVENTS, workshop: WORKSHOP_EVENTS } as const;

/** An event of either log as one line. */
export function eventLine(
  kind: keyof typeof ROWS,
  event: { readonly type: string; readonly data: unknown },
  tell: LogTeller,
): string {
  return kind === 'job' ? logLine(ROWS.job, event, tell) : logLine(ROWS.workshop, event, tell);
}

const TIME = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** When an event happened; a time that cannot be read is said to be none. */
export function eventTime(at: string): string {
  return isInstant(at) ? TIME.format(new Date(at)) : 'time not known';
}
