import type { LiveReading } from './useDevice.ts';
import type { Run } from '@wendaxis/core/job';
import { dialDecimals } from './dialDecimals.ts';
import { liveWords } from './liveWords.ts';
import { OtherBench } from './OtherBench.tsx';
import { ReadingTape } from './ReadingTape.tsx';
import { SimulatedSign } from './SimulatedSign.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface LargeReadingProps {
  readonly live: LiveReading;
  readonly units: ScreenUnits;
  readonly run: Run;
}

/** What the indicator says now, large; and who else reads the run. */
export function LargeReading({ live, units, run }: LargeReadingProps) {
  return (
    <>
      <OtherBench run={run} />
      <div className="bg-plate text-scribe on-plate rounded-[3px] px-5 pt-2 pb-1">
        <div className="flex flex-wrap items-end justify-between gap-x-4">
          <span className="grid justify-items-start gap-1 pb-1 text-lg">
            {liveWords(live.status)}
            {live.simulated && <SimulatedSign onPlate />}
          </span>
          <span
            className="figure text-[4.6rem] leading-none whitespace-nowrap max-sm:text-[3.2rem]"
            data-testid="live-reading"
          >
            {live.value === null
              ? '–'
              : units.digits(
                  live.value,
                  'length',
                  dialDecimals(run.instrument.graduation, units.system),
                )}
            <span className="text-2xl"> {units.unit()}</span>
          </span>
        </div>
        <ReadingTape value={live.value ?? 0} graduation={run.instrument.graduation} />
      </div>
    </>
  );
}
