import { useCallback, useRef, useState, type FormEvent } from 'react';

import type { ReadingPhase, Run } from '@wendaxis/core/job';
import { doubtReading, type ExpectedReading, type ReadingDoubt } from '@wendaxis/core/measure';

import { Button } from '../../ui/Button.tsx';
import { useDraft } from '../../stores/useDraft.ts';
import { DoubtRow } from './DoubtRow.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import type { LiveReading } from './useDevice.ts';
import { useTake } from './useTake.ts';

const PAD = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0', '.', '−'] as const;
const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '-'] as const;
const MARKS = [null, 0, 120, 240] as const;

interface Props {
  readonly live: LiveReading;
  readonly phase: ReadingPhase;
  readonly run: Run;
  readonly mark: number | null;
  readonly onMark: (mark: number | null) => void;
  /** What the reading is expected to be; null where nothing is known yet. mm. */
  readonly expected: ExpectedReading | null;
  /** The verdict can be accepted instead; null while there is none. */
  readonly onAccept: (() => void) | null;
  /** Taking a reading is the next thing to do. */
  readonly main: boolean;
  readonly onTake: (value: number, typed: string | null) => void;
}

/** Take the reading: one key for the live value, or typed, by keyboard or by the pad. */
export function CaptureRow({
  live,
  phase,
  run,
  mark,
  onMark,
  expected,
  onAccept,
  main,
  onTake,
}: Props) {
  const { system } = useUnits();
  const [text, setText] = useDraft(`${run.runId}.${run.readings.length}`);
  const [pad, setPad] = useState(false);
  const [doubt, setDoubt] = useState<ReadingDoubt | null>(null);
  const typed = readField(text, 'length', system);
  const tooFar = typed.status === 'read' && Math.abs(typed.quantity.value) > run.instrument.range;

  const takeLive = useCallback((value: number) => onTake(value, null), [onTake]);
  const { take: capture, pending } = useTake(live, takeLive);
  const streams = live.status !== 'none' && live.status !== 'refused';
  // PageDown is what foot switches commonly send. With a verdict at hand, Enter accepts it instead.
  useShortcut(main ? [' ', 'Enter', 'PageDown'] : [' ', 'PageDown'], capture, streams);
  const field = useRef<HTMLDivElement>(null);
  // A digit typed anywhere begins a reading; the field then takes the key itself.
  useShortcut(
    DIGITS,
    useCallback(() => field.current?.querySelector('input')?.focus(), []),
    true,
    { letThrough: true },
  );

  function submit(event: FormEvent): void {
    event.preventDefault();
    // Nothing typed: the same key goes on, as it does beside the field.
    if (typed.status === 'empty') onAccept?.();
    if (typed.status !== 'read') return;
    const { value, unit } = typed.quantity;
    const bare = !/[a-zµ"″]/iu.test(text);
    const asked =
      expected === null
        ? null
        : doubtReading(value, expected, bare ? (system === 'metric' ? 'mm' : 'in') : 'written');
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
  const names = { zero: 'zero', lift: 'lift', return: 'return' };
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-start gap-3">
        <Button
          kind={main ? 'main' : 'plain'}
          className="min-h-16 flex-1 whitespace-nowrap text-2xl"
          disabled={!streams}
          onClick={capture}
          shortcut="Space"
        >
          {pending ? 'Taking the next one…' : `Take ${names[phase]}`}
        </Button>
        <form onSubmit={submit} className="flex items-start gap-2" aria-label="Typed reading">
          <div className="w-40" ref={field}>
            <QuantityField
              label={`Or type the ${names[phase]} reading`}
              text={text}
              onText={type}
              compact
            />
          </div>
          <Button
            type="submit"
            className="min-h-13"
            disabled={
              typed.status === 'unreadable' || (typed.status === 'empty' && onAccept === null)
            }
          >
            Enter
          </Button>
          <Button className="min-h-13" aria-expanded={pad} onClick={() => setPad(!pad)}>
            Pad
          </Button>
        </form>
      </div>
      {doubt !== null && (
        <DoubtRow
          doubt={doubt}
          typed={text}
          tooFar={tooFar}
          onTake={take}
          onAgain={() => {
            type('');
            field.current?.querySelector('input')?.focus();
          }}
        />
      )}
      {tooFar && doubt === null && (
        <p role="alert" className="text-bad m-0 font-semibold">
          That is beyond this indicator’s travel. Is the unit right?
        </p>
      )}
      {pad && (
        <div className="grid grid-cols-6 gap-2" role="group" aria-label="Number pad">
          {PAD.map((sign) => (
            <Button key={sign} className="!text-2xl" onClick={() => type(text + sign)}>
              {sign}
            </Button>
          ))}
          <Button className="col-span-3" onClick={() => type(text.slice(0, -1))}>
            Delete
          </Button>
          <Button className="col-span-3" onClick={() => type('')}>
            Clear
          </Button>
        </div>
      )}
      <div
        role="group"
        aria-label="Mark on the shaft"
        className="flex flex-wrap items-center gap-2"
      >
        <span className="small-label">Mark at the indicator</span>
        {MARKS.map((place) => (
          <Button
            key={String(place)}
            aria-pressed={mark === place}
            className={`!px-3 !text-base ${mark === place ? '!border-ink !bg-page' : ''}`}
            onClick={() => onMark(place)}
          >
            {place === null ? 'not marked' : `${place}°`}
          </Button>
        ))}
      </div>
    </div>
  );
}
