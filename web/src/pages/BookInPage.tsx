import { useMemo, useState, type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v4 as uuid } from 'uuid';

import { InputError } from '@wendaxis/core/faults';
import type { JobScope } from '@wendaxis/core/job';
import { TEMPLATE_TABLE, type Unit } from '@wendaxis/core/unit';

import { useWorkshop } from '../stores/useWorkshop.ts';
import { AxisView } from '../features/axis/AxisView.tsx';
import { BearingFields } from '../features/describe/BearingFields.tsx';
import { NO_BEARING } from '../features/describe/bearingEntry.ts';
import { Beginnings } from '../features/describe/Beginnings.tsx';
import { beginUnit, unitFromFile, type Beginning } from '../features/describe/bookIn.ts';
import { TextField } from '../ui/TextField.tsx';
import { useCopiedUnit } from '../features/describe/useCopiedUnit.ts';
import { record } from '../stores/jobSync.ts';
import { Button } from '../ui/Button.tsx';
import { Choice } from '../ui/Choice.tsx';
import { Notice } from '../ui/Notice.tsx';
import { QuantityField } from '../ui/QuantityField.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { faultsWords } from '../wording/faultWords.ts';

const SCOPES = [
  { value: 'overhaul', words: 'All of it', note: 'strip, inspect, seat, set, close' },
  { value: 'setPlay', words: 'Only set the play', note: 'measure, choose a pack, prove' },
] as const satisfies readonly { value: JobScope; words: string; note: string }[];

/** Book a job in: what the unit is, why it is open, how its bearings stand. The section grows as it is filled in. */
export function BookInPage() {
  const units = useUnits();
  const { system } = units;
  const navigate = useNavigate();
  const [query] = useSearchParams();
  const copied = useCopiedUnit(query.get('copy'));
  const own = useWorkshop().data?.templates ?? [];
  const [picked, setPicked] = useState<(Beginning & { readonly value: string }) | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [name, setName] = useState('');
  const [reason, setReason] = useState('');
  const [scope, setScope] = useState<JobScope>('overhaul');
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
  const ready = unit !== null && name.trim() !== '';

  function submit(event: FormEvent): void {
    event.preventDefault();
    if (!ready) return;
    const jobId = uuid();
    record(jobId, 'JobOpened', {
      unit: { ...unit, name: name.trim() },
      reason: reason.trim(),
      scope,
    });
    if (practice) record(jobId, 'PracticeMarked', { reason: '' });
    void navigate(`/jobs/${jobId}`);
  }

  function readFile(text: string, fileName: string): void {
    const read = unitFromFile(text);
    if (read instanceof InputError)
      return setRefused(`${fileName} is refused: ${faultsWords(read.faults, units)}`);
    setRefused(null);
    setPicked({ from: 'unit', words: `${read.name}, from ${fileName}`, unit: read, value: 'unit' });
    if (name.trim() === '') setName(read.name);
  }

  return (
    <main className="p-5">
      <form onSubmit={submit} className="grid gap-4 lg:grid-cols-[1.25fr_1fr]">
        <div className="grid content-start gap-3">
          <h1 className="m-0 text-[2.1rem] leading-tight">Book a job in</h1>
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField label="What is it" value={name} onChange={setName} max={80} />
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
        <div className="grid content-start gap-3">
          {beginning.from === 'template' && (
            <div className="grid gap-3 sm:grid-cols-2">
              <BearingFields
                label={TEMPLATE_TABLE[beginning.template].ends[0]}
                entry={left}
                onEntry={setLeft}
              />
              <BearingFields
                label={TEMPLATE_TABLE[beginning.template].ends[1]}
                entry={right}
                onEntry={setRight}
              />
            </div>
          )}
          {beginning.from === 'template' && (
            <QuantityField
              label="Distance between them, face to face"
              text={span}
              onText={setSpan}
            />
          )}
          {beginning.from === 'unit' && (
            <p className="m-0 text-lg font-semibold">{beginning.words}</p>
          )}
          <Preview result={result} />
          <Choice
            label="How much of it"
            value={scope}
            onChange={(value) => setScope(value as JobScope)}
            options={SCOPES}
          />
          <label className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="accent-brass-edge size-6"
              checked={practice}
              onChange={(event) => setPractice(event.target.checked)}
            />
            For practice: readings may come from simulated instruments, and it is no record of a
            real unit
          </label>
          <Button kind="main" type="submit" className="min-h-16 text-2xl" disabled={!ready}>
            Book it in
          </Button>
          <p className="m-0 text-base">
            Everything can be described further afterwards, station by station. The unit maker’s
            manual, local rules and licensed practice come first.
          </p>
        </div>
      </form>
    </main>
  );
}

/** The section of the unit as far as it is entered, or what is wrong with it. */
function Preview({ result }: { readonly result: Unit | InputError | null }) {
  const units = useUnits();
  const [selected, setSelected] = useState<string | null>(null);
  if (result === null)
    return (
      <div className="bg-plate text-scribe grid min-h-40 content-center rounded-[3px] p-4 text-center text-lg">
        What stands at both ends and how far apart: then the section is drawn here.
      </div>
    );
  if (result instanceof InputError)
    return (
      <div role="alert" className="bg-plate text-scribe rounded-[3px] p-4 text-lg">
        {faultsWords(result.faults, units)}
      </div>
    );
  const [axis] = result.axes;
  if (axis === undefined) return null;
  const name = axis.stations.find(({ id }) => id === selected)?.name;
  return (
    <div className="bg-plate text-scribe on-plate plate rounded-[3px] p-3">
      <AxisView axis={axis} selected={selected} onSelect={setSelected} size="small" />
      <p className="m-0 min-h-6 font-semibold" aria-live="polite">
        {name}
      </p>
    </div>
  );
}
