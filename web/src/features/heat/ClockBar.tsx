import { useEffect } from 'react';
import { Link } from 'react-router';

import { CLOCK_WORDS } from '@wendaxis/core/job';
import { isInSight, placeOfClock } from '@wendaxis/core/plan';

import { useClocks, type HeldClock } from '../../stores/clockStore.ts';
import { useNow } from '../../stores/useNow.ts';
import { Button } from '../../ui/Button.tsx';
import { speak } from '../../ui/speak.ts';
import { clockText } from './clock.ts';
import { ring } from './ring.ts';

/** Clocks that run, on every page: what waits, how long still, and the way to it. They ring when it is time. */
export function ClockBar() {
  const any = useClocks((state) => state.clocks.length > 0);
  return any ? <RunningClocks /> : null;
}

function RunningClocks() {
  const now = useNow();
  const { clocks, heard } = useClocks();
  const inSight = clocks.filter(({ clockId, startedAt, seconds }) =>
    isInSight(heard.includes(clockId), (now - Date.parse(startedAt)) / 1000 - seconds),
  );
  if (inSight.length === 0) return null;
  return (
    <div
      className="bg-plate text-scribe on-plate flex flex-wrap gap-x-6 gap-y-1 px-6 py-1 print:hidden"
      role="region"
      aria-label="Clocks"
    >
      {inSight.map((clock) => (
        <RunningClock key={clock.clockId} clock={clock} />
      ))}
    </div>
  );
}

/** The page on which a clock belongs. */
function pathOf({ jobId, kind, targetId }: HeldClock): string {
  const place = placeOfClock(kind, targetId);
  if (place.at === 'heat') return `/jobs/${jobId}/heat?part=${place.partId}`;
  return place.at === 'plan'
    ? `/jobs/${jobId}/plan`
    : `/jobs/${jobId}/step/${encodeURIComponent(place.stepId)}`;
}

function RunningClock({ clock }: { readonly clock: HeldClock }) {
  const now = useNow();
  const { heard, hear } = useClocks();
  const left = clock.seconds - (now - Date.parse(clock.startedAt)) / 1000;
  const rings = left <= 0 && !heard.includes(clock.clockId);
  const words = `${CLOCK_WORDS[clock.kind]}: ${clock.partName}`;
  useEffect(() => {
    if (!rings) return;
    ring();
    speak(`Time: ${words}`);
    const again = setInterval(ring, 4000);
    return () => clearInterval(again);
  }, [rings, words]);
  return (
    <span className="inline-flex items-center gap-3">
      <Link
        className="text-scribe inline-flex min-h-12 items-center gap-3 no-underline"
        to={pathOf(clock)}
      >
        <span className="text-base">{words}</span>
        <span className={`figure text-2xl ${left <= 0 ? 'text-brass' : ''}`}>
          {clockText(left)}
        </span>
      </Link>
      {rings && (
        <Button
          kind="plate"
          className="bg-brass text-brass-ink"
          onClick={() => hear(clock.clockId)}
        >
          Time. Heard
        </Button>
      )}
    </span>
  );
}
