import { useId, useState, type FormEvent } from 'react';

import { MICROMETER_UNCERTAINTY, type ReadingDoubt } from '@wendaxis/core/measure';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { DoubtRow } from '../bench/DoubtRow.tsx';
import { LONGEST, lengthDoubt, lengthUpTo } from './spacerLengths.ts';

interface Props {
  readonly jobId: string;
  readonly stationId: string;
  readonly label: string;
  /** Length of the one that it comes after, mm; null where it is the first. */
  readonly inPlace?: number | null;
}

/** A spacer that goes in, for a trial or for good: its length, and whether it is the one before, turned down. */
export function FitSpacer({ jobId, stationId, label, inPlace = null }: Props) {
  const units = useUnits();
  const form = useId();
  const { text, type, length, mayBeCut, isCut, setCut, fit, asked, take, reading } = useFitting({
    jobId,
    stationId,
    inPlace,
  });
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    fit(true);
  };
  return (
    <form id={form} onSubmit={submit} className="flex flex-wrap items-start gap-3">
      <div className="w-56">
        <QuantityField label={label} text={text} onText={type} />
      </div>
      <MainAction form={form} blocked={length === null ? 'Enter its length' : null}>
        Fitted for a trial
      </MainAction>
      <Button className="mt-6" disabled={length === null} onClick={() => fit(false)}>
        Fitted for good
      </Button>
      {asked !== null && (
        <div className="basis-full">
          <DoubtRow
            doubt={asked.doubt}
            typed={text}
            tooFar={false}
            onTake={(value) => take(Math.round(value * 1000) / 1000, asked.trial)}
            onAgain={() => type('')}
          />
        </div>
      )}
      {mayBeCut && inPlace !== null && <TurnedDown from={inPlace} isCut={isCut} onCut={setCut} />}
      {reading.status === 'read' && length === null && (
        <p role="alert" className="text-bad m-0 basis-full font-semibold">
          More than 0 and at most {units.show(LONGEST)}.
        </p>
      )}
    </form>
  );
}

/** What is typed of the next spacer, what is asked about it, and what records it. */
function useFitting({
  jobId,
  stationId,
  inPlace,
}: {
  readonly jobId: string;
  readonly stationId: string;
  readonly inPlace: number | null;
}) {
  const { system } = useUnits();
  const [text, setText] = useState('');
  const [isCut, setCut] = useState(false);
  const [asked, setAsked] = useState<{ doubt: ReadingDoubt; trial: boolean } | null>(null);
  const reading = readField(text, 'length', system);
  const length = lengthUpTo(LONGEST, reading);
  /** What is asked about a length does not outlive it. */
  const type = (next: string): void => {
    setText(next);
    setAsked(null);
  };
  const take = (taken: number, trial: boolean): void => {
    record(jobId, 'SpacerFitted', {
      stationId,
      length: taken,
      uncertainty: MICROMETER_UNCERTAINTY.spacer,
      trial,
      ...(inPlace !== null && taken < inPlace && isCut ? { cutFrom: inPlace } : {}),
    });
    type('');
    setCut(false);
  };
  const fit = (trial: boolean): void => {
    if (length === null) return;
    const doubt = lengthDoubt(text, length, inPlace, system);
    if (doubt === null) take(length, trial);
    else setAsked({ doubt, trial });
  };
  const mayBeCut = inPlace !== null && length !== null && length < inPlace;
  return { text, type, length, mayBeCut, isCut, setCut, fit, asked, take, reading };
}

interface TurnedDownProps {
  /** Length of the one in place, mm. */
  readonly from: number;
  readonly isCut: boolean;
  readonly onCut: (isCut: boolean) => void;
}

/** Whether the next one is the one in place, turned down: then that length is to be had no more. */
function TurnedDown({ from, isCut, onCut }: TurnedDownProps) {
  const units = useUnits();
  return (
    <label className="flex min-h-12 basis-full items-center gap-3 text-lg">
      <input
        type="checkbox"
        className="accent-brass-edge size-6"
        checked={isCut}
        onChange={(event) => onCut(event.target.checked)}
      />
      It is the {units.show(from)} in place, turned down: that one is gone.
    </label>
  );
}
