import { useId, useRef, useState, type FormEvent, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';

import { MICROMETER_UNCERTAINTY } from '@wendaxis/core/measure';
import type { MeasuredPiece } from '@wendaxis/core/job';
import { micrometres, packThickness } from '@wendaxis/core/shims';

import { record } from '../stores/jobSync.ts';
import { MainAction } from '../ui/ActionBar.tsx';
import { QuantityField, readField } from '../ui/QuantityField.tsx';
import { focusOnOpen } from '../ui/TextField.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';
import { useActionHere } from './useActionHere.ts';
import { Main } from '../ui/Main.tsx';

/** A piece may be from one micrometre to 20 mm. */
const THICKEST = 20;

/** Enter the pack that was found in place, piece by piece. */
export function PackInPlacePage() {
  const job = useOpenJob();
  const { jobId, state } = job;
  const next = useActionHere(job);
  const navigate = useNavigate();
  const units = useUnits();
  const [texts, setTexts] = useState<readonly string[]>(['']);
  const form = useId();
  if (next.kind !== 'recordPack')
    return <NotNow title="The pack in place is known" jobId={jobId} />;
  const readings = texts.map((text) => readField(text, 'length', units.system));
  const values = readings.flatMap((reading) =>
    reading.status === 'read' ? [micrometres(reading.quantity.value) / 1000] : [],
  );
  const bad =
    readings.some(({ status }) => status === 'unreadable') ||
    values.some((value) => value <= 0 || value > THICKEST);
  const pieces = toPieces(values);
  const save = (): void => {
    record(jobId, 'PackRecorded', { siteId: next.site.id, pieces });
    void navigate(`/jobs/${jobId}/step`);
  };
  const change = (at: number) => (text: string) => {
    const changed = texts.map((old, index) => (index === at ? text : old));
    setTexts(changed.at(-1) === '' ? changed : [...changed, '']);
  };
  return (
    <Main title={`Pack in place · ${state.unit!.name}`} className="grid max-w-3xl gap-4 p-6">
      <div>
        <h1 className="m-0 text-[2.3rem] leading-tight">Measure the pack in place</h1>
        <p className="m-0 text-xl">
          {next.site.name} of {state.unit!.name}. Wipe each piece and measure it alone, at three
          places.
        </p>
      </div>
      <PieceFields texts={texts} change={change} form={form} />
      {bad && (
        <p role="alert" className="text-bad m-0 font-semibold">
          Each piece: more than 0, at most {units.show(THICKEST)}.
        </p>
      )}
      <p className="m-0 text-2xl">
        Together <span className="figure">{units.show(packThickness(pieces))}</span>
      </p>
      <p className="small-label m-0">
        Each piece is taken as known to ±{' '}
        {units.show(2 * MICROMETER_UNCERTAINTY.shim, 'length', units.system === 'metric' ? 3 : 5)}{' '}
        (twice the standard uncertainty of a shop micrometer; rule of this program).
      </p>
      <RecordPack blocked={bad || pieces.length === 0} form={form} save={save} />
    </Main>
  );
}

interface RecordPackProps {
  readonly blocked: boolean;
  readonly form: string;
  readonly save: () => void;
}

function RecordPack({ blocked, form, save }: RecordPackProps) {
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!blocked) save();
  };
  return (
    <>
      <form id={form} onSubmit={submit} />
      <MainAction form={form} blocked={blocked ? 'Enter each piece' : null}>
        Record the pack
      </MainAction>
    </>
  );
}

interface PieceFieldsProps {
  readonly texts: readonly string[];
  readonly change: (at: number) => (text: string) => void;
  /** Id of the form that records the pack. */
  readonly form: string;
}

/** A field for each piece. Enter goes on to the next; from the empty one at the end it records the pack. */
function PieceFields({ texts, change, form }: PieceFieldsProps) {
  const fields = useRef<HTMLDivElement>(null);
  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>): void => {
    if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
    event.preventDefault();
    const all = [...(fields.current?.querySelectorAll('input') ?? [])];
    const sender = document.getElementById(form);
    if (event.target.value !== '') all[all.indexOf(event.target) + 1]?.focus();
    else if (sender instanceof HTMLFormElement) sender.requestSubmit();
  };
  return (
    <div ref={fields} onKeyDown={onKeyDown} className="grid gap-3 sm:grid-cols-2">
      {texts.map((text, index) => (
        <QuantityField
          key={index}
          label={`Piece ${index + 1}`}
          text={text}
          onText={change(index)}
          optional={index > 0}
          {...(index === 0 ? { inputRef: focusOnOpen } : {})}
        />
      ))}
    </div>
  );
}

function toPieces(values: readonly number[]): readonly MeasuredPiece[] {
  return [...new Set(values)].map((thickness) => ({
    sizeId: `found-${thickness.toFixed(3)}`,
    thickness,
    quantity: values.filter((value) => value === thickness).length,
    uncertainty: MICROMETER_UNCERTAINTY.shim,
  }));
}
