import { useCallback } from 'react';

import { cyclesOf, type ReadingPhase, type Run } from '@wendaxis/core/job';
import { stillFor } from '@wendaxis/core/measure';

import { useSettings } from '../../stores/settingsStore.ts';
import { Button } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import type { LiveReading } from './useDevice.ts';
import { useHandsFree } from './useHandsFree.ts';

interface Props {
  readonly live: LiveReading;
  readonly run: Run;
  readonly phase: ReadingPhase;
  /** A reading is the next thing to take, and none is being typed. */
  readonly waits: boolean;
  /** The shaft is turned under load at both its stops. */
  readonly isTurned: boolean;
  readonly onTake: (value: number, typed: null) => void;
}

/** Readings are taken when the needle stands still: the switch, and for how long it must. */
export function HandsFree({ live, run, phase, waits, isTurned, onTake }: Props) {
  const { handsFree, switchHandsFree } = useSettings();
  const { partial } = cyclesOf(run);
  const take = useCallback((value: number) => onTake(value, null), [onTake]);
  useHandsFree({
    live,
    enabled: handsFree && waits,
    onTake: take,
    phase,
    graduation: run.instrument.graduation,
    isTurned,
    zero: partial[0]?.value ?? null,
    lift: partial[1]?.value ?? null,
  });
  useShortcut(['h'], 'Take readings hands free, when the needle stands still', switchHandsFree);
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button
        aria-pressed={handsFree}
        className={handsFree ? '!border-ink !bg-page' : ''}
        onClick={switchHandsFree}
        shortcut="H"
      >
        {handsFree ? '✓ Hands free' : 'Hands free'}
      </Button>
      {handsFree && waits && (
        <span className="text-soft">
          Takes the {phase} once the needle stands still for {stillFor(phase, isTurned) / 1000} s.
        </span>
      )}
    </div>
  );
}
