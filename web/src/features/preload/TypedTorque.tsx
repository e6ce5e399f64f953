import type { Dispatch, SetStateAction, ReactNode } from 'react';
import { Button } from '../../ui/Button.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { SimulatedSign } from '../bench/SimulatedSign.tsx';
import type { LiveReading } from '../bench/useDevice.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface TypedTorqueProps {
  readonly children: ReactNode;
  readonly cord: boolean;
  readonly text: string;
  readonly setText: Dispatch<SetStateAction<string>>;
  readonly arm: { radius: string; cord: string };
  readonly setArm: Dispatch<SetStateAction<{ radius: string; cord: string }>>;
}

/** A torque, or the pull of a scale and its arm, typed by hand. */
export function TypedTorque({ children, cord, text, setText, arm, setArm }: TypedTorqueProps) {
  return (
    <div className="flex flex-wrap items-start gap-3">
      <div className="w-56">{children}</div>
      <div className="w-48">
        <QuantityField
          label={cord ? 'Pull in steady turning' : 'Or type it, steady'}
          kind={cord ? 'force' : 'torque'}
          text={text}
          onText={setText}
        />
      </div>
      {cord && (
        <>
          <div className="w-36">
            <QuantityField
              label="Radius under the cord"
              text={arm.radius}
              onText={(radius) => setArm({ ...arm, radius })}
            />
          </div>
          <div className="w-36">
            <QuantityField
              label="Thickness of the cord"
              text={arm.cord}
              onText={(thick) => setArm({ ...arm, cord: thick })}
            />
          </div>
        </>
      )}
    </div>
  );
}

interface LiveTorqueProps {
  readonly live: LiveReading;
  readonly units: ScreenUnits;
  readonly send: (reading: number, steady: boolean, words: string | null) => void;
}

/** What the wrench that is connected says now. */
export function LiveTorque({ live, units, send }: LiveTorqueProps) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span
        className="figure min-w-40 text-[2.3rem] leading-none"
        role="status"
        aria-label="Live reading"
      >
        {live.value === null ? '…' : units.show(live.value, 'torque')}
      </span>
      {live.simulated && <SimulatedSign />}
      <Button
        disabled={live.value === null}
        onClick={() => live.value !== null && send(live.value, false, null)}
      >
        Breakaway
      </Button>
    </div>
  );
}
