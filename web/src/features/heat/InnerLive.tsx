import { innerNow } from '@wendaxis/core/plan';
import type { Station } from '@wendaxis/core/unit';

import { useNow } from '../../stores/useNow.ts';
import type { OpenJob } from '../../stores/useJob.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { SEAT_WORDS, TONE_INK, TONE_SIGN } from '../../wording/heatWords.ts';
import { clockText, spanText } from './clock.ts';

/** A ring that is on its heater, or came off it a moment ago: how warm, how long still, and how long it stays free. */
export function InnerLive({ job, station }: { readonly job: OpenJob; readonly station: Station }) {
  const units = useUnits();
  const live = innerNow(job.state, station, new Date(useNow()).toISOString());
  if (live === null) return null;
  const degrees = (value: number) => units.show(value, 'temperature', 0);
  const { words, tone } = SEAT_WORDS[live.word];
  const left = live.window.lastSafe ?? live.window.lastFree;
  return (
    <section
      aria-label="The ring now"
      className="bg-panel border-plate grid gap-1 rounded-[3px] border-2 p-4"
    >
      <p className="m-0 flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="text-xl font-bold">{station.name}</span>
        <span className="figure text-3xl">
          {degrees(live.ring.temperature)}
          {live.target !== null && <span className="text-lg"> of {degrees(live.target)}</span>}
        </span>
      </p>
      <p className="m-0">
        {live.ring.isRead
          ? 'By the thermometer, and the time since.'
          : `Worked out as in a fan oven: ${degrees(live.ring.least)} to ${degrees(live.ring.most)}. A heater is faster: put the thermometer on the ring.`}
      </p>
      {live.readyIn !== null && live.readyIn > 0 && (
        <p className="m-0 text-lg font-semibold">About {spanText(live.readyIn)} more.</p>
      )}
      {live.shaft !== null && (
        <p className="m-0 text-lg">The shaft is at {degrees(live.shaft.temperature)}.</p>
      )}
      <p className={`m-0 text-2xl font-bold ${TONE_INK[tone]}`} role="status">
        {TONE_SIGN[tone]} {live.phase === 'warming' ? 'Off now: it ' : 'It '}
        {words}
      </p>
      {left !== null && (
        <p className="m-0 text-2xl" role="timer">
          <span className="figure">{clockText(left)}</span> to put it on; then hold it{' '}
          {live.window.grabAtStart === null
            ? 'until it is cold: the loosest pair does not grip before'
            : `for ${spanText(live.window.grabAtStart)}`}
          .
        </p>
      )}
    </section>
  );
}
