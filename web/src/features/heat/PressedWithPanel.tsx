import { pressedWith, type PressedWith } from '@wendaxis/core/plan';
import type { DrawVerdict, DriverVerdict } from '@wendaxis/core/pressTools';
import type { JobState } from '@wendaxis/core/job';

import { Link } from 'react-router';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Panel } from '../../ui/Panel.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly state: JobState;
  readonly stationId: string;
  readonly ring: 'outer' | 'inner';
  /** Whether it is drawn in by a screw rather than pressed. */
  readonly isDrawn: boolean;
}

/** What a ring is pressed or drawn in with: between which diameters, and what of the workshop's own does. */
export function PressedWithPanel({ state, stationId, ring, isDrawn }: Props) {
  const units = useUnits();
  const { data: workshop } = useWorkshop();
  const { drivers = [], rods = [] } = workshop ?? {};
  const told = pressedWith(state, stationId, ring, { drivers, rods });
  if (told === null) return null;
  const { wanted } = told;
  return (
    <Panel title={isDrawn ? 'Drawn in with' : 'Pressed with'}>
      <p className="m-0 text-lg">
        {ring === 'outer' ? 'Driver' : 'Tube'}: outside{' '}
        <strong className="figure">{units.range(wanted.outside.least, wanted.outside.most)}</strong>
        , bore{' '}
        <strong className="figure">{units.range(wanted.bore.least, wanted.bore.most)}</strong>: on
        the {ring === 'outer' ? 'outer' : 'inner'} ring and on nothing else.
      </p>
      {ring === 'outer' && (
        <p className="m-0">
          The old outer ring does as well, its outside ground down until it is loose in the bore.
        </p>
      )}
      <ul className="m-0 list-none p-0" aria-label="Drivers of the workshop">
        {told.drivers.map(({ driver, verdict }) => (
          <li key={driver.id} className="border-edge border-t py-2 text-lg">
            <span className={`font-bold ${verdict.fits ? 'text-good' : ''}`}>
              {verdict.fits ? '✓ ' : '✕ '}
            </span>
            {driver.name}: {driverWords(verdict, units)}
          </li>
        ))}
      </ul>
      {workshop !== undefined && told.drivers.length === 0 && (
        <p className="m-0">
          The workshop has no drivers listed.{' '}
          <Link className="text-ink" to="/workshop">
            List them
          </Link>
        </p>
      )}
      {isDrawn && <Rods told={told} units={units} />}
    </Panel>
  );
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
  if (verdict.fits) return `fits, on ${Math.round(100 * verdict.share)} % of the face`;
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
