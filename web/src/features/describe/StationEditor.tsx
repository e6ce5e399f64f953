import { useEffect, useRef, useState, type FormEvent } from 'react';

import {
  DETAIL_TABLE,
  geometryFaults,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type DetailName,
  type Station,
  type StationKind,
  type Unit,
} from '@wendaxis/core/unit';

import { Button } from '../../ui/Button.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import {
  editStation,
  NO_EDITS,
  SIZE_NAMES,
  sizesFrom,
  type SizeName,
  type StationEdits,
} from './stationEntry.ts';
import { TextField } from '../../ui/TextField.tsx';
import { faultsWords, faultWords } from '../../wording/faultWords.ts';

interface Props {
  readonly unit: Unit;
  readonly station: Station;
  /** Field to begin at, when the plan sent the mechanic here. */
  readonly field: string | null;
  readonly onRecord: (station: Station) => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
}

/** Describe a station: what it is, where it stands, and what its kind needs to be known of it. */
export function StationEditor({ unit, station, field, onRecord, onCopy, onRemove }: Props) {
  const units = useUnits();
  const [edits, setEdits] = useState<StationEdits>(NO_EDITS);
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (field === null) return;
    form.current?.querySelector<HTMLElement>(`[data-field="${field}"] :is(input, select)`)?.focus();
  }, [field]);
  const kind = edits.kind ?? station.kind;
  const parts = new Set(unit.parts.map(({ id }) => id));
  const edited = editStation(station, edits, parts, units.system);
  const changed = edits.kind !== undefined || Object.keys(edits.texts).length > 0;
  const faults = geometryFaults(unit)[station.id] ?? [];
  const set = (name: keyof StationEdits['texts']) => (text: string) =>
    setEdits({ ...edits, texts: { ...edits.texts, [name]: text } });
  const text = (name: SizeName | 'name' | 'partId') =>
    edits.texts[name] ??
    (typeof station[name] === 'number' ? units.show(station[name]) : station[name]);
  const decoded = sizesFrom(edits.texts.designation ?? station.designation ?? '', station);

  function submit(event: FormEvent): void {
    event.preventDefault();
    if (edited.status !== 'sound' || !changed) return;
    onRecord(edited.station);
    setEdits(NO_EDITS);
  }

  return (
    <form
      ref={form}
      onSubmit={submit}
      className="grid gap-3"
      aria-label={`Describe ${station.name}`}
    >
      {faults.map((fault) => (
        <p key={fault.field} role="alert" className="text-bad m-0 font-semibold">
          {faultWords(fault, units)}
        </p>
      ))}
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <SelectField
          label="Kind"
          value={kind}
          onChange={(value) => setEdits({ ...edits, kind: value as StationKind })}
          options={STATION_KINDS.map((id) => [id, STATION_KIND_TABLE[id].words])}
        />
        <TextField label="Name" value={text('name')} onChange={set('name')} max={80} />
        {STATION_KIND_TABLE[kind].details.includes('designation') && (
          <div data-field="designation">
            <TextField
              label={DETAIL_TABLE.designation.words}
              value={edits.texts.designation ?? station.designation ?? ''}
              onChange={set('designation')}
              max={40}
            />
          </div>
        )}
        <SelectField
          label="Part it stands on"
          value={text('partId')}
          onChange={set('partId')}
          options={unit.parts.map(({ id, name }) => [id, name])}
        />
        {decoded !== null && (
          <Button
            className="col-span-2"
            onClick={() =>
              setEdits({
                ...edits,
                texts: {
                  ...edits.texts,
                  inside: `${decoded.bore} mm`,
                  outside: `${decoded.outside} mm`,
                  width: `${decoded.width} mm`,
                },
              })
            }
          >
            Take its sizes: {decoded.bore} × {decoded.outside} × {decoded.width} mm
          </Button>
        )}
        {(Object.keys(SIZE_NAMES) as SizeName[]).map((name) => (
          <div key={name} data-field={name}>
            <QuantityField label={SIZE_NAMES[name]} text={text(name)} onText={set(name)} />
          </div>
        ))}
        {STATION_KIND_TABLE[kind].details
          .filter((name) => name !== 'designation')
          .map((name) => (
            <div key={name} data-field={name} className="min-w-0">
              <DetailField
                name={name}
                value={edits.texts[name] ?? shown(name)}
                onChange={set(name)}
              />
            </div>
          ))}
      </div>
      {edited.status === 'faulty' && changed && (
        <p role="alert" className="text-bad m-0 font-semibold">
          {faultsWords(edited.faults, units)}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button
          kind="main"
          type="submit"
          className="text-xl"
          disabled={!changed || edited.status === 'faulty'}
        >
          Record it
        </Button>
        <Button onClick={onCopy}>Copy</Button>
        <Button onClick={onRemove}>Remove</Button>
      </div>
    </form>
  );

  function shown(name: DetailName): string {
    const value = station[name];
    const row = DETAIL_TABLE[name];
    if (value === undefined) return '';
    return row.type === 'number' && !row.whole
      ? units.show(value as number, row.quantity)
      : String(value);
  }
}

interface DetailProps {
  readonly name: DetailName;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

function DetailField({ name, value, onChange }: DetailProps) {
  const row = DETAIL_TABLE[name];
  if (row.type === 'number')
    return (
      <QuantityField
        label={row.words}
        kind={row.quantity}
        text={value}
        onText={onChange}
        optional
      />
    );
  if (row.type === 'choice')
    return (
      <SelectField
        label={row.words}
        value={value}
        onChange={onChange}
        options={row.values.map((id) => [id, row.valueWords[id] ?? id])}
        unknown="not known"
      />
    );
  return <TextField label={row.words} value={value} onChange={onChange} max={row.longest} />;
}
