import { type Dispatch, type SetStateAction, useState } from 'react';
import { InputError } from '@wendaxis/core/faults';
import { TEMPLATE_TABLE, type Unit, type UnitTemplate } from '@wendaxis/core/unit';
import { AxisView } from '../axis/AxisView.tsx';
import { BearingFields } from './BearingFields.tsx';
import { Renewed } from './Scope.tsx';
import type { ScopeEntry } from './scopeEntry.ts';
import type { BearingEntry } from './bearingEntry.ts';
import type { Beginning } from './bookIn.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { faultsWords } from '../../wording/faultWords.ts';

interface WhatForProps {
  readonly beginning: Beginning & { readonly value: string };
  readonly left: BearingEntry;
  readonly setLeft: Dispatch<SetStateAction<BearingEntry>>;
  readonly right: BearingEntry;
  readonly setRight: Dispatch<SetStateAction<BearingEntry>>;
  readonly span: string;
  readonly setSpan: Dispatch<SetStateAction<string>>;
  readonly result: Unit | InputError | null;
  readonly scope: ScopeEntry;
  readonly setScope: Dispatch<SetStateAction<ScopeEntry>>;
  readonly practice: boolean;
  readonly setPractice: Dispatch<SetStateAction<boolean>>;
  readonly ready: boolean;
  /** Id of the form that books it in. */
  readonly form: string;
}

/** What the job is called, and what it is for. */
export function WhatFor({
  beginning,
  left,
  setLeft,
  right,
  setRight,
  span,
  setSpan,
  result,
  scope,
  setScope,
  practice,
  setPractice,
  ready,
  form,
}: WhatForProps) {
  return (
    <div className="grid content-start gap-3">
      {beginning.from === 'template' && (
        <EndBearings
          beginning={beginning}
          left={left}
          setLeft={setLeft}
          right={right}
          setRight={setRight}
        />
      )}
      {beginning.from === 'template' && TEMPLATE_TABLE[beginning.template].ends.length > 1 && (
        <QuantityField label="Distance between them, face to face" text={span} onText={setSpan} />
      )}
      {beginning.from === 'unit' && <p className="m-0 text-lg font-semibold">{beginning.words}</p>}
      {scope.scope === 'renew' && result !== null && !(result instanceof InputError) ? (
        <Renewed unit={result} entry={scope} onEntry={setScope} />
      ) : (
        <Preview result={result} />
      )}
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="accent-brass-edge size-6"
          checked={practice}
          onChange={(event) => setPractice(event.target.checked)}
        />
        For practice: readings may come from simulated instruments, and it is no record of a real
        unit
      </label>
      <MainAction form={form} blocked={ready ? null : 'A name, a beginning and what it is for'}>
        Book it in
      </MainAction>
      <p className="m-0 text-base">
        Everything can be described further afterwards, station by station. The unit maker’s manual,
        local rules and licensed practice come first.
      </p>
    </div>
  );
}

interface EndBearingsProps {
  readonly beginning: { readonly from: 'template'; readonly template: UnitTemplate } & {
    readonly value: string;
  };
  readonly left: BearingEntry;
  readonly setLeft: Dispatch<SetStateAction<BearingEntry>>;
  readonly right: BearingEntry;
  readonly setRight: Dispatch<SetStateAction<BearingEntry>>;
}

function EndBearings({ beginning, left, setLeft, right, setRight }: EndBearingsProps) {
  const [first, second] = TEMPLATE_TABLE[beginning.template].ends as readonly string[];
  return (
    <div className={`grid gap-3 ${second === undefined ? '' : 'sm:grid-cols-2'}`}>
      <BearingFields label={first!} entry={left} onEntry={setLeft} />
      {second !== undefined && <BearingFields label={second} entry={right} onEntry={setRight} />}
    </div>
  );
}

/** The section of the unit as far as it is entered, or what is wrong with it. */
function Preview({ result }: { readonly result: Unit | InputError | null }) {
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
