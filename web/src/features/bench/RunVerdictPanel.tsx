import type { Band, RunValue, Decision, RunVerdict } from '@wendaxis/core/measure';
import { cyclesLeft, PLAY_DOUBTS, type PlayDoubt } from '@wendaxis/core/plan';

import { BandStrip } from '../../ui/BandStrip.tsx';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { Working } from '../../ui/Working.tsx';
import { SimulatedSign } from './SimulatedSign.tsx';
import { remedyWords, sideWords } from '../../wording/verdictWords.ts';
import type { WorkingLine } from '@wendaxis/core/working';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly verdict: RunVerdict;
  /** Readings of a stand-in are in it: it speaks for no real unit. */
  readonly simulated: boolean;
  readonly band: Band;
  readonly doubts: readonly PlayDoubt[];
  /** Null while there is nothing to accept. */
  readonly onAccept: (() => void) | null;
  /** Give the run up and begin anew: offered where it is in doubt. */
  readonly onAgain: () => void;
}

/** The verdict of a run: word, shape, number against the band, what to do now and why. */
export function RunVerdictPanel({ verdict, simulated, band, doubts, onAccept, onAgain }: Props) {
  const units = useUnits();
  if (verdict.status !== 'judged')
    return (
      <div>
        <p className="m-0 text-2xl font-bold" role="status">
          {unsettledWords(verdict)}
        </p>
        <BandStrip band={band} value={null} guard={0} word={null} />
      </div>
    );
  const { value, decision, remedies, working } = verdict;
  const length = (mm: number) => units.show(mm);
  return (
    <div className="grid gap-2">
      <VerdictTold decision={decision} simulated={simulated} units={units} value={value} />
      <BandStrip
        band={band}
        value={{ low: value.low, high: value.high, expanded: decision.guard }}
        guard={decision.guard}
        word={decision.word}
      />
      {!decision.provable && (
        <p className="m-0 font-semibold">
          The limits are closer together than two guard zones: this indicator can never prove it.
        </p>
      )}
      {value.positions !== null && (
        <p className="m-0 font-semibold">
          The play follows the angle:{' '}
          {value.positions
            .map(
              ({ position, mean }) =>
                `${units.digits(mean * verdict.cosine.factor)} at ${position}°`,
            )
            .join(', ')}
          . Face runout or tilt; look for its cause.
        </p>
      )}
      {doubts.map(({ id, expected }) => (
        <DoubtTold key={id} id={id} expected={expected} units={units} />
      ))}
      {value.seating > 0 && (
        <p className="m-0">
          {value.seating === 1 ? 'The first cycle' : `The first ${value.seating} cycles`} still
          seated the rollers.
        </p>
      )}
      {remedies.length > 0 && (
        <ul className="m-0 pl-5">
          {remedies.map((remedy) => (
            <li key={remedy.kind}>{remedyWords(remedy, length)}</li>
          ))}
        </ul>
      )}
      <VerdictKeys doubts={doubts} onAgain={onAgain} onAccept={onAccept} working={working} />
    </div>
  );
}

interface DoubtToldProps {
  readonly id: PlayDoubt['id'];
  readonly expected: number | null;
  readonly units: ScreenUnits;
}

function DoubtTold({ id, expected, units }: DoubtToldProps) {
  return (
    <div role="alert" className="tape-note grid gap-1 p-2 pl-4">
      <p className="m-0 font-semibold">
        {units.told(PLAY_DOUBTS[id].words)}
        {expected !== null && ` Expected about ${units.show(expected)}.`}
      </p>
      <p className="m-0">{PLAY_DOUBTS[id].remedy}</p>
    </div>
  );
}

interface VerdictToldProps {
  readonly decision: Decision;
  readonly simulated: boolean;
  readonly units: ScreenUnits;
  readonly value: RunValue;
}

function VerdictTold({ decision, simulated, units, value }: VerdictToldProps) {
  return (
    <div role="status" className="grid gap-1">
      <span className="flex flex-wrap items-center gap-3">
        <Verdict word={decision.word} />
        {simulated && <SimulatedSign />}
      </span>
      <p className="figure m-0 text-[2.6rem] leading-tight" data-testid="verdict-value">
        {units.digits(value.mean)} <span className="text-2xl">± {units.show(decision.guard)}</span>
      </p>
      <p className="m-0 text-lg">{sideWords(decision)}</p>
    </div>
  );
}

interface VerdictKeysProps {
  readonly doubts: readonly PlayDoubt[];
  readonly onAgain: () => void;
  readonly onAccept: (() => void) | null;
  readonly working: readonly WorkingLine[];
}

function VerdictKeys({ doubts, onAgain, onAccept, working }: VerdictKeysProps) {
  return (
    <div className="flex flex-wrap gap-3">
      {doubts.length > 0 && (
        <MainAction onClick={onAgain} pressOnly>
          Correct it and measure again
        </MainAction>
      )}
      {onAccept !== null && doubts.length > 0 && (
        <Button className="min-h-14 text-xl" onClick={onAccept}>
          Accept it anyway
        </Button>
      )}
      {onAccept !== null && doubts.length === 0 && (
        <MainAction onClick={onAccept}>Accept the verdict</MainAction>
      )}
      <Working title="End play: the working" lines={working}>
        Working
      </Working>
    </div>
  );
}

function unsettledWords(verdict: Exclude<RunVerdict, { status: 'judged' }>): string {
  if (verdict.status === 'invalid') return 'The shaft can tip: this measurement cannot be judged';
  if (verdict.status === 'unsettled')
    return verdict.trend === 'none'
      ? 'The cycles do not agree. Check the stand and continue.'
      : 'The play is still settling: seat the shaft again and continue.';
  const left = cyclesLeft(verdict);
  return `${left} more ${left === 1 ? 'cycle' : 'cycles'} to a verdict`;
}
