import { useState, type FormEvent } from 'react';

import { BENCH_PRESS } from '@wendaxis/core/heat';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SavingWords } from './SavingWords.tsx';

/** What the workshop's press stands: every press fit is held against it. */
export function PressPanel({ rating }: { readonly rating: number | null }) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [text, setText] = useState('');
  const reading = readField(text, 'force', units.system);
  const value = reading.status === 'read' ? reading.quantity.value : null;
  const usable = value !== null && value >= 1000 && value <= 5_000_000;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (usable) void save('PressRated', { rating: value }).then((taken) => taken && setText(''));
  };
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="Press">
      <h2 className="m-0 text-2xl">Press</h2>
      <p className="m-0 text-lg">
        {rating === null ? (
          <>Not said: a usual bench press of {units.show(BENCH_PRESS, 'force')} is taken</>
        ) : (
          <>
            Stands <strong className="figure">{units.show(rating, 'force')}</strong>
          </>
        )}
      </p>
      <form onSubmit={submit} className="mt-2 flex flex-wrap items-start gap-3">
        <div className="w-48">
          <QuantityField label="Rated at" kind="force" text={text} onText={setText} />
        </div>
        <Button type="submit" className="mt-6" disabled={!usable || saving === 'saving'}>
          Record it
        </Button>
        {value !== null && !usable && (
          <p role="alert" className="text-bad m-0 basis-full font-semibold">
            Between {units.show(1000, 'force')} and {units.show(5_000_000, 'force')}.
          </p>
        )}
      </form>
      <SavingWords saving={saving} saved="Recorded." />
    </section>
  );
}
