import type { Dispatch, SetStateAction } from 'react';
import type { JobState, TorqueRecord } from '@wendaxis/core/job';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { TorqueCapture } from './TorqueCapture.tsx';
import { TorqueTape } from './TorqueForm.tsx';
import type { Axis } from '@wendaxis/core/unit';

interface TurningProps {
  readonly typed: string;
  readonly planned: number;
  readonly setTyped: Dispatch<SetStateAction<string>>;
  readonly nut: string;
  readonly setNut: Dispatch<SetStateAction<string>>;
  readonly play: string;
  readonly setPlay: Dispatch<SetStateAction<string>>;
  readonly backwards: boolean;
  readonly now: number;
  readonly jobId: string;
  readonly state: JobState;
  readonly axis: Axis;
  readonly angle: number;
  readonly number: (text: string, kind: 'angle' | 'torque' | 'length') => number | null;
  readonly rows: TorqueRecord[];
}

export function Turning({
  typed,
  planned,
  setTyped,
  nut,
  setNut,
  play,
  setPlay,
  backwards,
  now,
  jobId,
  state,
  axis,
  angle,
  number,
  rows,
}: TurningProps) {
  return (
    <>
      <NutTurn
        typed={typed}
        planned={planned}
        setTyped={setTyped}
        nut={nut}
        setNut={setNut}
        play={play}
        setPlay={setPlay}
      />
      {backwards ? (
        <p role="alert" className="text-bad m-0 text-lg font-semibold">
          Never back off: the sleeve does not come back, and preload is lost in service. The nut
          stands at {round(now)}°.
        </p>
      ) : (
        <TorqueCapture
          jobId={jobId}
          practice={state.sheet.practice}
          axisId={axis.id}
          stage="crush"
          what="bearings"
          angle={angle}
          nutTorque={number(nut, 'torque')}
          endPlay={number(play, 'length')}
        />
      )}
      <TorqueTape jobId={jobId} rows={rows} />
    </>
  );
}

interface NutTurnProps {
  readonly typed: string;
  readonly planned: number;
  readonly setTyped: Dispatch<SetStateAction<string>>;
  readonly nut: string;
  readonly setNut: Dispatch<SetStateAction<string>>;
  readonly play: string;
  readonly setPlay: Dispatch<SetStateAction<string>>;
}

/** How far the nut has been turned. */
function NutTurn({ typed, planned, setTyped, nut, setNut, play, setPlay }: NutTurnProps) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div className="w-44">
        <QuantityField
          label="Nut stands at"
          kind="angle"
          text={typed === '' ? `${round(planned)}` : typed}
          onText={setTyped}
        />
      </div>
      <details className="min-w-48">
        <summary className="min-h-12 cursor-pointer pt-3">
          Nut’s torque and play, where read
        </summary>
        <div className="flex flex-wrap gap-3">
          <div className="w-40">
            <QuantityField
              label="Torque of the nut"
              kind="torque"
              text={nut}
              onText={setNut}
              optional
            />
          </div>
          <div className="w-40">
            <QuantityField label="Play left" text={play} onText={setPlay} optional />
          </div>
        </div>
      </details>
    </div>
  );
}

export function round(degrees: number): number {
  return Math.round(degrees);
}
