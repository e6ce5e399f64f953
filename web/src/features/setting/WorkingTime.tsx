import { useState } from 'react';
import { v4 as uuid } from 'uuid';

import type { JobState } from '@wendaxis/core/job';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { workingSeconds } from './workingSeconds.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly stationId: string;
}

/** How long a compound or threadlocker may be worked, by its own sheet; a clock from the moment it is on. */
export function WorkingTime({ jobId, state, stationId }: Props) {
  const [minutes, setMinutes] = useState('');
  const running = state.heating.clocks.find(
    ({ kind, targetId, stoppedAt }) =>
      kind === 'compound' && targetId === stationId && stoppedAt === null,
  );
  const seconds = workingSeconds(minutes);
  if (running !== undefined)
    return (
      <Panel title="Applied: working time is running">
        <p className="m-0">
          Home and tight before the clock rings. What was not is taken off, cleaned and coated
          again.
        </p>
        <Button
          className="mt-2"
          onClick={() => record(jobId, 'ClockStopped', { clockId: running.clockId })}
        >
          Home and tight: stop the clock
        </Button>
      </Panel>
    );
  if (state.sheet.finished !== null) return null;
  return (
    <Panel title="Its working time">
      <form
        className="flex flex-wrap items-end gap-3"
        aria-label="Working time"
        onSubmit={(event) => {
          event.preventDefault();
          if (seconds === null) return;
          record(jobId, 'ClockStarted', {
            clockId: uuid(),
            kind: 'compound',
            targetId: stationId,
            seconds,
          });
        }}
      >
        <div className="w-56">
          <TextField
            label="Minutes, from its own sheet"
            value={minutes}
            onChange={setMinutes}
            max={6}
          />
        </div>
        <Button type="submit" disabled={seconds === null}>
          Applied: start the clock
        </Button>
      </form>
      <p className="m-0 min-h-6" aria-live="polite">
        {minutes.trim() !== '' && seconds === null && 'A number of minutes, more than 0 to 600.'}
      </p>
    </Panel>
  );
}
