import { useState } from 'react';

import { contactsOf, instrumentKind, type InstrumentKind } from '@wendaxis/core/measure';
import type { WorkshopInstrument } from '@wendaxis/core/job';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Notice } from '../../ui/Notice.tsx';
import { SelectField } from '../../ui/SelectField.tsx';

const LENGTH_KINDS: readonly InstrumentKind[] = ['depthGauge', 'micrometer', 'caliper'];

/** What a reading of a pair is taken with: an indicator, or something that takes a length. */
const ABLE: Readonly<Record<'indicator' | 'length', (card: WorkshopInstrument) => boolean>> = {
  indicator: (card) => contactsOf(card).length > 0,
  length: (card) => LENGTH_KINDS.includes(instrumentKind(card)),
};

/** The instrument that is chosen, its field, and what is said while there is none. */
export function useInstrument(what: keyof typeof ABLE) {
  const workshop = useWorkshop();
  const [chosen, setChosen] = useState('');
  const able = (workshop.data?.instruments ?? []).filter(ABLE[what]);
  const instrument = able.find(({ id }) => id === chosen) ?? able[0] ?? null;
  return {
    instrument,
    field: (
      <SelectField
        label="Measured with"
        value={instrument?.id ?? ''}
        onChange={setChosen}
        options={able.map(({ id, name }) => [id, name] as const)}
      />
    ),
    without: workshop.isPending ? (
      <Notice title="Fetching the instruments…" />
    ) : (
      <Notice tone="warn" title="Nothing on the workshop’s list can take this">
        Add an instrument on the workshop’s page.
      </Notice>
    ),
  };
}
