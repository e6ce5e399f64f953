import { useEffect, useId, useMemo, useState, type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v4 as uuid } from 'uuid';

import { InputError } from '@wendaxis/core/faults';
import type { Unit } from '@wendaxis/core/unit';

import { Beginnings } from '../features/describe/Beginnings.tsx';
import { beginUnit, unitFromFile } from '../features/describe/bookIn.ts';
import {
  isUntouched,
  useBookInDraft,
  type BookInEntry,
  type Picked,
} from '../features/describe/bookInDraft.ts';
import { EndBearings } from '../features/describe/EndBearings.tsx';
import { moveOn } from '../features/describe/moveOn.ts';
import { JobFor } from '../features/describe/JobFor.tsx';
import { scopeOf } from '../features/describe/scopeEntry.ts';
import { UnitFile } from '../features/describe/UnitFile.tsx';
import { UnitPreview } from '../features/describe/UnitPreview.tsx';
import { useCopiedUnit } from '../features/describe/useCopiedUnit.ts';
import { record } from '../stores/jobSync.ts';
import { useWorkshop } from '../stores/useWorkshop.ts';
import { MainAction, SideAction } from '../ui/ActionBar.tsx';
import { Button } from '../ui/Button.tsx';
import { Main } from '../ui/Main.tsx';
import { Notice } from '../ui/Notice.tsx';
import { focusOnOpen, TextField } from '../ui/TextField.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { faultsWords } from '../wording/faultWords.ts';

const USUAL: Picked = { from: 'template', template: 'coverShims', value: 'coverShims' };

/** Book a job in: what the unit is, why it is open, how its bearings stand. The section grows as it is filled in. */
export function BookInPage() {
  const navigate = useNavigate();
  const { entry, change, clear } = useBookInDraft();
  const [query] = useSearchParams();
  const copy = query.get('copy');
  // Who asks for a copy means that unit, whatever was picked before.
  useEffect(() => {
    if (copy !== null) change({ picked: null });
  }, [copy, change]);
  const { beginning, result, given } = useBegun(entry, copy);
  const form = useId();
  const unit = result instanceof InputError ? null : result;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (unit === null || given === null || entry.name.trim() === '') return;
    const jobId = uuid();
    const [name, reason] = [entry.name.trim(), entry.reason.trim()];
    record(jobId, 'JobOpened', { unit: { ...unit, name }, reason, ...given });
    if (entry.practice) record(jobId, 'PracticeMarked', { reason: '' });
    clear();
    void navigate(`/jobs/${jobId}`);
  };
  return (
    <Main title="Book a job in" className="p-5">
      <form
        id={form}
        onSubmit={submit}
        onKeyDown={moveOn}
        className="grid gap-x-6 gap-y-4 lg:grid-cols-[1.1fr_1fr] lg:grid-rows-[auto_1fr]"
      >
        <div className="grid content-start gap-3">
          <UnitHead entry={entry} change={change} />
          <BeginFrom beginning={beginning} change={change} />
        </div>
        <div className="grid content-start gap-3 lg:col-start-2 lg:row-span-2">
          {beginning.from === 'template' ? (
            <EndBearings template={beginning.template} entry={entry} onEntry={change} />
          ) : (
            <p className="m-0 text-lg font-semibold">{beginning.words}</p>
          )}
          <UnitPreview result={result} />
        </div>
        <div className="grid content-start gap-3">
          <JobFor entry={entry.scope} onEntry={(scope) => change({ scope })} unit={unit} />
          <Practice on={entry.practice} onChange={(practice) => change({ practice })} />
        </div>
      </form>
      <MainAction form={form} blocked={missing(entry, result, given)}>
        Book it in
      </MainAction>
      {!isUntouched(entry) && (
        <SideAction>
          <Button onClick={clear}>Clear the form</Button>
        </SideAction>
      )}
    </Main>
  );
}

