import { type Dispatch, type SetStateAction, useCallback, useState, type FormEvent } from 'react';
import type { JobState, WorkshopInstrument } from '@wendaxis/core/job';
import { closingProgress, playSpec, type Step } from '@wendaxis/core/plan';
import type { ClosingPlay } from '@wendaxis/core/preload';
import { contactsOf } from '@wendaxis/core/measure';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Chart, type Ink } from '../../ui/Chart.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { closingChartOption } from './closingChartOption.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { cardOf } from './cardOf.ts';
import { ClosingEntry } from './ClosingEntry.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

const WORDS: Readonly<Record<ClosingPlay['status'], string>> = {
  closing: 'Still play: go on',
  forecast: 'The play is closing',
  inBand: 'Within limits: stop here',
  gone: 'The play is gone: the sleeve is scrap',
};

/** Crush a sleeve until the play of a hub is just gone: one step of the nut, one reading of the play. */
export function ClosingForm({ jobId, step, state }: Props) {
  const units = useUnits();
  const workshop = useWorkshop();
  const [angleText, setAngle] = useState('');
  const [playText, setPlay] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const spec = playSpec(state, axis.id, 'endPlay');
  if (spec === null) return <Notice title="Enter the end play limits first" />;
  const progress = closingProgress(state, axis);
  // A form that cannot record what is typed is not shown: its Enter would be lost.
  if (workshop.isPending) return <Notice title="Fetching the instruments…" />;
  const instruments = (workshop.data?.instruments ?? []).filter(
    (card) => contactsOf(card).length > 0,
  );
  const instrument = instruments.find(({ id }) => id === chosen) ?? instruments[0];
  if (instrument === undefined)
    return (
      <Notice tone="warn" title="No indicator is known to the workshop">
        Add one on the workshop’s page.
      </Notice>
    );
  const { planned, submit, usable, backwards } = closingEntry({
    progress,
    angleText,
    units,
    playText,
    jobId,
    step,
    instrument,
    setAngle,
    setPlay,
  });
  return (
    <div className="grid gap-4">
      <ClosingTold progress={progress} planned={planned} jobId={jobId} step={step} />
      {progress?.status !== 'gone' && (
        <ClosingEntry
          submit={submit}
          angleText={angleText}
          planned={planned}
          setAngle={setAngle}
          playText={playText}
          setPlay={setPlay}
          instrument={instrument}
          setChosen={setChosen}
          instruments={instruments}
          usable={usable}
          backwards={backwards}
          progress={progress}
        />
      )}
    </div>
  );
}

interface ClosingEntryInput {
  readonly progress: ClosingPlay | null;
  readonly angleText: string;
  readonly units: ScreenUnits;
  readonly playText: string;
  readonly jobId: string;
  readonly step: Step;
  readonly instrument: WorkshopInstrument;
  readonly setAngle: Dispatch<SetStateAction<string>>;
  readonly setPlay: Dispatch<SetStateAction<string>>;
}

function closingEntry({
  progress,
  angleText,
  units,
  playText,
  jobId,
  step,
  instrument,
  setAngle,
  setPlay,
}: ClosingEntryInput) {
  const planned = Math.round(progress === null ? 0 : progress.now + progress.step);
  const angleRead = readField(
    angleText === '' ? String(planned) : angleText,
    'angle',
    units.system,
  );
  const playRead = readField(playText, 'length', units.system);
  const angle = angleRead.status === 'read' ? angleRead.quantity.value : null;
  const play = playRead.status === 'read' ? playRead.quantity.value : null;
  const backwards = angle !== null && progress !== null && angle < progress.now - 1e-9;
  const usable =
    angle !== null &&
    angle >= 0 &&
    angle <= 7200 &&
    !backwards &&
    play !== null &&
    play >= 0 &&
    play <= 20;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!usable) return;
    record(jobId, 'ClosingRead', {
      stationId: step.stationId!,
      angle,
      play,
      typed: playText.trim(),
      instrument: cardOf(instrument),
    });
    setAngle('');
    setPlay('');
  };
  return { planned, submit, usable, backwards };
}

interface ClosingToldProps {
  readonly progress: ClosingPlay | null;
  readonly planned: number;
  readonly jobId: string;
  readonly step: Step;
}

/** How far the hub is drawn up, and the next turn. */
function ClosingTold({ progress, planned, jobId, step }: ClosingToldProps) {
  return (
    <div role="status" className="bg-panel border-edge grid gap-1 rounded-[3px] border-2 p-4">
      <p className="m-0 text-3xl font-bold">
        {progress === null
          ? 'Draw the nut up snug: that is 0°. Measure the play there.'
          : WORDS[progress.status]}
      </p>
      {progress !== null && progress.step > 0 && (
        <p className="figure m-0 text-2xl">
          Next step {Math.round(progress.step)}°, to {planned}°
        </p>
      )}
      {progress?.status === 'forecast' && (
        <p className="m-0 text-lg">
          Within limits {Math.round(progress.toUpper.likely - progress.now)}° on; gone{' '}
          {Math.round(progress.toZero.least - progress.now)}° on at the earliest.
        </p>
      )}
      {progress?.status === 'inBand' && (
        <p className="m-0 text-lg">
          It must still turn as freely as before: drag would be preload.
        </p>
      )}
      {progress?.status === 'gone' && (
        <MainAction
          pressOnly
          onClick={() =>
            record(jobId, 'SleeveRenewed', {
              stationId: step.stationId!,
              reason: 'The old one was crushed past its play',
            })
          }
        >
          A new sleeve is in
        </MainAction>
      )}
    </div>
  );
}

/** The picture beside it: play against nut angle, with where it would be gone. */
export function ClosingPicture({ step, state }: Pick<Props, 'step' | 'state'>) {
  const units = useUnits();
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const spec = playSpec(state, axis.id, 'endPlay');
  const progress = closingProgress(state, axis);
  const rows = state.measured.closing[step.stationId!];
  const option = useCallback(
    (ink: Ink) =>
      closingChartOption(rows ?? [], progress!, {
        band: spec!.band,
        ink,
        digits: (mm) => units.digits(mm),
      }),
    [rows, progress, spec, units],
  );
  if (spec === null || progress === null) return null;
  return (
    <Panel title={`Play, ${units.unit()}, against the nut`}>
      <Chart
        className="h-72"
        label={`Play against nut angle, ${rows?.length ?? 0} readings, the last ${units.show(progress.play)} at ${Math.round(progress?.now ?? 0)}°`}
        option={option}
      />
    </Panel>
  );
}
