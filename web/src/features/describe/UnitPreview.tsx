import { useState } from 'react';

import { InputError } from '@wendaxis/core/faults';
import type { Unit } from '@wendaxis/core/unit';

import { useUnits } from '../../ui/useUnits.ts';
import { faultsWords } from '../../wording/faultWords.ts';
import { AxisView } from '../axis/AxisView.tsx';

/** The section of the unit as far as it is entered, or what is wrong with it. */
export function UnitPreview({ result }: { readonly result: Unit | InputError | null }) {
  const units = useUnits();
  const [selected, setSelected] = useState<string | null>(null);
  if (result === null)
    return (
      <div className="bg-plate text-scribe grid min-h-40 content-center rounded-[3px] p-4 text-center text-lg">
        Enter the bearings at both ends and the distance between them: the section is then drawn
        here.
      </div>
    );
  if (result instanceof InputError)
    return (
      <div role="alert" className="bg-plate text-scribe rounded-[3px] p-4 text-lg">
        {faultsWords(result.faults, units)}
      </div>
    );
  const [axis] = result.axes;
  if (axis === undefined) return null;
  const name = axis.stations.find(({ id }) => id === selected)?.name;
  return (
    <div className="bg-plate text-scribe on-plate plate rounded-[3px] p-3">
      <AxisView axis={axis} selected={selected} onSelect={setSelected} size="small" />
      <p className="m-0 min-h-6 font-semibold" aria-live="polite">
        {name}
      </p>
    </div>
  );
}
