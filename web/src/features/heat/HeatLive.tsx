import type { HeatNow } from '@wendaxis/core/plan';
import type { Part } from '@wendaxis/core/unit';

import { useUnits } from '../../ui/useUnits.ts';
import { HEAT_STATUS, TONE_INK, TONE_SIGN } from '../../wording/heatWords.ts';
import { clockText, spanText } from './clock.ts';

interface Props {
  readonly part: Part;
  readonly live: HeatNow;
}

/** What the part has had by now, and what its rings would do: while it is in the oven, if it came out at this moment. */
export function HeatLive({ part, live }: Props) {
  const units = useUnits();
  const degrees = (value: number) => units.show(value, 'temperature', 0);
  const { temperature, least, most, isRead } = live.part;
  const status = live.plan === null ? null : HEAT_STATUS[live.plan.status];
  return (
    <section
      aria-label="Now"
      className="bg-panel border-plate grid gap-1 rounded-[3px] border-2 p-4"
    >
      <p className="m-0 flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="text-xl font-bold">{part.name}</span>
        <span className="figure text-3xl">
          {degrees(temperature)} <span className="text-lg">of {degrees(live.settings.oven)}</span>
        </span>
      </p>
      <p className="m-0">
        {isRead
          ? `By the thermometer, and the time since${most - least < 1 ? '' : `: ${degrees(least)} to ${degrees(most)}`}.`
          : `Worked out from the time: ${degrees(least)} to ${degrees(most)}. Put the thermometer on the boss.`}
        {live.part.readings > 0 &&
          ` It follows × ${live.part.factor.toFixed(2)} as fast as by its weight.`}
      </p>
      {live.phase === 'inOven' && (
        <p className="m-0 text-lg font-semibold">
          {live.soakLeft === 0
            ? 'Hot enough: take it out.'
            : live.soakLeft === null
              ? 'At this rate the oven does not bring it there.'
              : `About ${spanText(live.soakLeft)} more.`}
        </p>
      )}
      {live.freezeLeft !== 0 && (
        <p className="m-0 text-lg font-semibold">
          {live.freezeLeft === null
            ? 'The rings are not in the freezer: they count as warm as they are.'
            : `The rings need about ${spanText(live.freezeLeft)} more in the freezer.`}
        </p>
      )}
      {status !== null && (
        <p className={`m-0 text-2xl font-bold ${TONE_INK[status.tone]}`} role="status">
          {TONE_SIGN[status.tone]}{' '}
          {live.phase === 'inOven' ? `Out now: ${lower(status.words)}` : status.words}
        </p>
      )}
      {live.outFor !== null && (
        <p className="m-0 text-2xl" role="timer">
          Out for <span className="figure">{clockText(live.outFor)}</span>
        </p>
      )}
    </section>
  );
}

const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);
