import { pressedWith, stopSet, type JudgedDriver, type PressedWith } from '@wendaxis/core/plan';
import type { DrawVerdict, DriverVerdict, StopVerdict } from '@wendaxis/core/pressTools';
import type { JobState } from '@wendaxis/core/job';
import { isPressed, type Station } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { StopDrawn } from './StopDrawn.tsx';
import { StopMeasured } from './StopMeasured.tsx';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly station: Station;
  readonly ring: 'outer' | 'inner';
  /** Whether it is drawn in by a screw rather than pressed. */
  readonly isDrawn: boolean;
}

/** What a ring is pressed or drawn in with: between which diameters, what of the workshop's own does, and what stops it at its depth. */
export function PressedWithPanel({ jobId, state, station, ring, isDrawn }: Props) {
  const units = useUnits();
  const { data: workshop } = useWorkshop();
  const { drivers = [], rods = [], spacers = [] } = workshop ?? {};
  const told = pressedWith(state, station.id, ring, { drivers, rods, spacers });
  if (told === null) return null;
  const { wanted } = told;
  const set = stopSet(state, station);
  return (
    <Panel title={isDrawn ? 'Drawn in with' : 'Pressed with'}>
      <p className="m-0 text-lg">
        {ring === 'outer' ? 'Driver' : 'Tube'}: outside{' '}
        <strong className="figure">{units.range(wanted.outside.least, wanted.outside.most)}</strong>
        , bore{' '}
        <strong className="figure">{units.range(wanted.bore.least, wanted.bore.most)}</strong>: on{' '}
        {told.onIts} and on nothing else.
      </p>
      {told.oldOne !== null && <p className="m-0">{told.oldOne}</p>}
      <ul className="m-0 list-none p-0" aria-label="Drivers of the workshop">
        {told.drivers.map((row) => (
          <DriverRow
            key={row.driver.id}
            row={row}
            units={units}
            isUsed={state.fitting.stops[station.id]?.driver.id === row.driver.id}
            onUse={() =>
              record(jobId, 'StopBuilt', {
                stationId: station.id,
                driver: row.driver,
                pieces: piecesOf(row.stop),
                measured: null,
              })
            }
          />
        ))}
      </ul>
      {set?.stack != null && (
        <>
          <StopDrawn station={station} set={set} stack={set.stack} />
          <StopMeasured jobId={jobId} stationId={station.id} set={set} />
        </>
      )}
      {workshop !== undefined && told.drivers.length === 0 && (
        <p className="m-0">
          The workshop has no drivers listed. <WorkshopLink to="press">List them</WorkshopLink>
        </p>
      )}
      {(isDrawn || (isPressed(station) && told.force !== null)) && (
        <>
          {!isDrawn && <h3 className="m-0 text-lg">Or drawn in by a screw through it</h3>}
          <Rods told={told} units={units} />
        </>
      )}
    </Panel>
  );
}

interface DriverRowProps {
  readonly row: JudgedDriver;
  readonly units: ScreenUnits;
  readonly isUsed: boolean;
  readonly onUse: () => void;
}

/** A driver, whether it does, what stops it, and a button that takes it. */
function DriverRow({ row, units, isUsed, onUse }: DriverRowProps) {
  const { driver, verdict, stop, isUsable, make } = row;
  return (
    <li className="border-edge grid gap-1 border-t py-2 text-lg">
      <span>
        <span className={`font-bold ${isUsable ? 'text-good' : ''}`}>{isUsable ? '✓ ' : '✕ '}</span>
        {driver.name}: {driverWords(verdict, units)}
      </span>
      {verdict.fits && stop !== null && (
        <span className={stop.status === 'known' ? '' : 'font-semibold'}>
          {stopWords(stop, units)}
          {!isUsable &&
            make !== null &&
            ` Make a piece of ${units.show(make)} for under its collar.`}
        </span>
      )}
      {isUsable && (
        <span>
          <Button
            aria-pressed={isUsed}
            className={isUsed ? 'border-plate! bg-plate text-scribe' : ''}
            onClick={onUse}
          >
            {isUsed ? '✓ This driver' : 'Use this driver'}
          </Button>
        </span>
      )}
    </li>
  );
}

