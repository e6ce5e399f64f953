import { type Dispatch, type SetStateAction, useState } from 'react';
import { v4 as uuid } from 'uuid';

import type { Run, RunStage, WorkshopInstrument } from '@wendaxis/core/job';
import { isSimulated } from '@wendaxis/core/devices';
import { ANGLE_TO_MEND, contactsOf, type IndicatorContact } from '@wendaxis/core/measure';

import { useWorkshop, type OpenWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { MainAction, SideAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { offeredDevice } from './offeredDevice.ts';
import type { UnitSystem } from '@wendaxis/core/units';

const CONTACTS: readonly { readonly contact: IndicatorContact; readonly words: string }[] = [
  { contact: 'faceSquareToTravel', words: 'Plunger on the shaft end' },
  { contact: 'lever', words: 'Lever indicator' },
  { contact: 'faceSquareToPlunger', words: 'Plunger square on a slanted face' },
];

interface Props {
  readonly jobId: string;
  readonly specId: string;
  readonly stage: RunStage;
  /** A practice job: stand-ins may send readings. */
  readonly practice: boolean;
  /** The last run of the job: its indicator, as it stood, is offered first. Undefined where there was none. */
  readonly last: Run | undefined;
}

/** How an indicator is read in this job. */
function deviceNote(deviceId: string | null, practice: boolean): string {
  if (offeredDevice(deviceId, practice) === null) return 'read by eye';
  return isSimulated(deviceId) ? 'simulated: for practice' : 'sends its readings, or read by eye';
}

/** Before a run: which indicator, how it stands, and whether the shaft can tip. */
export function RunSetup({ jobId, specId, stage, practice, last }: Props) {
  const workshop = useWorkshop();
  const { system } = useUnits();
  const picked = useChosenIndicator({ workshop, system, last });

  if (workshop.isPending) return <Notice title="Fetching the instruments…" />;
  const { instrument } = picked;
  if (instrument === undefined) return <NoIndicator />;
  const contacts = contactsOf(instrument);
  const contact =
    picked.pickedContact !== null && contacts.includes(picked.pickedContact)
      ? picked.pickedContact
      : contacts[0]!;

  const start = ({ deviceId: _, ...card }: WorkshopInstrument): void => {
    if (picked.degrees === null) return;
    record(jobId, 'RunOpened', {
      runId: uuid(),
      specId,
      stage,
      instrument: card,
      indicator: { contact, angle: picked.degrees },
      shaftHeld: true,
    });
  };

  const begin = (): void => start(instrument);

  return (
    <div className="grid max-w-5xl gap-4">
      <Choice
        label="Indicator"
        value={instrument.id}
        onChange={picked.setChosen}
        options={picked.instruments.map(({ id, name, deviceId }) => ({
          value: id,
          words: name,
          note: deviceNote(deviceId, practice),
        }))}
      />
      <HowItMeets
        contact={contact}
        setContact={picked.setContact}
        contacts={contacts}
        angle={picked.angle}
        setAngle={picked.setAngle}
        degrees={picked.degrees}
      />
      <BearingsFitted blocked={picked.degrees === null} begin={begin} />
    </div>
  );
}

interface UseChosenIndicatorInput {
  readonly workshop: OpenWorkshop;
  readonly system: UnitSystem;
  readonly last: Run | undefined;
}

function useChosenIndicator({ workshop, system, last }: UseChosenIndicatorInput) {
  const { show } = useUnits();
  const [chosen, setChosen] = useState<string | null>(last?.instrument.id ?? null);
  const [pickedContact, setContact] = useState<IndicatorContact | null>(
    last?.indicator.contact ?? null,
  );
  const [angle, setAngle] = useState(() => show(last?.indicator.angle ?? 0, 'angle'));
  const instruments = (workshop.data?.instruments ?? []).filter(
    (card) => contactsOf(card).length > 0,
  );
  const instrument = instruments.find(({ id }) => id === chosen) ?? instruments[0];
  const read = readField(angle, 'angle', system);
  const degrees =
    read.status === 'read' && read.quantity.value >= 0 && read.quantity.value <= 45
      ? read.quantity.value
      : null;
  return {
    instrument,
    pickedContact,
    degrees,
    setChosen,
    instruments,
    setContact,
    angle,
    setAngle,
  };
}

interface BearingsFittedProps {
  /** The setting of the indicator cannot be used. */
  readonly blocked: boolean;
  readonly begin: () => void;
}

/** The run starts by saying that the shaft cannot tip; where it can, nothing starts. */
function BearingsFitted({ blocked, begin }: BearingsFittedProps) {
  const [tips, setTips] = useState(false);
  return (
    <>
      <p className="m-0 text-lg">
        <strong>Are all bearings that locate the shaft fitted?</strong> A shaft that tips reads more
        play than it has.
      </p>
      {tips && (
        <p role="alert" className="text-bad m-0 text-lg font-semibold">
          Fit the missing bearing first: measured now, it could not be judged.
        </p>
      )}
      <SideAction>
        <Button onClick={() => setTips(true)} aria-pressed={tips}>
          Not all are fitted
        </Button>
      </SideAction>
      <MainAction blocked={blocked ? 'Enter the angle of the plunger' : null} onClick={begin}>
        All are fitted: start
      </MainAction>
    </>
  );
}

interface HowItMeetsProps {
  readonly contact: IndicatorContact;
  readonly setContact: Dispatch<SetStateAction<IndicatorContact | null>>;
  readonly contacts: readonly IndicatorContact[];
  readonly angle: string;
  readonly setAngle: Dispatch<SetStateAction<string>>;
  readonly degrees: number | null;
}

/** How the contact meets the part. */
function HowItMeets({ contact, setContact, contacts, angle, setAngle, degrees }: HowItMeetsProps) {
  return (
    <div className="grid gap-4 md:grid-cols-[2fr_1fr]">
      <Choice
        label="How it meets the part"
        value={contact}
        onChange={(value) => setContact(value as IndicatorContact)}
        options={CONTACTS.filter((row) => contacts.includes(row.contact)).map((row) => ({
          value: row.contact,
          words: row.words,
          note: '',
        }))}
      />
      <div>
        <QuantityField label="Angle to the travel" kind="angle" text={angle} onText={setAngle} />
        {degrees === null && (
          <p role="alert" className="text-bad m-0 font-semibold">
            Expected 0 to 45°
          </p>
        )}
        {degrees !== null && degrees > ANGLE_TO_MEND && (
          <p role="alert" className="text-bad m-0 font-semibold">
            Over {ANGLE_TO_MEND}°: set it straighter if you can. The reading is corrected.
          </p>
        )}
      </div>
    </div>
  );
}

function NoIndicator() {
  return (
    <Notice tone="warn" title="No indicator is known">
      Play is measured with a dial or lever indicator.{' '}
      <WorkshopLink to="instruments">Add one to the workshop</WorkshopLink>
    </Notice>
  );
}
