import type { ReadingPhase } from '@wendaxis/core/job';

import { MainAction, SideAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import type { useTypedReading } from './useTypedReading.ts';

/** What a reading is called in each phase. */
export const PHASE_NAMES = { zero: 'zero', lift: 'lift', return: 'return' } as const;

interface TakeProps {
  readonly entry: Pick<
    ReturnType<typeof useTypedReading>,
    'pending' | 'capture' | 'streams' | 'text'
  >;
  readonly phase: ReadingPhase;
  readonly main: boolean;
  readonly form: string;
}

/** What one press says where the needle is read by eye: it was set to zero, or it came back to it. Null: only a number will do. */
const AT_ZERO = { zero: 'It reads 0', lift: null, return: 'Back at 0' } as const;

/** Taking the reading: the one thing to do, until a verdict can be accepted. */
export function TakeAction({ entry, phase, main, form }: TakeProps) {
  const words = entry.pending ? 'Taking the next one…' : `Take ${PHASE_NAMES[phase]}`;
  if (!main)
    return (
      <SideAction>
        <Button onClick={entry.capture} disabled={!entry.streams} shortcut="Space">
          {words}
        </Button>
      </SideAction>
    );
  if (entry.streams)
    return (
      <MainAction onClick={entry.capture} shortcut="Space">
        {words}
      </MainAction>
    );
  if (entry.text.trim() !== '') return <MainAction form={form}>Record it</MainAction>;
  return (
    <MainAction form={form} blocked={AT_ZERO[phase] === null ? 'Type the reading' : null}>
      {AT_ZERO[phase] ?? words}
    </MainAction>
  );
}
