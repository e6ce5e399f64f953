import {
  type Dispatch,
  type SetStateAction,
  useEffect,
  useId,
  useRef,
  useState,
  type FormEvent,
} from 'react';
import {
  DETAIL_TABLE,
  geometryFaults,
  type DetailName,
  type SizeName,
  type Station,
  type Unit,
} from '@wendaxis/core/unit';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import {
  editStation,
  NO_EDITS,
  sizesFrom,
  type EditedStation,
  type StationEdits,
} from './stationEntry.ts';
import { faultsWords, faultWords } from '../../wording/faultWords.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { StationFields } from './StationFields.tsx';

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
  const id = useId();
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (field === null) return;
    form.current?.querySelector<HTMLElement>(`[data-field="${field}"] :is(input, select)`)?.focus();
  }, [field]);
  const now = editedStation({ edits, station, unit, units, setEdits });

  function submit(event: FormEvent): void {
    event.preventDefault();
    if (now.edited.status !== 'sound' || !now.changed) return;
    onRecord(now.edited.station);
    setEdits(NO_EDITS);
  }

  return (
    <form
      id={id}
      ref={form}
      onSubmit={submit}
      className="grid gap-3"
      aria-label={`Describe ${station.name}`}
    >
      {now.faults.map((fault) => (
        <p key={fault.field} role="alert" className="text-bad m-0 font-semibold">
          {faultWords(fault, units)}
        </p>
      ))}
      <StationFields
        kind={now.kind}
        setEdits={setEdits}
        edits={edits}
        text={now.text}
        set={now.set}
        station={station}
        unit={unit}
        decoded={now.decoded}
        shown={(name) => shownDetail(station, name, units)}
      />
      {now.edited.status === 'faulty' && now.changed && (
        <p role="alert" className="text-bad m-0 font-semibold">
          {faultsWords(now.edited.faults, units)}
        </p>
      )}
      <StationSave
        form={id}
        changed={now.changed}
        edited={now.edited}
        onCopy={onCopy}
        onRemove={onRemove}
      />
    </form>
  );
}

interface EditedStationInput {
  readonly edits: StationEdits;
  readonly station: Station;
  readonly unit: Unit;
  readonly units: ScreenUnits;
  readonly setEdits: Dispatch<SetStateAction<StationEdits>>;
}

function editedStation({ edits, station, unit, units, setEdits }: EditedStationInput) {
  const kind = edits.kind ?? station.kind;
  const parts = new Set(unit.parts.map(({ id }) => id));
  const edited = editStation(station, edits, parts, units.system);
  const changed = edits.kind !== undefined || Object.keys(edits.texts).length > 0;
  const faults = geometryFaults(unit)[station.id] ?? [];
  const set = (name: keyof StationEdits['texts']) => (text: string) =>
    setEdits({ ...edits, texts: { ...edits.texts, [name]: text } });
  const text = (name: SizeName | 'name' | 'partId') =>
    edits.texts[name] ??
    (station.drawn?.some((drawn) => drawn === name)
      ? ''
      : typeof station[name] === 'number'
        ? units.show(station[name])
        : station[name]);
  const decoded = sizesFrom(edits.texts.designation ?? station.designation ?? '', station);
  return { edited, changed, faults, kind, text, set, decoded };
}

/** Why there is nothing to record; null where there is. */
function notYet(changed: boolean, edited: EditedStation): string | null {
  if (!changed) return 'Nothing is changed';
  return edited.status === 'faulty' ? 'Something is wrong with it' : null;
}

interface StationSaveProps {
  readonly form: string;
  readonly changed: boolean;
  readonly edited: EditedStation;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
}

function StationSave({ form, changed, edited, onCopy, onRemove }: StationSaveProps) {
  return (
    <div className="flex flex-wrap gap-3">
      <MainAction form={form} blocked={notYet(changed, edited)}>
        Record the station
      </MainAction>
      <Button onClick={onCopy}>Copy</Button>
      <Button onClick={onRemove}>Remove</Button>
    </div>
  );
}

/** A detail of a station as its field shows it. */
function shownDetail(station: Station, name: DetailName, units: ScreenUnits): string {
  const value = station[name];
  const row = DETAIL_TABLE[name];
  if (value === undefined) return '';
  return row.type === 'number' && !row.whole
    ? units.show(value as number, row.quantity)
    : String(value);
}
