import type { HeatChoice, HeatSettings, PartHeat } from '@wendaxis/core/heat';

import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { betterHeat, otherHeats } from './betterHeat.ts';
import { choiceWords, HEAT_STATUS, TONE_INK, TONE_SIGN } from '../../wording/heatWords.ts';

const EDGE = { good: 'border-good', warn: 'border-brass-edge', bad: 'border-bad' } as const;

interface Props {
  readonly plan: PartHeat;
  readonly settings: HeatSettings;
  /** Rings whose fit is by class. */
  readonly unmeasured: readonly string[];
  readonly onChange: (change: Partial<HeatSettings>) => void;
}

/** Whether the heat as it is set does, in a word, how far from its limit, and what would do instead. */
export function HeatVerdict({ plan, settings, unmeasured, onChange }: Props) {
  const units = useUnits();
  const { words, what, tone } = HEAT_STATUS[plan.status];
  const degrees = (value: number) => units.show(value, 'temperature', 0);
  const better = betterHeat(plan, settings);
  const take = ({ oven, rings }: HeatChoice) => onChange({ oven, rings });
  return (
    <div className={`bg-panel rounded-[3px] border-2 p-4 ${EDGE[tone]}`}>
      <div role="status">
        <p className={`m-0 text-3xl leading-tight font-bold ${TONE_INK[tone]}`}>
          {TONE_SIGN[tone]} {words}
        </p>
        <p className="m-0 text-lg">
          {what}. Limit of the oven {degrees(plan.limit)}
          {plan.margin >= 0 &&
            ` (${units.show(plan.margin, 'temperatureDifference', 0)} above the part)`}
          : {units.told(plan.limitReason)}.
        </p>
      </div>
      {unmeasured.length > 0 && (
        <p className="m-0">
          Fit by its class, the tightest that it allows: {unmeasured.join(', ')}. Measured, it may
          need less.
        </p>
      )}
      {better !== null && (
        <>
          <p className="m-0 mt-2 text-lg font-semibold">
            {choiceWords(better, units, (id) => nameOf(plan, id))}
          </p>
          <MainAction onClick={() => take(better)}>Use this heat</MainAction>
        </>
      )}
      {otherHeats(plan, settings).map((choice) => (
        <p
          key={`${choice.oven} ${choice.rings}`}
          className="m-0 mt-2 flex flex-wrap items-center gap-3"
        >
          <span className="flex-1">Or: {choiceWords(choice, units, (id) => nameOf(plan, id))}</span>
          <Button onClick={() => take(choice)}>Use it</Button>
        </p>
      ))}
    </div>
  );
}

const nameOf = ({ seats }: PartHeat, id: string): string =>
  seats.find(({ seat }) => seat.id === id)?.seat.name ?? id;
