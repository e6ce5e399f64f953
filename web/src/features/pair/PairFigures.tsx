import { Link } from 'react-router';

import type { JobState, Spec } from '@wendaxis/core/job';
import { NORMAL_FACTOR, studentFactor, type DecisionWord } from '@wendaxis/core/measure';
import {
  isOverruled,
  judgedFigures,
  type BuiltPlay,
  type CarriedPlay,
  type PairNow,
  type Step,
  specOf,
} from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { BandStrip } from '../../ui/BandStrip.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { markWords, patternWords } from './pairWords.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly pair: PairNow;
  readonly steps: readonly Step[];
}

/** The four figures of a pair side by side, each against its limits, each leading to where it is taken. */
export function PairFigures({ jobId, state, pair, steps }: Props) {
  const { of, depth, specs } = pair;
  const path = (...rules: readonly Step['rule'][]): string | null => {
    const step = rules
      .flatMap((rule) => steps.filter((one) => one.rule === rule))
      .find(({ axisId }) => axisId === of.carrier.id || axisId === of.pinion?.id);
    return step === undefined ? null : `/jobs/${jobId}/step/${encodeURIComponent(step.id)}`;
  };
  return (
    <div className="grid gap-4 sm:grid-cols-2 xl:grid-cols-4">
      <Card title="Depth of the pinion" to={path('chooseDepth')}>
        <Length
          spec={specs.depth}
          word={depth?.decision?.word ?? null}
          value={
            depth?.off == null
              ? null
              : { ...depth.off, expanded: NORMAL_FACTOR * depth.off.uncertainty }
          }
          note={
            depth !== null && isOverruled(state, depth)
              ? 'by its numbers; the marks have the last word'
              : null
          }
        />
      </Card>
      <Card title="Preload of the carrier" to={path('measure', 'provePreload')}>
        <PreloadOf pair={pair} />
        <Rolled state={state} pair={pair} />
      </Card>
      <Card title="Backlash" to={path('proveFigure', 'readBacklash')}>
        <BacklashOf pair={pair} />
      </Card>
      <Card title="Contact marks" to={path('markPattern')}>
        <MarksOf pair={pair} />
      </Card>
    </div>
  );
}

type OfPair = Pick<Props, 'pair'>;

/** A value that was carried on, with its uncertainty at 95 %. */
const carried = ({ value, uncertainty, degreesOfFreedom }: CarriedPlay) => ({
  value,
  expanded: studentFactor(degreesOfFreedom ?? Infinity) * uncertainty,
});

function PreloadOf({ pair: { play, playWord, specs } }: OfPair) {
  return (
    <Length
      spec={specs.play === null || play === null ? specs.play : { ...specs.play, band: play.band }}
      word={playWord}
      value={play === null ? null : carried(play)}
      note={preloadNote(play)}
    />
  );
}

/** How a preload is known, which no indicator reads. */
function preloadNote(play: BuiltPlay | null): string | null {
  if (play === null || play.value > 0) return null;
  return play.limitsBy === 'torque'
    ? 'worked out; limits by the rolling torque that was read'
    : 'worked out: preload cannot be read';
}

function BacklashOf({ pair: { backlash, specs } }: OfPair) {
  if (backlash === null) return <Length spec={specs.backlash} word={null} value={null} />;
  const { current, word, now } = backlash;
  return (
    <Length
      spec={specs.backlash}
      word={word}
      value={carried(now)}
      note={current ? null : 'carried on from where it was read'}
    />
  );
}

function MarksOf({ pair: { pattern } }: OfPair) {
  if (pattern === null) return <p className="m-0 text-xl font-bold">Not marked yet</p>;
  const { current, verdict } = pattern;
  return (
    <>
      <p className="m-0 text-xl font-bold">
        {current ? patternWords(verdict) : 'Moved since: mark again'}
      </p>
      <p className="m-0">
        Drive {markWords(verdict.off.drive)}; coast {markWords(verdict.off.coast)}
      </p>
    </>
  );
}

interface CardProps {
  readonly title: string;
  readonly to: string | null;
  readonly children: React.ReactNode;
}

function Card({ title, to, children }: CardProps) {
  return (
    <section
      aria-label={title}
      className="bg-panel border-edge grid content-start gap-1 rounded-[3px] border-2 p-4"
    >
      <h2 className="m-0 text-2xl">{title}</h2>
      {children}
      {to !== null && (
        <Link className="text-ink inline-flex min-h-12 items-center font-semibold" to={to}>
          To its step
        </Link>
      )}
    </section>
  );
}

interface LengthProps {
  readonly spec: Spec | null;
  readonly word: DecisionWord | null;
  readonly value: { readonly value: number; readonly expanded: number } | null;
  readonly note?: string | null;
}

/** A length against its limits. */
function Length({ spec, word, value, note = null }: LengthProps) {
  const units = useUnits();
  if (spec === null) return <p className="m-0 text-xl font-bold">Limits are not entered</p>;
  if (value === null) return <p className="m-0 text-xl font-bold">Not known yet</p>;
  return (
    <>
      {word !== null && <Verdict word={word} size="small" />}
      <p className="figure m-0 text-[2rem] leading-tight">
        {units.digits(value.value)} <span className="text-xl">± {units.show(value.expanded)}</span>
      </p>
      {note !== null && <p className="text-soft m-0">{note}</p>}
      <BandStrip
        band={spec.band}
        value={{ low: value.value, high: value.value, expanded: value.expanded }}
        guard={value.expanded}
        word={word}
      />
    </>
  );
}

/** What pinion and carrier take to turn, beside it: each where limits are entered for it. */
function Rolled({ state, pair: { of } }: OfPair & Pick<Props, 'state'>) {
  return [of.pinion, of.carrier].map((axis) =>
    axis === null ? null : <RolledAxis key={axis.id} state={state} axis={axis} />,
  );
}

function RolledAxis({ state, axis }: Pick<Props, 'state'> & { readonly axis: Axis }) {
  const units = useUnits();
  const spec = specOf(state, axis.id, 'rollingTorque');
  if (spec === null) return null;
  const { lower, upper } = spec.band;
  const range = `${lower === null ? 'open' : units.digits(lower, 'torque')} to ${upper === null ? 'open' : units.show(upper, 'torque')}`;
  const name = `${axis.name}, to turn${spec.through === undefined ? '' : ', read at the pinion'}`;
  const rolled = judgedFigures(state, axis).rollingTorque;
  if (rolled === undefined)
    return (
      <p className="m-0">
        {name}: not read yet; limits {range}.
      </p>
    );
  return (
    <p className="m-0">
      {name}:{' '}
      {rolled.stage === 'asFound' ? 'as found ' : !rolled.asBuilt && 'before the last change '}
      <span className="figure">{units.digits(rolled.value, 'torque')}</span>
      {rolled.expanded === null ? '' : ` ± ${units.show(rolled.expanded, 'torque')}`}; limits{' '}
      {range}.
    </p>
  );
}
