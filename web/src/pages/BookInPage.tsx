import type { ScreenUnits } from '../wording/screenUnits.ts';
import {
  useId,
  type Dispatch,
  type SetStateAction,
  useMemo,
  useState,
  type FormEvent,
} from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { InputError } from '@wendaxis/core/faults';
import type { WorkshopTemplate } from '@wendaxis/core/job';
import { useWorkshop } from '../stores/useWorkshop.ts';
import { NO_BEARING } from '../features/describe/bearingEntry.ts';
import { Beginnings } from '../features/describe/Beginnings.tsx';
import { beginUnit, unitFromFile, type Beginning } from '../features/describe/bookIn.ts';
import { TextField } from '../ui/TextField.tsx';
import { useCopiedUnit } from '../features/describe/useCopiedUnit.ts';
import { record } from '../stores/jobSync.ts';
import { Notice } from '../ui/Notice.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { faultsWords } from '../wording/faultWords.ts';
import type { UnitSystem } from '@wendaxis/core/units';
import { scopeOf, WHOLE_JOB } from '../features/describe/scopeEntry.ts';
import { Scope } from '../features/describe/Scope.tsx';
import { WhatFor } from '../features/describe/WhatFor.tsx';
import { Main } from '../ui/Main.tsx';

/** Book a job in: what the unit is, why it is open, how its bearings stand. The section grows as it is filled in. */
export function BookInPage() {
  const units = useUnits();
  const { system } = units;
  const navigate = useNavigate();
  const [query] = useSearchParams();
  const entry = useBeginning({ query, system });

  const form = useId();
  function submit(event: FormEvent): void {
    event.preventDefault();
    if (entry.unit === null || entry.given === null || !entry.ready) return;
    const jobId = uuid();
    record(jobId, 'JobOpened', {
      unit: { ...entry.unit, name: entry.name.trim() },
      reason: entry.reason.trim(),
      ...entry.given,
    });
    if (entry.practice) record(jobId, 'PracticeMarked', { reason: '' });
    void navigate(`/jobs/${jobId}`);
  }

  return (
    <Main title="Book a job in" className="p-5">
      <form id={form} onSubmit={submit} className="grid gap-4 lg:grid-cols-[1.25fr_1fr]">
        <div className="grid content-start gap-4">
          <FromWhat
            name={entry.name}
            setName={entry.setName}
            reason={entry.reason}
            setReason={entry.setReason}
            beginning={entry.beginning}
            own={entry.own}
            setPicked={entry.setPicked}
            readFile={(text, fileName) => readFile(entry, text, fileName, units)}
            refused={entry.refused}
          />
          <Scope entry={entry.scope} onEntry={entry.setScope} />
        </div>
        <WhatFor
          beginning={entry.beginning}
          left={entry.left}
          setLeft={entry.setLeft}
          right={entry.right}
          setRight={entry.setRight}
          span={entry.span}
          setSpan={entry.setSpan}
          result={entry.result}
          scope={entry.scope}
          setScope={entry.setScope}
          practice={entry.practice}
          setPractice={entry.setPractice}
          ready={entry.ready}
          form={form}
        />
      </form>
    </Main>
  );
}

interface UseBeginningInput {
  readonly query: URLSearchParams;
  readonly system: UnitSystem;
}

/** What the unit is begun from, and the unit that this gives. */
function useBeginning({ query, system }: UseBeginningInput) {
  const copied = useCopiedUnit(query.get('copy'));
  const own = useWorkshop().data?.templates ?? [];
  const [picked, setPicked] = useState<(Beginning & { readonly value: string }) | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [name, setName] = useState('');
  const [reason, setReason] = useState('');
  const [scope, setScope] = useState(WHOLE_JOB);
  const [practice, setPractice] = useState(false);
  const [left, setLeft] = useState(NO_BEARING);
  const [right, setRight] = useState(NO_BEARING);
  const [span, setSpan] = useState('');
  const beginning: Beginning & { readonly value: string } = useMemo(
    () =>
      picked ??
      (copied === null
        ? { from: 'template', template: 'coverShims', value: 'coverShims' }
        : { from: 'unit', words: `A copy of ${copied.name}`, unit: copied, value: 'unit' }),
    [picked, copied],
  );
  const result = useMemo(
    () => beginUnit(beginning, name, { left, right, span }, system),
    [beginning, name, left, right, span, system],
  );
  const unit = result instanceof InputError ? null : result;
  const given = unit === null ? null : scopeOf(unit, scope);
  const ready = given !== null && name.trim() !== '';
  return {
    ready,
    unit,
    given,
    name,
    reason,
    scope,
    practice,
    setRefused,
    setPicked,
    setName,
    setReason,
    beginning,
    own,
    refused,
    left,
    setLeft,
    right,
    setRight,
    span,
    setSpan,
    result,
    setScope,
    setPractice,
  };
}

interface FromWhatProps {
  readonly name: string;
  readonly setName: Dispatch<SetStateAction<string>>;
  readonly reason: string;
  readonly setReason: Dispatch<SetStateAction<string>>;
  readonly beginning: Beginning & { readonly value: string };
  readonly own: readonly WorkshopTemplate[];
  readonly setPicked: Dispatch<SetStateAction<(Beginning & { readonly value: string }) | null>>;
  readonly readFile: (text: string, fileName: string) => void;
  readonly refused: string | null;
}

/** What the unit is begun from. */
function FromWhat({
  name,
  setName,
  reason,
  setReason,
  beginning,
  own,
  setPicked,
  readFile,
  refused,
}: FromWhatProps) {
  return (
    <div className="grid content-start gap-3">
      <h1 className="m-0 text-[2.1rem] leading-tight">Book a job in</h1>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name of the unit" value={name} onChange={setName} max={80} />
        <TextField label="Why is it open" value={reason} onChange={setReason} max={300} />
      </div>
      <Beginnings
        value={beginning.value}
        own={own}
        onTemplate={(template) => setPicked({ from: 'template', template, value: template })}
        onOwn={({ templateId, name: words, unit: kept }) =>
          setPicked({ from: 'unit', words, unit: kept, value: `own:${templateId}` })
        }
        onFile={readFile}
      />
      {refused !== null && (
        <Notice tone="warn" title="This file cannot be used">
          {refused}
        </Notice>
      )}
    </div>
  );
}

/** Begin from a unit file, or say why it is refused. */
function readFile(
  entry: ReturnType<typeof useBeginning>,
  text: string,
  fileName: string,
  units: ScreenUnits,
): void {
  const read = unitFromFile(text);
  if (read instanceof InputError)
    return entry.setRefused(`${fileName} is refused: ${faultsWords(read.faults, units)}`);
  entry.setRefused(null);
  entry.setPicked({
    from: 'unit',
    words: `${read.name}, from ${fileName}`,
    unit: read,
    value: 'unit',
  });
  if (entry.name.trim() === '') entry.setName(read.name);
}