/** The spacers that go under its collar; none where nothing stops it. */
const piecesOf = (stop: StopVerdict | null) => (stop?.status === 'known' ? stop.pieces : []);

function stopWords(stop: StopVerdict, units: ScreenUnits): string {
  if (stop.status === 'noNose')
    return 'No collar: nothing stops it. Mark the depth on it, and measure.';
  if (stop.status === 'tooShort') return `Its nose is ${units.show(stop.by)} too short.`;
  if (stop.status === 'noSpacer')
    return 'Its nose is too long, and no spacer of the workshop passes over it and rests on the face.';
  const pieces = stop.pieces.map(({ spacer, count }) => `${count} × ${spacer.name}`);
  const under = pieces.length === 0 ? 'on its collar alone' : `with ${pieces.join(', ')}`;
  const ends = `${under} it stops at ${units.show(stop.ends)}`;
  return stop.status === 'noSum'
    ? `It would not stop at its depth: ${ends} at the nearest.`
    : `${ends.charAt(0).toUpperCase()}${ends.slice(1)}, ± ${units.show(stop.worst)} at the worst, ± ${units.show(stop.likely)} as a rule.`;
}

/** Rods of the workshop, and the thinnest that would do. */
function Rods({ told, units }: { readonly told: PressedWith; readonly units: ScreenUnits }) {
  return (
    <>
      <ul className="m-0 list-none p-0" aria-label="Draw rods of the workshop">
        {told.rods.map(({ rod, verdict }) => (
          <li key={rod.id} className="border-edge border-t py-2 text-lg">
            <span className={`font-bold ${ROD_WORDS[verdict.word].ink}`}>
              {ROD_WORDS[verdict.word].sign}{' '}
            </span>
            {rod.name}: {rodWords(verdict, units)}
          </li>
        ))}
      </ul>
      <p className="m-0 font-semibold">
        {told.would === null
          ? 'No rod up to M30 bears the most that it may want: warm it as well.'
          : `M${told.would.thread} × ${told.would.pitch} of class ${told.would.strength} is enough, oiled.`}
      </p>
    </>
  );
}

function driverWords(verdict: DriverVerdict, units: ScreenUnits): string {
  if (verdict.fits) return `on ${Math.round(100 * verdict.share)} % of the face`;
  const by = units.show(verdict.by);
  return {
    tooWide: `${by} too wide`,
    tooNarrow: `${by} too narrow`,
    boreTooSmall: `its bore is ${by} too small`,
    boreTooLarge: `its bore is ${by} too large`,
    tooLittleFace: `it takes ${by} too little of the face`,
  }[verdict.why];
}

const ROD_WORDS: Readonly<
  Record<
    DrawVerdict['word'],
    { readonly sign: string; readonly ink: string; readonly words: string }
  >
> = {
  holds: { sign: '✓', ink: 'text-good', words: 'holds' },
  asARule: { sign: '△', ink: '', words: 'holds as a rule; the tightest pair may want more' },
  tooWeak: { sign: '✕', ink: 'text-bad', words: 'too weak' },
  galls: { sign: '✕', ink: 'text-bad', words: 'mild steel: its thread galls under this load' },
};

function rodWords({ word, oiled, dry }: DrawVerdict, units: ScreenUnits): string {
  const torque = (pair: readonly [number, number]) => units.range(pair[0], pair[1], 'torque');
  const turned =
    word === 'holds' || word === 'asARule' ? `; ${torque(oiled)} oiled, ${torque(dry)} dry` : '';
  return `${ROD_WORDS[word].words}${turned}`;
}
