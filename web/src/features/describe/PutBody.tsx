import { useCallback, useId, useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import { printedSizes } from '@wendaxis/core/bearings';
import {
  KIND_OF_FAMILY,
  placeBeside,
  STATION_KIND_TABLE,
  type Axis,
  type Side,
  type Station,
  type StationKind,
  type Unit,
} from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { BodyPicture } from './BodyPicture.tsx';
import { KIND_GROUPS, type KindGroup } from './kindGroups.ts';
import { newBody, readNumber } from './newBody.ts';

/** A body that is about to be put on an axis. */
export interface BodyInHand {
  readonly kind: StationKind;
  /** What is printed on it, or its sizes. */
  readonly text: string;
}

export const FIRST_IN_HAND: BodyInHand = { kind: 'spacer', text: '' };

/** Put a body on an axis at a side of another: it, and what it pushed along, is one entry. Returns its id. */
export function putBody(
  jobId: string,
  unit: Unit,
  axis: Axis,
  { kind, text }: BodyInHand,
  beside: Station | undefined,
  side: Side,
): string {
  const id = `${kind}-${uuid().slice(0, 8)}`;
  const body = newBody(id, kind, text, beside, unit);
  const stations = placeBeside(axis, body, beside?.id ?? '', side);
  record(jobId, 'StationsPlaced', { axisId: axis.id, stations });
  return id;
}

interface Props {
  readonly unit: Unit;
  readonly body: BodyInHand;
  readonly onBody: (body: BodyInHand) => void;
  /** What it is put beside; undefined on an empty axis. */
  readonly beside: Station | undefined;
  readonly onPut: (side: Side) => void;
}

/** Pick a body, say what is printed on it, and put it at a side of what is selected on the drawing. */
export function PutBody({ unit, body, onBody, beside, onPut }: Props) {
  const form = useId();
  const wrong = notYet(body, unit);
  const putLeft = useCallback(() => {
    if (wrong === null) onPut('left');
  }, [wrong, onPut]);
  useShortcut(['l'], 'Put it to the left of what is selected', putLeft);
  const at = beside === undefined ? null : beside.name;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (wrong === null) onPut('right');
  };
  return (
    <form id={form} onSubmit={submit} className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <KindPicker kind={body.kind} onKind={(kind) => onBody({ ...body, kind })} />
      <Printed body={body} onBody={onBody} />
      <p className="m-0 text-lg">
        {at === null ? (
          'The axis is empty: this is the first on it.'
        ) : (
          <>
            It touches <strong>{at}</strong>. Tap another on the drawing, or go along it with the
            arrow keys. What is only drawn there moves aside; its own sizes come afterwards.
          </>
        )}
      </p>
      {at !== null && (
        <Button
          className="justify-self-start"
          disabled={wrong !== null}
          onClick={putLeft}
          shortcut="L"
        >
          Put it left of {at}
        </Button>
      )}
      <MainAction form={form} blocked={wrong}>
        {at === null ? 'Put it on the axis' : 'Put it to the right'}
      </MainAction>
    </form>
  );
}

/** Why it cannot be put anywhere: the bearing that its number names is of another kind, or there is no part. Null where it can. */
export function notYet({ kind, text }: BodyInHand, { parts }: Unit): string | null {
  if (parts.length === 0) return 'Add a part first: it stands on one';
  const decoded = readNumber(text);
  const isBearing = Object.values(KIND_OF_FAMILY).includes(kind);
  if (decoded?.status !== 'known' || !isBearing) return null;
  const named = KIND_OF_FAMILY[decoded.family];
  return named === kind ? null : `${decoded.designation} is another kind of bearing`;
}

function Printed({ body, onBody }: Pick<Props, 'body' | 'onBody'>) {
  const units = useUnits();
  const sizes = printedSizes(body.text);
  const digits = (mm: number): string => units.digits(mm, 'length', 2);
  return (
    <div>
      <TextField
        label="Printed on it, or its sizes: inside × outside × width"
        value={body.text}
        max={40}
        onChange={(text) => onBody({ ...body, text })}
      />
      <p className="text-soft m-0 min-h-6" aria-live="polite">
        {sizes === null
          ? 'Such as 6205, or 20x35x7. Left open, it is drawn in proportion.'
          : `${digits(sizes.bore)} × ${digits(sizes.outside)} × ${digits(sizes.width)} ${units.unit()}`}
      </p>
    </div>
  );
}

interface KindPickerProps {
  readonly kind: StationKind;
  readonly onKind: (kind: StationKind) => void;
}

const GROUPS = Object.keys(KIND_GROUPS) as readonly KindGroup[];

/** Every kind of body, by what it is for, each with its picture. */
function KindPicker({ kind, onKind }: KindPickerProps) {
  const own = GROUPS.find((name) => (KIND_GROUPS[name] as readonly StationKind[]).includes(kind))!;
  const [group, setGroup] = useState<KindGroup>(own);
  return (
    <div className="grid gap-2">
      <div role="group" aria-label="What it is for" className="flex flex-wrap gap-2">
        {GROUPS.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === group}
            className="border-edge aria-pressed:border-ink min-h-12 border-0 border-b-4 bg-transparent px-2 text-lg font-semibold"
            onClick={() => setGroup(name)}
          >
            {name}
          </button>
        ))}
      </div>
      <div role="group" aria-label="The body" className="grid grid-cols-2 gap-2">
        {KIND_GROUPS[group].map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={one === kind}
            onClick={() => onKind(one)}
            className="bg-plate text-scribe border-plate aria-pressed:border-brass flex min-h-14 items-center gap-2 rounded-[3px] border-4 px-2 text-left leading-tight font-semibold"
          >
            <BodyPicture kind={one} />
            <span className="min-w-0">
              {one === kind && <span aria-hidden="true">✓ </span>}
              {STATION_KIND_TABLE[one].words}
            </span>
          </button>
        ))}
      </div>
    </div>
  );
}
