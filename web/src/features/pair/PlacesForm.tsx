import { useId, useState, type FormEvent } from 'react';

import { requirePlaces, type BacklashContact, type CarrierHold } from '@wendaxis/core/gears';
import { InputError } from '@wendaxis/core/faults';
import type { JobState } from '@wendaxis/core/job';
import { builtPlay, meshAt, type Step, specOf } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { faultWords } from '../../wording/faultWords.ts';
import { PairLink } from './PairLink.tsx';
import { HOLD_WORDS } from './pairWords.ts';
import { PlacesVerdict } from './PlacesVerdict.tsx';
import { cardOf } from '../setting/cardOf.ts';
import { useInstrument } from './useInstrument.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** What was typed at a place of the gear. */
interface TypedPlace {
  readonly angle: number;
  readonly value: string;
  readonly face: string;
}
const QUARTERS: readonly TypedPlace[] = [0, 90, 180, 270].map(emptyPlace);

function emptyPlace(angle: number): TypedPlace {
  return { angle, value: '', face: '' };
}

/** Backlash at places round the ring gear: four at least, the smallest governs. */
export function PlacesForm({ jobId, step, state }: Props) {
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const spec = specOf(state, axis.id, 'backlash');
  if (spec === null) return <Notice title="Enter the backlash limits first" />;
  return (
    <div className="grid gap-4">
      <PlacesVerdict jobId={jobId} state={state} axis={axis} stage={step.stage ?? 'final'} />
      <PlacesEntry jobId={jobId} step={step} state={state} axis={axis} specId={spec.specId} />
      <PairLink jobId={jobId} state={state} axis={axis} />
    </div>
  );
}

/** How the carrier stands, as far as the plan tells: nothing while it is as found. */
function firstHold({ stage }: Step, play: number | null): CarrierHold | '' {
  if (stage === 'asFound') return '';
  return stage === 'trial' && (play ?? 1) > 0 ? 'other' : 'preload';
}

interface EntryProps extends Props {
  readonly axis: Axis;
  readonly specId: string;
}

function PlacesEntry({ jobId, step, state, axis, specId }: EntryProps) {
  const units = useUnits();
  const form = useId();
  const [places, setPlaces] = useState(QUARTERS);
  const [held, setHeld] = useState(() =>
    firstHold(step, builtPlay(state, axis, 'endPlay')?.value ?? null),
  );
  const { instrument, field, without } = useInstrument('indicator');
  if (instrument === null) return without;
  const contact = meshAt(state.unit!, axis)?.mesh.contact ?? 'squareToFlank';
  const read = readPlaces(places, units.system);
  const refused = read === null ? null : refusalOf(read);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (read === null || read.length === 0 || refused !== null || held === '') return;
    const stage = step.stage ?? 'final';
    const card = cardOf(instrument);
    record(jobId, 'BacklashRead', {
      specId,
      stage,
      held,
      contact,
      places: read,
      instrument: card,
    });
    setPlaces(QUARTERS);
  };
  return (
    <form id={form} onSubmit={submit} className="grid gap-3" aria-label="Backlash round the gear">
      <div className="grid gap-3 sm:grid-cols-2">
        {field}
        <SelectField
          label="The carrier is held"
          value={held}
          onChange={(value) => setHeld(value as CarrierHold)}
          options={Object.entries(HOLD_WORDS)}
          {...(held === '' ? { unknown: 'Say how it stands' } : {})}
        />
      </div>
      <PlaceFields places={places} onPlaces={setPlaces} />
      {refused !== null && (
        <p role="alert" className="text-bad m-0 font-semibold">
          {faultWords(refused.faults[0]!, units)}
        </p>
      )}
      <p className="m-0">{CONTACT_HOW[contact]} Hold the pinion still; rock the ring gear.</p>
      <MainAction form={form} blocked={blockedBy(held, read)}>
        Record the round
      </MainAction>
    </form>
  );
}

const CONTACT_HOW: Readonly<Record<BacklashContact, string>> = {
  squareToFlank: 'Plunger square to the flank at the heel.',
  alongCircle: 'Plunger along the circle at the heel.',
};

function blockedBy(held: string, read: ReturnType<typeof readPlaces>): string | null {
  if (held === '') return 'Say how the carrier stands';
  return read === null || read.length === 0 ? 'Enter the backlash at each place' : null;
}

interface PlaceFieldsProps {
  readonly places: readonly TypedPlace[];
  readonly onPlaces: (places: readonly TypedPlace[]) => void;
}

/** A field for each place; the back of the gear beside it where that is read too. */
function PlaceFields({ places, onPlaces }: PlaceFieldsProps) {
  const [back, setBack] = useState(false);
  const set = (at: number, part: Partial<TypedPlace>): void =>
    onPlaces(places.map((place, index) => (index === at ? { ...place, ...part } : place)));
  return (
    <>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        {places.map(({ angle, value, face }, at) => (
          <div key={angle} className="grid gap-1">
            <QuantityField
              label={`At ${angle}°`}
              text={value}
              onText={(text) => set(at, { value: text })}
              quiet
            />
            {back && (
              <QuantityField
                label={`Back of the gear at ${angle}°`}
                text={face}
                onText={(text) => set(at, { face: text })}
                optional
                quiet
              />
            )}
          </div>
        ))}
      </div>
      <div className="flex flex-wrap gap-3">
        {places.length < 8 && (
          <Button onClick={() => onPlaces(between(places))}>Eight places</Button>
        )}
        <Button aria-pressed={back} onClick={() => setBack(!back)}>
          {back ? '✓ ' : ''}The back of the gear too
        </Button>
      </div>
    </>
  );
}

/** A place half way between each two, what was typed kept. */
function between(places: readonly TypedPlace[]): readonly TypedPlace[] {
  const step = 360 / places.length;
  return places.flatMap((place) => [place, emptyPlace(place.angle + step / 2)]);
}

/** The places that were typed; null where one cannot be read. */
function readPlaces(places: readonly TypedPlace[], system: Parameters<typeof readField>[2]) {
  const typed = places.filter(({ value }) => value.trim() !== '');
  const read = typed.flatMap(({ angle, value, face }) => {
    const [own, back] = [readField(value, 'length', system), readField(face, 'length', system)];
    if (own.status !== 'read' || back.status === 'unreadable') return [];
    return [
      {
        angle,
        value: own.quantity.value,
        face: back.status === 'read' ? back.quantity.value : null,
      },
    ];
  });
  return read.length === typed.length ? read : null;
}

function refusalOf(places: NonNullable<ReturnType<typeof readPlaces>>): InputError | null {
  if (places.length === 0) return null;
  try {
    requirePlaces(places);
    return null;
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
