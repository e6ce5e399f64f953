import type { HeatChoice, HeatSettings, PartHeat } from '@wendaxis/core/heat';

const isSet = ({ oven, rings }: HeatChoice, settings: HeatSettings): boolean =>
  oven === settings.oven && rings === settings.rings;

/** The heat to take instead of the one that is set: null where that is ready, or is itself the one to take first. */
export function betterHeat(plan: PartHeat, settings: HeatSettings): HeatChoice | null {
  const first = plan.choices[0];
  if (plan.status === 'ready' || first === undefined || first.way === 'press') return null;
  return isSet(first, settings) ? null : first;
}

/** Other heats that would work, where the one that is set is not ready. */
export function otherHeats(plan: PartHeat, settings: HeatSettings): readonly HeatChoice[] {
  const better = betterHeat(plan, settings);
  return plan.status === 'ready'
    ? []
    : plan.choices.filter(
        (choice) => choice !== better && choice.way !== 'press' && !isSet(choice, settings),
      );
}
