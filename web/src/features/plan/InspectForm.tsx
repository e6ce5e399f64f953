import { type Dispatch, type SetStateAction, useCallback, useMemo, useState } from 'react';

import {
  FINDINGS,
  REPAIR_IDS,
  REPAIRS,
  VERDICTS,
  type FindingId,
  type InspectionVerdict,
  type RepairId,
} from '@wendaxis/core/inspect';
import type { JobState } from '@wendaxis/core/job';
import { measuredSuggestions, possibleFindings, type Step } from '@wendaxis/core/plan';
import { findStation } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Key } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { INSPECTION_WORDS } from '../../wording/stateWords.ts';
import { NoteField } from './NoteField.tsx';
import { suggestionFrom } from './inspectModel.ts';

const VERDICT_NOTES: Readonly<Record<InspectionVerdict, string>> = {
  reuse: 'refit it',
  repair: 'repair before fitting',
  replace: 'compare the new part first',
};

const VERDICT_OPTIONS = VERDICTS.map((value) => ({
  value,
  words: INSPECTION_WORDS[value],
  note: VERDICT_NOTES[value],
}));

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
  readonly onDone: () => void;
}

/** Mark what was seen; the decision follows and can be overruled. */
export function InspectForm({ jobId, step, state, onDone }: Props) {
  const targetId = step.stationId ?? step.partId!;
  const units = useUnits();
  const possible = possibleFindings(state, step);
  const before = state.inspection.findings[targetId];
  const [seen, setSeen] = useState<readonly FindingId[]>(before?.findings ?? []);
  const [note, setNote] = useState(before?.note ?? '');
  const [overruled, setOverruled] = useState<InspectionVerdict | null>(null);
  const [chosenRepair, setChosenRepair] = useState<RepairId | null>(null);
  const measured = useMemo(() => {
    const found = step.stationId === null ? null : findStation(state.unit!, step.stationId);
    return found === null ? [] : measuredSuggestions(state, found.station);
  }, [state, step.stationId]);
  const suggestion = useMemo(() => suggestionFrom(seen, measured), [seen, measured]);
  const verdict = overruled ?? suggestion?.verdict ?? null;
  const repair = verdict === 'repair' ? (chosenRepair ?? suggestion?.repair ?? 'dress') : null;
  const toggle = useCallback(
    (id: FindingId) =>
      setSeen((old) => {
        if (old.includes(id)) return old.filter((one) => one !== id);
        // Sound and a finding do not go together.
        return id === 'sound' ? ['sound'] : [...old.filter((one) => one !== 'sound'), id];
      }),
    [],
  );
  const decide = useCallback(() => {
    if (verdict === null) return;
    record(jobId, 'FindingRecorded', { targetId, findings: seen, note: note.trim() });
    const reason = [suggestion?.reason ?? '', note.trim()].filter(Boolean).join('. ');
    record(jobId, 'InspectionDecided', { targetId, verdict, repair, reason });
    onDone();
  }, [jobId, targetId, seen, note, verdict, repair, suggestion, onDone]);
  return (
    <div className="grid gap-3">
      <FindingButtons possible={possible} seen={seen} toggle={toggle} />
      {measured.length > 0 && (
        <ul className="tape-note m-0 list-none p-3 pl-4" aria-label="From the sizes">
          {measured.map(({ reason }) => (
            <li key={reason}>From the sizes: {units.told(reason)}.</li>
          ))}
        </ul>
      )}
      {seen.some((id) => id !== 'sound') && (
        <p className="m-0">
          {seen.map((id) => units.told(`${FINDINGS[id].words}: ${FINDINGS[id].cause}`)).join(' ')}
        </p>
      )}
      {verdict !== null && (
        <Choice
          label="Decision"
          value={verdict}
          onChange={(value) => setOverruled(value as InspectionVerdict)}
          options={VERDICT_OPTIONS}
        />
      )}
      {repair !== null && <ChosenRepair repair={repair} setChosenRepair={setChosenRepair} />}
      <InspectSave verdict={verdict} decide={decide} note={note} setNote={setNote} />
    </div>
  );
}

interface FindingButtonsProps {
  readonly possible: readonly FindingId[];
  readonly seen: readonly FindingId[];
  readonly toggle: (id: FindingId) => void;
}

function FindingButtons({ possible, seen, toggle }: FindingButtonsProps) {
  return (
    <fieldset className="m-0 grid gap-2 border-0 p-0 sm:grid-cols-2">
      <legend className="mb-1 p-0 text-lg font-semibold">What was seen</legend>
      {possible.map((id, index) => (
        <FindingButton
          key={id}
          id={id}
          digit={index + 1}
          pressed={seen.includes(id)}
          onToggle={toggle}
        />
      ))}
    </fieldset>
  );
}

interface InspectSaveProps {
  readonly verdict: InspectionVerdict | null;
  readonly decide: () => void;
  readonly note: string;
  readonly setNote: Dispatch<SetStateAction<string>>;
}

function InspectSave({ verdict, decide, note, setNote }: InspectSaveProps) {
  return (
    <>
      <MainAction onClick={decide} blocked={verdict === null ? 'Pick what you found' : null}>
        Confirm
      </MainAction>
      <NoteField value={note} onChange={setNote} max={300} />
    </>
  );
}

interface ChosenRepairProps {
  readonly repair: RepairId;
  readonly setChosenRepair: (repair: RepairId) => void;
}

function ChosenRepair({ repair, setChosenRepair }: ChosenRepairProps) {
  return (
    <label className="grid gap-1">
      <span className="small-label">How it is repaired</span>
      <select
        className="bg-panel border-edge min-h-12 border-2 px-3 text-lg"
        value={repair}
        onChange={(event) => setChosenRepair(event.target.value as RepairId)}
      >
        {REPAIR_IDS.map((id) => (
          <option key={id} value={id}>
            {REPAIRS[id].words}
          </option>
        ))}
      </select>
    </label>
  );
}

interface FindingProps {
  readonly id: FindingId;
  readonly digit: number;
  readonly pressed: boolean;
  readonly onToggle: (id: FindingId) => void;
}

function FindingButton({ id, digit, pressed, onToggle }: FindingProps) {
  const toggle = useCallback(() => onToggle(id), [id, onToggle]);
  useShortcut([String(digit)], 'Mark a finding', toggle, { enabled: digit < 10 });
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={toggle}
      className="bg-panel border-edge aria-pressed:border-plate aria-pressed:bg-plate aria-pressed:text-scribe flex min-h-12 items-center justify-between gap-3 rounded-[3px] border-2 px-4 py-1 text-left text-lg font-semibold"
    >
      {FINDINGS[id].words}
      {digit < 10 && <Key name={String(digit)} />}
    </button>
  );
}
