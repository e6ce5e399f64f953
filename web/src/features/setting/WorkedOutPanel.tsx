import { useState } from 'react';
import { v4 as uuid } from 'uuid';

import type { JobState, Spec, WorkshopInstrument } from '@wendaxis/core/job';
import { instrumentsFor } from '@wendaxis/core/measure';
import { currentRun, playVerdict } from '@wendaxis/core/plan';

import { record } from '../../stores/jobSync.ts';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { chainPlay, readChain, USUAL_CHAIN, type ChainRow } from './chainEntry.ts';

/** Most lengths of a chain. */
const MOST_ROWS = 12;

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly spec: Spec;
}

/** The play from depths and heights, before the build that would show it: what is chosen after it is proven once it is built. */
export function WorkedOutPanel({ jobId, state, spec }: Props) {
  const workshop = useWorkshop();
  const able = instrumentsFor(workshop.data?.instruments ?? [], 'shoulderDepth');
  return (
    <Panel title="Before the last bearing is in">
      <p className="m-0">
        The play can be worked out from depths and heights: what the case is deep, less what stands
        on the shaft. A pack chosen after it is proven by a run all the same.
      </p>
      <Taken state={state} spec={spec} />
      <details>
        <summary className="min-h-12 cursor-pointer pt-3 text-lg font-semibold">
          Work it out from depths
        </summary>
        {able.length === 0 ? (
          <p className="m-0 font-semibold">
            Nothing on the workshop’s list measures a depth. Add a depth gauge or a caliper there.
          </p>
        ) : (
          <ChainForm
            jobId={jobId}
            spec={spec}
            able={able}
            finished={state.sheet.finished !== null}
          />
        )}
      </details>
    </Panel>
  );
}

interface TakenProps {
  readonly state: JobState;
  readonly spec: Spec;
}

/** What was worked out last, as long as it speaks for what is in. */
function Taken({ state, spec }: TakenProps) {
  const units = useUnits();
  const run = currentRun(state, spec.specId);
  const verdict = run?.lengths === undefined ? null : playVerdict(state, spec.specId);
  return (
    <p role="status" className="m-0 text-lg font-semibold">
      {verdict !== null &&
        `Taken: ${units.show(verdict.value.mean)} ± ${units.show(verdict.decision.guard)}, from ${run!.lengths!.length} lengths with ${run!.instrument.name}. Undo takes it back.`}
    </p>
  );
}

interface ChainFormProps {
  readonly jobId: string;
  readonly spec: Spec;
  readonly able: readonly WorkshopInstrument[];
  readonly finished: boolean;
}

function ChainForm({ jobId, spec, able, finished }: ChainFormProps) {
  const units = useUnits();
  const [rows, setRows] = useState<readonly ChainRow[]>(USUAL_CHAIN);
  const [chosen, setChosen] = useState(able[0]!.id);
  const card = able.find(({ id }) => id === chosen) ?? able[0]!;
  const lengths = readChain(rows, units.system);
  const play = lengths === null ? null : chainPlay(card, lengths, spec.band);
  const change = (at: number, row: Partial<ChainRow>): void =>
    setRows(rows.map((one, index) => (index === at ? { ...one, ...row } : one)));
  return (
    <form
      className="grid gap-2"
      aria-label="Play from depths"
      onSubmit={(event) => {
        event.preventDefault();
        if (lengths === null || play === null || finished) return;
        const { deviceId: _, ...instrument } = card;
        record(jobId, 'PlayWorkedOut', { runId: uuid(), specId: spec.specId, instrument, lengths });
        setRows(USUAL_CHAIN);
      }}
    >
      <SelectField
        label="Measured with"
        value={card.id}
        onChange={setChosen}
        options={able.map(({ id, name }) => [id, name])}
      />
      {rows.map((row, at) => (
        <ChainFields key={at} row={row} onChange={(changed) => change(at, changed)} />
      ))}
      <div className="flex flex-wrap gap-3">
        {rows.length < MOST_ROWS && (
          <Button onClick={() => setRows([...rows, { name: '', text: '', takes: false }])}>
            Another length
          </Button>
        )}
        <Button kind="main" type="submit" disabled={play === null || finished}>
          Take it as the play
        </Button>
      </div>
      <p className="m-0 flex min-h-8 items-center gap-3 text-lg" aria-live="polite">
        {play === null ? (
          'At least two lengths, one that adds and one that takes.'
        ) : (
          <>
            <span className="figure text-xl font-semibold">
              {units.show(play.value.mean)} ± {units.show(play.decision.guard)}
            </span>
            <Verdict word={play.decision.word} size="small" />
          </>
        )}
      </p>
    </form>
  );
}

interface ChainFieldsProps {
  readonly row: ChainRow;
  readonly onChange: (row: Partial<ChainRow>) => void;
}

function ChainFields({ row, onChange }: ChainFieldsProps) {
  return (
    <div className="border-edge grid grid-cols-2 gap-x-3 gap-y-1 border-t pt-2">
      <div className="col-span-2">
        <TextField
          label="What it is"
          value={row.name}
          onChange={(name) => onChange({ name })}
          max={60}
        />
      </div>
      <QuantityField
        label="Length"
        text={row.text}
        onText={(text) => onChange({ text })}
        optional
      />
      <SelectField
        label="In the sum"
        value={row.takes ? 'takes' : 'adds'}
        onChange={(value) => onChange({ takes: value === 'takes' })}
        options={[
          ['adds', 'adds to the play'],
          ['takes', 'takes from it'],
        ]}
      />
    </div>
  );
}
