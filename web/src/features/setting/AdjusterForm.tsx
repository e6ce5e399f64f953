import { useId, useState, type FormEvent } from 'react';

import type { JobState, Spec } from '@wendaxis/core/job';
import { adjusterProgress, playSpec, settersOf, type Step } from '@wendaxis/core/plan';

import { turnWords, type AdjusterTurn } from '@wendaxis/core/preload';

import { record } from '../../stores/jobSync.ts';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** Turn a threaded adjuster by as much as the measured play asks for. */
export function AdjusterForm({ jobId, step, state }: Props) {
  const units = useUnits();
  const form = useId();
  const [text, setText] = useState('');
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const station = axis.stations.find(({ id }) => id === step.stationId)!;
  const spec = playSpec(state, axis.id, 'endPlay');
  const turn = adjusterProgress(state, axis, station);
  if (turn === null || spec === null)
    return (
      <Notice title="The turn cannot be worked out yet">
        The play has to be measured, and the lead of the thread described.
      </Notice>
    );
  const unit = turn.notches === null ? 'angle' : 'number';
  const planned = turn.notches ?? Math.round(turn.set * 10) / 10;
  const typed = readField(text, unit, units.system);
  const done =
    text === ''
      ? planned
      : typed.status === 'read'
        ? typed.quantity.value * Math.sign(planned || 1)
        : null;
  const usable =
    done !== null &&
    Math.abs(done) <= (turn.notches === null ? 3600 : 600) &&
    (turn.notches === null || Number.isInteger(done));
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (usable)
      record(jobId, 'AdjusterTurned', {
        stationId: station.id,
        angle: turn.notches === null ? done : (done * 360) / station.notches!,
      });
  };
  return (
    <div className="grid gap-4">
      <TurnTold turn={turn} units={units} spec={spec} alone={settersOf(axis).length < 2} />
      <form id={form} onSubmit={submit} className="flex flex-wrap items-start gap-3">
        <div className="w-52">
          <QuantityField
            label={turn.notches === null ? 'Turned by, °' : 'Turned by, notches'}
            kind={unit}
            text={text === '' ? String(Math.abs(planned)) : text}
            onText={setText}
            quiet
          />
        </div>
        <MainAction form={form} blocked={usable ? null : 'Enter how far it was turned'}>
          Turned
        </MainAction>
        {!usable && (
          <p role="alert" className="text-bad m-0 basis-full font-semibold">
            {turn.notches === null ? 'An angle up to ten turns.' : 'Whole notches.'}
          </p>
        )}
      </form>
    </div>
  );
}

interface TurnToldProps {
  readonly turn: AdjusterTurn;
  readonly units: ScreenUnits;
  readonly spec: Spec;
  /** It is the only one that is turned. */
  readonly alone: boolean;
}

/** The turn that is wanted, and why. */
function TurnTold({ turn, units, spec, alone }: TurnToldProps) {
  return (
    <div role="status" className="bg-panel border-edge grid gap-1 rounded-[3px] border-2 p-4">
      <p className="m-0 text-[2.6rem] leading-tight font-bold first-letter:uppercase">
        {turnWords(turn)}
      </p>
      <p className="m-0 text-xl">
        {turn.inwards ? 'Inwards' : 'Outwards'}: play should come to{' '}
        <span className="figure">
          {units.digits(turn.expectedPlay)} ± {units.show(turn.decision.guard)}
        </span>
        .
      </p>
      <BandStrip
        band={spec.band}
        value={{ low: turn.expectedPlay, high: turn.expectedPlay, expanded: turn.decision.guard }}
        guard={turn.decision.guard}
        word={turn.decision.word}
      />
      {turn.perNotch !== null && turn.decision.word !== 'conforms' && (
        <p className="m-0 font-semibold">
          One notch is {units.show(turn.perNotch)}: no notch lands more surely within the limits.
        </p>
      )}
      {!turn.inwards && (
        <p className="m-0 font-semibold">
          Back out further than that, then come in to the position: always from the loose side.
        </p>
      )}
      <p className="m-0">
        {alone
          ? 'Where two adjusters hold a gear, turn half here and half at the other side to keep the gear where it is.'
          : 'Play and backlash together: this side by so much, the other by what its own step says.'}
      </p>
      <Working title="Turn of the adjuster: the working" lines={turn.working} />
    </div>
  );
}
