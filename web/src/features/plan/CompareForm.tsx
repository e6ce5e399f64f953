import { useId, useState, type FormEvent } from 'react';

import { compareBearings, type BearingComparison } from '@wendaxis/core/bearings';
import type { JobState } from '@wendaxis/core/job';
import type { Step } from '@wendaxis/core/plan';
import { findStation } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { BearingFields } from '../describe/BearingFields.tsx';
import { NO_BEARING, readBearing } from '../describe/bearingEntry.ts';

const RESULT_WORDS: Readonly<Record<BearingComparison['result'], string>> = {
  same: 'Same as the old one.',
  note: 'Usable: see the notes below.',
  differs: 'Wrong part for this place.',
  unknown: 'Nothing to compare yet: enter its dimensions.',
};
const LINE_SIGNS = { same: '=', note: '!', differs: '≠' } as const;

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** The new bearing against the old: what is printed on it, its sizes, clearance, seals, groove. */
export function CompareForm({ jobId, step, state }: Props) {
  const { system } = useUnits();
  const form = useId();
  const [entry, setEntry] = useState(NO_BEARING);
  const station = findStation(state.unit!, step.stationId!)!.station;
  const { inside: bore, outside, width } = station;
  const wanted = {
    designation: station.designation ?? null,
    dimensions: { bore, outside, width },
  };
  const fresh = readBearing(entry, system);
  const offered = fresh === null ? state.inspection.offered[station.id] : fresh;
  const comparison = offered === undefined ? null : compareBearings(wanted, offered);
  const blocked =
    fresh === null
      ? 'Enter what is printed on it, or its sizes'
      : comparison?.result === 'differs'
        ? 'It does not fit this place: get the one that is wanted'
        : null;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (fresh === null || blocked !== null) return;
    const { designation, dimensions } = fresh;
    record(jobId, 'BearingOffered', {
      stationId: station.id,
      designation,
      dimensions: {
        bore: dimensions.bore,
        outside: dimensions.outside,
        width: dimensions.width,
      },
    });
  };
  return (
    <form id={form} onSubmit={submit} className="grid gap-3">
      <BearingFields
        label="The new one"
        entry={entry}
        onEntry={setEntry}
        {...(wanted.designation === null
          ? {}
          : {
              same: {
                words: `${wanted.designation} is printed on it`,
                entry: { ...NO_BEARING, designation: wanted.designation },
              },
            })}
      />
      {comparison !== null && <Comparison comparison={comparison} />}
      <MainAction form={form} blocked={blocked}>
        Use this bearing
      </MainAction>
    </form>
  );
}

interface ComparisonProps {
  readonly comparison: BearingComparison;
}

/** What the new bearing is against the old. */
function Comparison({ comparison }: ComparisonProps) {
  const units = useUnits();
  return (
    <div
      className={`bg-panel rounded-[3px] border-2 p-3 ${comparison.result === 'differs' ? 'border-bad' : 'border-edge'}`}
      aria-live="polite"
    >
      <p className="m-0 text-xl font-bold">{RESULT_WORDS[comparison.result]}</p>
      <table className="w-full border-collapse">
        <thead>
          <tr className="small-label text-left">
            <th className="w-8">
              <span className="sr-only">Result</span>
            </th>
            <th>What</th>
            <th>Wanted</th>
            <th>New</th>
          </tr>
        </thead>
        <tbody>
          {comparison.lines.map((line) => (
            <tr key={line.what} className="border-edge border-t align-baseline">
              <td className={`text-xl font-bold ${line.result === 'differs' ? 'text-bad' : ''}`}>
                {LINE_SIGNS[line.result]}
              </td>
              <td className="py-1 font-semibold">
                {line.what}
                {line.advice !== '' && (
                  <span className="block text-base font-normal">{units.told(line.advice)}</span>
                )}
              </td>
              <td className="figure">{units.told(line.wanted)}</td>
              <td className="figure">{units.told(line.offered)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
