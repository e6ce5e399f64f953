import { useId, type Dispatch, type FormEvent, type SetStateAction } from 'react';
import type { WorkshopInstrument } from '@wendaxis/core/job';
import type { ClosingPlay } from '@wendaxis/core/preload';
import { MainAction } from '../../ui/ActionBar.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';

interface ClosingEntryProps {
  readonly submit: (event: FormEvent) => void;
  readonly angleText: string;
  readonly planned: number;
  readonly setAngle: Dispatch<SetStateAction<string>>;
  readonly playText: string;
  readonly setPlay: Dispatch<SetStateAction<string>>;
  readonly instrument: WorkshopInstrument;
  readonly setChosen: Dispatch<SetStateAction<string | null>>;
  readonly instruments: WorkshopInstrument[];
  readonly usable: boolean;
  readonly backwards: boolean;
  readonly progress: ClosingPlay | null;
}

export function ClosingEntry({
  submit,
  angleText,
  planned,
  setAngle,
  playText,
  setPlay,
  instrument,
  setChosen,
  instruments,
  usable,
  backwards,
  progress,
}: ClosingEntryProps) {
  const form = useId();
  return (
    <form id={form} onSubmit={submit} className="flex flex-wrap items-start gap-3">
      <div className="w-40">
        <QuantityField
          label="Nut stands at"
          kind="angle"
          text={angleText === '' ? String(planned) : angleText}
          onText={setAngle}
        />
      </div>
      <div className="w-44">
        <QuantityField label="Play there" text={playText} onText={setPlay} />
      </div>
      <div className="w-48">
        <SelectField
          label="Read with"
          value={instrument.id}
          onChange={setChosen}
          options={instruments.map(({ id, name }) => [id, name])}
        />
      </div>
      <MainAction form={form} blocked={usable ? null : 'Enter the angle and the play'}>
        Record
      </MainAction>
      {backwards && (
        <p role="alert" className="text-bad m-0 basis-full text-lg font-semibold">
          Never back off: the sleeve does not come back. The nut stands at{' '}
          {Math.round(progress?.now ?? 0)}°.
        </p>
      )}
    </form>
  );
}
