import { useId, type Dispatch, type RefObject, type SetStateAction, type FormEvent } from 'react';
import type { ReadingPhase, Run } from '@wendaxis/core/job';
import type { ExpectedReading } from '@wendaxis/core/measure';
import { Button } from '../../ui/Button.tsx';
import { DoubtRow } from './DoubtRow.tsx';
import { HandsFree } from './HandsFree.tsx';
import { PHASE_NAMES, TakeAction } from './TakeAction.tsx';
import { QuantityField, type FieldReading } from '../../ui/QuantityField.tsx';
import type { LiveReading } from './useDevice.ts';
import { useTypedReading } from './useTypedReading.ts';

const PAD = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0', '.', '−'] as const;

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
  /** The shaft is turned under load at both its stops. */
  readonly isTurned: boolean;
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
  isTurned,
  onTake,
}: Props) {
  const entry = useTypedReading({ run, onTake, live, main, onAccept, expected, phase });
  const form = useId();
  return (
    <div className="grid gap-2">
      <TakeAction entry={entry} phase={phase} main={main} form={form} />
      <div className="flex flex-wrap items-start gap-3">
        <TypedReading
          form={form}
          submit={entry.submit}
          field={entry.field}
          names={PHASE_NAMES}
          phase={phase}
          text={entry.text}
          type={entry.type}
          typed={entry.typed}
          goesOn={entry.onEmpty !== null}
          pad={entry.pad}
          setPad={entry.setPad}
        />
        {entry.streams && (
          <HandsFree
            live={live}
            phase={phase}
            run={run}
            isTurned={isTurned}
            waits={main && entry.text === ''}
            onTake={onTake}
          />
        )}
      </div>
      <Doubts entry={entry} />
      {entry.pad && <NumberPad type={entry.type} text={entry.text} />}
      <MarkOnShaft mark={mark} onMark={onMark} />
    </div>
  );
}

interface DoubtsProps {
  readonly entry: ReturnType<typeof useTypedReading>;
}

/** What is doubtful about a typed reading. */
function Doubts({ entry }: DoubtsProps) {
  if (entry.doubt !== null)
    return (
      <DoubtRow
        doubt={entry.doubt}
        typed={entry.text}
        tooFar={entry.tooFar}
        onTake={entry.take}
        onAgain={() => {
          entry.type('');
          entry.field.current?.querySelector('input')?.focus();
        }}
      />
    );
  return entry.tooFar ? (
    <p role="alert" className="text-bad m-0 font-semibold">
      Beyond this indicator’s travel. Is the unit right?
    </p>
  ) : null;
}

interface MarkOnShaftProps {
  readonly mark: number | null;
  readonly onMark: (mark: number | null) => void;
}

/** Which mark of the shaft stands up. */
function MarkOnShaft({ mark, onMark }: MarkOnShaftProps) {
  return (
    <div role="group" aria-label="Mark on the shaft" className="flex flex-wrap items-center gap-2">
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
  );
}

interface NumberPadProps {
  readonly type: (next: string) => void;
  readonly text: string;
}

/** Keys for gloves. */
function NumberPad({ type, text }: NumberPadProps) {
  return (
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
  );
}

interface TypedReadingProps {
  /** Id of the form, for the button that sends it. */
  readonly form: string;
  readonly submit: (event: FormEvent) => void;
  readonly field: RefObject<HTMLDivElement | null>;
  readonly names: { zero: string; lift: string; return: string };
  readonly phase: ReadingPhase;
  readonly text: string;
  readonly type: (next: string) => void;
  readonly typed: FieldReading;
  /** Enter does something though nothing is typed. */
  readonly goesOn: boolean;
  readonly pad: boolean;
  readonly setPad: Dispatch<SetStateAction<boolean>>;
}

/** A reading typed by hand, in either unit. */
function TypedReading({
  form,
  submit,
  field,
  names,
  phase,
  text,
  type,
  typed,
  goesOn,
  pad,
  setPad,
}: TypedReadingProps) {
  return (
    <form
      id={form}
      onSubmit={submit}
      className="flex flex-wrap items-start gap-2"
      aria-label="Typed reading"
    >
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
        disabled={typed.status === 'unreadable' || (typed.status === 'empty' && !goesOn)}
      >
        Enter
      </Button>
      <Button className="min-h-13" aria-expanded={pad} onClick={() => setPad(!pad)}>
        Pad
      </Button>
    </form>
  );
}
