import { useMemo, useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';

import { describeFault, InputError } from '@wendaxis/core/faults';
import { unitFromTemplate, type Unit, type UnitTemplate } from '@wendaxis/core/unit';

import { AxisView } from '../features/axis/AxisView.tsx';
import { BearingFields } from '../features/describe/BearingFields.tsx';
import { NO_BEARING, readBearing } from '../features/describe/bearingEntry.ts';
import { record } from '../stores/jobSync.ts';
import { Button } from '../ui/Button.tsx';
import { Choice } from '../ui/Choice.tsx';
import { QuantityField, readField } from '../ui/QuantityField.tsx';
import { useUnits } from '../ui/useUnits.ts';

const TEMPLATES: readonly {
  readonly value: UnitTemplate;
  readonly words: string;
  readonly note: string;
}[] = [
  { value: 'coverShims', words: 'Cover shims', note: 'tapered rollers face to face' },
  {
    value: 'coneSpacerShims',
    words: 'Cone spacer with shims',
    note: 'tapered rollers back to back',
  },
  { value: 'thrustWasher', words: 'Thrust washer', note: 'shaft between thrust faces' },
];

/** Book a job in: what the unit is, why it is open, how its bearings stand. The section grows as it is filled in. */
export function BookInPage() {
  const { system } = useUnits();
  const navigate = useNavigate();
  const [template, setTemplate] = useState<UnitTemplate>('coverShims');
  const [name, setName] = useState('');
  const [reason, setReason] = useState('');
  const [left, setLeft] = useState(NO_BEARING);
  const [right, setRight] = useState(NO_BEARING);
  const [span, setSpan] = useState('');
  const [selected, setSelected] = useState<string | null>(null);
  const result = useMemo(() => {
    const bearings = { left: readBearing(left, system), right: readBearing(right, system) };
    const distance = readField(span, 'length', system);
    if (bearings.left === null || bearings.right === null || distance.status !== 'read')
      return null;
    return build(template, {
      name: name.trim() === '' ? 'Unnamed' : name,
      left: bearings.left,
      right: bearings.right,
      span: distance.quantity.value,
    });
  }, [template, name, left, right, span, system]);
  const ready = result !== null && !(result instanceof InputError) && name.trim() !== '';

  function submit(event: FormEvent): void {
    event.preventDefault();
    if (!ready) return;
    const jobId = uuid();
    record(jobId, 'JobOpened', { unit: result as Unit, reason: reason.trim() });
    void navigate(`/jobs/${jobId}`);
  }

  return (
    <main className="p-6">
      <form onSubmit={submit} className="grid gap-4 lg:grid-cols-[1.25fr_1fr]">
        <div className="grid content-start gap-4">
          <h1 className="m-0 text-[2.3rem] leading-tight">Book a job in</h1>
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField label="What is it" value={name} onChange={setName} max={80} />
            <TextField label="Why is it open" value={reason} onChange={setReason} max={300} />
          </div>
          <Choice
            label="What sets its play"
            value={template}
            onChange={(value) => setTemplate(value as UnitTemplate)}
            options={TEMPLATES}
          />
          <div className="grid gap-3 sm:grid-cols-2">
            <BearingFields label="Left bearing" entry={left} onEntry={setLeft} />
            <BearingFields label="Right bearing" entry={right} onEntry={setRight} />
          </div>
        </div>
        <div className="grid content-start gap-4">
          <div className="bg-plate text-scribe on-plate grid min-h-72 content-center rounded-[3px] p-4">
            {result === null && (
              <p className="m-0 text-center text-lg">
                Both bearings and the distance between them: then the section is drawn here.
              </p>
            )}
            {result instanceof InputError && (
              <p role="alert" className="m-0 text-lg">
                {result.faults.map(describeFault).join('. ')}
              </p>
            )}
            {result !== null && !(result instanceof InputError) && (
              <AxisView axis={result.axes[0]!} selected={selected} onSelect={setSelected} />
            )}
          </div>
          {result !== null && !(result instanceof InputError) && selected !== null && (
            <p className="m-0 font-semibold" aria-live="polite">
              {result.axes[0]!.stations.find(({ id }) => id === selected)?.name}
            </p>
          )}
          <QuantityField
            label="Distance between the bearings, face to face"
            text={span}
            onText={setSpan}
          />
          <Button kind="main" type="submit" className="min-h-16 text-2xl" disabled={!ready}>
            Book it in
          </Button>
          <p className="m-0 text-base">
            The band and the pack in place come next. The unit maker’s manual and local rules come
            first.
          </p>
        </div>
      </form>
    </main>
  );
}

function build(...args: Parameters<typeof unitFromTemplate>): Unit | InputError {
  try {
    return unitFromTemplate(...args);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

interface TextProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly max: number;
}

function TextField({ label, value, onChange, max }: TextProps) {
  return (
    <label className="grid gap-1">
      <span className="small-label">{label}</span>
      <input
        className="bg-panel border-edge min-h-12 w-full border-2 px-3 text-lg"
        maxLength={max}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
