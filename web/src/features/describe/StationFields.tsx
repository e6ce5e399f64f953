import type { Dispatch, SetStateAction } from 'react';
import {
  DETAIL_TABLE,
  isDrawn,
  SIZE_NAMES,
  SIZE_WORDS,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type DetailName,
  type SizeName,
  type Station,
  type StationKind,
  type Unit,
} from '@wendaxis/core/unit';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import type { StationEdits } from './stationEntry.ts';
import { TextField } from '../../ui/TextField.tsx';
import type { BearingDimensions } from '@wendaxis/core/bearings';

interface StationFieldsProps {
  readonly kind: StationKind;
  readonly setEdits: Dispatch<SetStateAction<StationEdits>>;
  readonly edits: StationEdits;
  readonly text: (name: SizeName | 'name' | 'partId') => string;
  readonly set: (name: keyof StationEdits['texts']) => (text: string) => void;
  readonly station: Station;
  readonly unit: Unit;
  readonly decoded: BearingDimensions | null;
  readonly shown: (name: DetailName) => string;
}

/** Every size and fact of a station. */
export function StationFields({
  kind,
  setEdits,
  edits,
  text,
  set,
  station,
  unit,
  decoded,
  shown,
}: StationFieldsProps) {
  return (
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
      {decoded !== null && <TakeDecoded setEdits={setEdits} edits={edits} decoded={decoded} />}
      {SIZE_NAMES.map((name) => (
        <div key={name} data-field={name}>
          <SizeField station={station} name={name} text={text(name)} onText={set(name)} />
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
  );
}

interface SizeFieldProps {
  readonly station: Station;
  readonly name: SizeName;
  readonly text: string;
  readonly onText: (text: string) => void;
}

/** A size; one that nobody has said is empty, and says how large it is drawn. */
function SizeField({ station, name, text, onText }: SizeFieldProps) {
  const units = useUnits();
  const drawn = isDrawn(station, name);
  return (
    <QuantityField
      label={SIZE_WORDS[name]}
      text={text}
      onText={onText}
      {...(drawn ? { whenEmpty: `Not known: drawn as ${units.show(station[name])}` } : {})}
    />
  );
}

interface TakeDecodedProps {
  readonly setEdits: Dispatch<SetStateAction<StationEdits>>;
  readonly edits: StationEdits;
  readonly decoded: BearingDimensions;
}

function TakeDecoded({ setEdits, edits, decoded }: TakeDecodedProps) {
  return (
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
  );
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