/** What the unit is begun from, the unit that this gives, and what the job is for. */
function useBegun(entry: BookInEntry, copy: string | null) {
  const { system } = useUnits();
  const copied = useCopiedUnit(copy);
  const { picked, name, left, right, span, scope } = entry;
  const beginning: Picked = useMemo(
    () =>
      picked ??
      (copied === null
        ? USUAL
        : { from: 'unit', words: `A copy of ${copied.name}`, unit: copied, value: 'unit' }),
    [picked, copied],
  );
  const result = useMemo(
    () => beginUnit(beginning, name, { left, right, span }, system),
    [beginning, name, left, right, span, system],
  );
  const given = useMemo(
    () => (result === null || result instanceof InputError ? null : scopeOf(result, scope)),
    [result, scope],
  );
  return { beginning, result, given };
}

/** The first thing that is still wanted; null where the job can be booked in. */
function missing(
  { name }: BookInEntry,
  result: Unit | InputError | null,
  given: ReturnType<typeof scopeOf>,
): string | null {
  if (name.trim() === '') return 'Enter the name of the unit';
  if (result instanceof InputError) return 'A size is wrong';
  if (result === null) return 'Enter the bearings and how far apart they are';
  return given === null ? 'Tap what is renewed' : null;
}

interface EntryProps {
  readonly entry: BookInEntry;
  readonly change: (part: Partial<BookInEntry>) => void;
}

function UnitHead({ entry, change }: EntryProps) {
  return (
    <>
      <BookInHead name={entry.name} change={change} />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Name of the unit"
          value={entry.name}
          onChange={(name) => change({ name })}
          max={80}
          inputRef={focusOnOpen}
        />
        <TextField
          label="Why is it open"
          value={entry.reason}
          onChange={(reason) => change({ reason })}
          max={300}
        />
      </div>
    </>
  );
}

interface BookInHeadProps {
  readonly name: string;
  readonly change: EntryProps['change'];
}

/** The heading, and a unit from a file: one that is refused says why, and changes nothing. */
function BookInHead({ name, change }: BookInHeadProps) {
  const units = useUnits();
  const [refused, setRefused] = useState<string | null>(null);
  function readFile(text: string, fileName: string): void {
    const read = unitFromFile(text);
    if (read instanceof InputError)
      return setRefused(`${fileName} is refused: ${faultsWords(read.faults, units)}`);
    setRefused(null);
    change({
      picked: { from: 'unit', words: `${read.name}, from ${fileName}`, unit: read, value: 'unit' },
      ...(name.trim() === '' ? { name: read.name } : {}),
    });
  }
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="m-0 text-[2.1rem] leading-tight">Book a job in</h1>
        <UnitFile onFile={readFile} />
      </div>
      {refused !== null && (
        <Notice tone="warn" title="This file cannot be used">
          {refused}
        </Notice>
      )}
    </>
  );
}

interface BeginFromProps {
  readonly beginning: Picked;
  readonly change: EntryProps['change'];
}

/** What the unit is begun from. */
function BeginFrom({ beginning, change }: BeginFromProps) {
  const own = useWorkshop().data?.templates ?? [];
  return (
    <Beginnings
      value={beginning.value}
      own={own}
      onTemplate={(template) => change({ picked: { from: 'template', template, value: template } })}
      onOwn={({ templateId, name: words, unit }) =>
        change({ picked: { from: 'unit', words, unit, value: `own:${templateId}` } })
      }
    />
  );
}

interface PracticeProps {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

function Practice({ on, onChange }: PracticeProps) {
  return (
    <>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="accent-brass-edge size-6 shrink-0"
          checked={on}
          onChange={(event) => onChange(event.target.checked)}
        />
        For practice: readings may come from simulated instruments, and it is no record of a real
        unit
      </label>
      <p className="m-0 text-base">
        Everything can be described further afterwards, station by station. The unit maker’s manual,
        local rules and licensed practice come first.
      </p>
    </>
  );
}
