import { type Dispatch, type SetStateAction, useState } from 'react';
import type { ShelfSpacer, JobState } from '@wendaxis/core/job';
import {
  spacerProgress,
  type SpacerProgress,
  type RankedSpacer,
  type Step,
} from '@wendaxis/core/plan';
import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { USE_WORDS } from './settingWords.ts';
import { AddSpacer } from './AddSpacer.tsx';
import { LONGEST, lengthUpTo } from './spacerLengths.ts';
import type { SpacerTrial } from '@wendaxis/core/preload';
import type { Station } from '@wendaxis/core/unit';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** Trials so far, and the spacers on the shelf. */
export function SpacerShelf({
  jobId,
  step,
  state,
}: {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}) {
  const units = useUnits();
  const [text, setText] = useState('');
  const progress = spacerProgress(
    state,
    state.unit!.axes.find(({ id }) => id === step.axisId)!,
  );
  if (progress === null) return null;
  const { spacer, trials, shelf, inPlace } = progress;
  const reading = readField(text, 'length', units.system);
  const length = lengthUpTo(LONGEST, reading);
  const known = state.setting.shelf[spacer.id] ?? [];
  const list = (spacers: typeof known): void =>
    record(jobId, 'SpacersListed', { stationId: spacer.id, spacers });
  return (
    <>
      {trials.length > 0 && <Trials units={units} trials={trials} inPlace={inPlace} />}
      <Shelf
        shelf={shelf}
        units={units}
        progress={progress}
        jobId={jobId}
        spacer={spacer}
        list={list}
        known={known}
        length={length}
        setText={setText}
        text={text}
      />
    </>
  );
}

interface ShelfProps {
  readonly shelf: readonly RankedSpacer[];
  readonly units: ScreenUnits;
  readonly progress: SpacerProgress;
  readonly jobId: string;
  readonly spacer: Station;
  readonly list: (spacers: readonly ShelfSpacer[]) => void;
  readonly known: readonly ShelfSpacer[];
  readonly length: number | null;
  readonly setText: Dispatch<SetStateAction<string>>;
  readonly text: string;
}

/** Spacers at hand, and what each is good for. */
function Shelf({
  shelf,
  units,
  progress,
  jobId,
  spacer,
  list,
  known,
  length,
  setText,
  text,
}: ShelfProps) {
  return (
    <Panel title="Spacers on the shelf">
      <ul className="m-0 list-none p-0">
        {shelf.map((one) => (
          <SpacerOnShelf
            key={one.id}
            one={one}
            units={units}
            progress={progress}
            jobId={jobId}
            spacer={spacer}
            list={list}
            known={known}
          />
        ))}
      </ul>
      <AddSpacer
        length={length}
        near={progress.inPlace}
        list={list}
        known={known}
        setText={setText}
        text={text}
      />
    </Panel>
  );
}

interface SpacerOnShelfProps {
  readonly one: RankedSpacer;
  readonly units: ScreenUnits;
  readonly progress: SpacerProgress;
  readonly jobId: string;
  readonly spacer: Station;
  readonly list: (spacers: readonly ShelfSpacer[]) => void;
  readonly known: readonly ShelfSpacer[];
}

function SpacerOnShelf({ one, units, progress, jobId, spacer, list, known }: SpacerOnShelfProps) {
  return (
    <li className="border-edge grid grid-cols-[1fr_auto_auto] items-center gap-2 border-t py-1 first:border-t-0">
      <span>
        <span className="figure text-lg">{units.show(one.length)}</span>
        {progress.answer?.status === 'known' && (
          <span className="block text-[0.95rem]">
            {USE_WORDS[one.use]}, {units.digits(Math.abs(one.off))}{' '}
            {one.off < 0 ? 'shorter' : 'longer'}
          </span>
        )}
      </span>
      <Button
        className="min-h-12 px-3 text-base"
        onClick={() =>
          record(jobId, 'SpacerFitted', {
            stationId: spacer.id,
            length: one.length,
            uncertainty: one.uncertainty,
            trial: one.use !== 'fits',
          })
        }
      >
        {one.use === 'fits' ? 'It stays' : 'Try it'}
      </Button>
      <Button
        className="min-h-12 px-3 text-base"
        aria-label={`Take ${units.show(one.length)} off the list`}
        onClick={() => list(known.filter(({ id }) => id !== one.id))}
      >
        ✕
      </Button>
    </li>
  );
}

interface TrialsProps {
  readonly units: ScreenUnits;
  readonly trials: readonly SpacerTrial[];
  readonly inPlace: number | null;
}

/** What each spacer tried gave. */
function Trials({ units, trials, inPlace }: TrialsProps) {
  return (
    <Panel title={`Trials, ${units.unit()}`}>
      <table className="w-full border-collapse text-lg">
        <tbody>
          {trials
            .toSorted((a, b) => b.length - a.length)
            .map((trial) => (
              <tr key={trial.length} className="border-edge border-t first:border-t-0">
                <td className="figure py-1">
                  {units.digits(trial.length)}
                  {trial.length === inPlace && <span className="small-label"> in now</span>}
                </td>
                <td className="py-1">{trial.feel === 'loose' ? 'loose' : 'tight'}</td>
                <td className="figure py-1 text-right">
                  {trial.play !== null
                    ? `play ${units.digits(trial.play.value)}`
                    : trial.torque === null
                      ? 'only felt'
                      : units.show(trial.torque, 'torque')}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </Panel>
  );
}
