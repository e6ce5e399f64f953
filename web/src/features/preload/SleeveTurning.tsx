import type { JobState, TorqueRecord } from '@wendaxis/core/job';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { TorqueCapture } from './TorqueCapture.tsx';
import { TorqueTape } from './TorqueForm.tsx';
import type { Axis } from '@wendaxis/core/unit';

interface TurningProps {
  readonly typed: string;
  readonly planned: number;
  readonly setTyped: (text: string) => void;
  readonly nut: string;
  readonly setNut: (text: string) => void;
  readonly play: string;
  readonly setPlay: (text: string) => void;
  readonly backwards: boolean;
  readonly now: number;
  readonly jobId: string;
  readonly state: JobState;
  readonly axis: Axis;
  readonly angle: number;
  readonly number: (text: string, kind: 'angle' | 'torque' | 'length') => number | null;
  readonly rows: readonly TorqueRecord[];
  /** While there is play it says how far the nut may go: its field stands open. */
  readonly showPlay: boolean;
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
  showPlay,
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
        showPlay={showPlay}
      />
      {backwards ? (
        <p role="alert" className="text-bad m-0 text-lg font-semibold">
          Never back off to a smaller angle: what is read then says nothing, and preload is lost in
          service. The nut stands at {round(now)}°.
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
  readonly setTyped: (text: string) => void;
  readonly nut: string;
  readonly setNut: (text: string) => void;
  readonly play: string;
  readonly setPlay: (text: string) => void;
  readonly showPlay: boolean;
}

/** How far the nut has been turned. */
function NutTurn({ typed, planned, setTyped, nut, setNut, play, setPlay, showPlay }: NutTurnProps) {
  const playField = (
    <div className="w-40">
      <QuantityField label="Play left" text={play} onText={setPlay} optional />
    </div>
  );
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
      {showPlay && playField}
      <details className="min-w-48">
        <summary className="min-h-12 cursor-pointer pt-3">
          {showPlay ? 'Torque of the nut, where read' : 'Nut’s torque and play, where read'}
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
          {!showPlay && playField}
        </div>
      </details>
    </div>
  );
}

export function round(degrees: number): number {
  return Math.round(degrees);
}
