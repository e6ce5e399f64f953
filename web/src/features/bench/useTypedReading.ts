import type { UnitSystem } from '@wendaxis/core/units';
import { useCallback, useRef, useState, type FormEvent } from 'react';
import type { ReadingPhase, Run } from '@wendaxis/core/job';
import {
  doubtReading,
  type ExpectedReading,
  type ReadingDoubt,
  type TakenIn,
} from '@wendaxis/core/measure';
import { useDraft } from '../../stores/useDraft.ts';
import { readField } from '../../ui/QuantityField.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import type { LiveReading } from './useDevice.ts';
import { useTake } from './useTake.ts';

const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '-'] as const;

interface UseTypedReadingInput {
  readonly run: Run;
  readonly onTake: (value: number, typed: string | null) => void;
  readonly live: LiveReading;
  readonly main: boolean;
  readonly onAccept: (() => void) | null;
  readonly expected: ExpectedReading | null;
  readonly phase: ReadingPhase;
}

/** What is typed, what is doubtful about it, and the keys that take it. */
export function useTypedReading({
  run,
  onTake,
  live,
  main,
  onAccept,
  expected,
  phase,
}: UseTypedReadingInput) {
  const { system } = useUnits();
  const [text, setText] = useDraft(`${run.runId}.${run.readings.length}`);
  const [pad, setPad] = useState(false);
  const [doubt, setDoubt] = useState<ReadingDoubt | null>(null);
  const typed = readField(text, 'length', system);
  const tooFar = typed.status === 'read' && Math.abs(typed.quantity.value) > run.instrument.range;

  const { capture, pending, streams, field } = useReadingKeys({ live, main, onTake });

  // Nothing typed: the same key does what the large button says.
  const isZero = main && !streams && phase !== 'lift';
  const onEmpty = onAccept ?? (isZero ? () => take(0, '0') : null);
  function submit(event: FormEvent): void {
    event.preventDefault();
    if (typed.status === 'empty') onEmpty?.();
    if (typed.status !== 'read') return;
    const { value, unit } = typed.quantity;
    const bare = isBare(text);
    const asked = expected === null ? null : doubtReading(value, expected, unitMeant(text, system));
    // A bare number far off, or one the dial cannot show: ask what was meant before it is taken.
    if (asked !== null && (asked.likely !== null || tooFar)) return setDoubt(asked);
    if (!tooFar) take(value, `${typed.quantity.typed}${bare ? ` (${unit})` : ''}`);
  }
  /** What is asked about a reading does not outlive the reading. */
  function type(next: string): void {
    setText(next);
    setDoubt(null);
  }
  function take(value: number, words: string): void {
    onTake(value, words.slice(0, 40));
    setText('');
    setDoubt(null);
  }
  return {
    onEmpty,
    streams,
    capture,
    pending,
    submit,
    field,
    text,
    type,
    typed,
    pad,
    setPad,
    doubt,
    tooFar,
    take,
  };
}

/** Whether a number was typed without its unit. */
function isBare(text: string): boolean {
  return !/[a-zµ"″]/iu.test(text);
}

/** The unit that a number was meant in: its own, or the screen's. */
export function unitMeant(text: string, system: UnitSystem): TakenIn {
  if (!isBare(text)) return 'written';
  return system === 'metric' ? 'mm' : 'in';
}

/** The keys that take a reading of the indicator, and those that begin a typed one. */
function useReadingKeys({
  live,
  main,
  onTake,
}: Pick<UseTypedReadingInput, 'live' | 'main' | 'onTake'>) {
  const takeLive = useCallback((value: number) => onTake(value, null), [onTake]);
  const { take: capture, pending } = useTake(live, takeLive);
  const streams = live.status !== 'none' && live.status !== 'refused';
  // PageDown is what foot switches commonly send. With a verdict at hand, Enter accepts it instead.
  useShortcut(main ? [' ', 'Enter', 'PageDown'] : [' ', 'PageDown'], 'Take the reading', capture, {
    enabled: streams,
  });
  const field = useRef<HTMLDivElement>(null);
  // A digit typed anywhere begins a reading; the field then takes the key itself.
  useShortcut(
    DIGITS,
    'Type a reading',
    useCallback(() => field.current?.querySelector('input')?.focus(), []),
    { letThrough: true },
  );
  return { capture, pending, streams, field };
}
