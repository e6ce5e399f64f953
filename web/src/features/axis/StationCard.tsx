import { Link } from 'react-router';

import { findGain } from '@wendaxis/core/arrangement';
import { FINDINGS, REPAIRS } from '@wendaxis/core/inspect';
import type { JobState } from '@wendaxis/core/job';
import { materialOf } from '@wendaxis/core/materials';
import { isBehind, type Plan } from '@wendaxis/core/plan';
import { packThickness } from '@wendaxis/core/shims';
import {
  DETAIL_TABLE,
  detailWords,
  geometryFaults,
  STATION_KIND_TABLE,
  type Axis,
  type Station,
} from '@wendaxis/core/unit';

import { StepRow } from '../plan/StepRow.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { faultWords } from '../../wording/faultWords.ts';

interface Props {
  readonly jobId: string;
  readonly axis: Axis;
  readonly station: Station;
  readonly number: number | null;
  readonly state: JobState;
  readonly plan: Plan;
}

/** Everything about the selected station: what it is, what was found, and every step it has. */
export function StationCard({ jobId, axis, station, number, state, plan }: Props) {
  const units = useUnits();
  const steps = plan.steps.filter(({ stationId }) => stationId === station.id);
  const open = steps.filter((step) => !isBehind(step));
  const faults = geometryFaults(state.unit!)[station.id] ?? [];
  const gain = station.place === undefined ? null : findGain(axis.arrangement, station.place);
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-4" aria-live="polite">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="m-0 text-2xl">
          {number !== null && <span className="text-soft mr-2">{number}</span>}
          {station.name}
        </h2>
        <Link
          className="text-ink inline-flex min-h-12 items-center"
          to={`/jobs/${jobId}/describe?station=${station.id}`}
        >
          Describe
        </Link>
      </div>
      {faults.map((fault) => (
        <p key={fault.field} role="alert" className="text-bad m-0 font-semibold">
          {faultWords(fault, units)}
        </p>
      ))}
      <dl className="m-0 mt-1 grid grid-cols-[max-content_1fr] gap-x-4 gap-y-0.5">
        {stationRows(station, state, units).map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd className="m-0 font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      {gain !== null && <p className="m-0 mt-2">{gain.effect}</p>}
      {open.length > 0 && (
        <ol className="m-0 mt-2 list-none p-0" aria-label="Steps at this station">
          {open.map((step) => (
            <StepRow key={step.id} jobId={jobId} step={step} next={plan.next} />
          ))}
        </ol>
      )}
      {steps.length > 0 && open.length === 0 && (
        <p className="m-0 mt-2">All {steps.length} steps here are done.</p>
      )}
    </section>
  );
}

function stationRows(
  station: Station,
  state: JobState,
  units: ScreenUnits,
): readonly (readonly [string, string])[] {
  const part = state.unit?.parts.find(({ id }) => id === station.partId);
  const pack = state.setting.packs[station.id];
  const decision = state.inspection.decisions[station.id];
  const found = state.inspection.findings[station.id];
  const marks = state.inspection.marks[station.id] ?? [];
  const size = [station.inside, station.outside, station.width]
    .map((mm) => units.digits(mm, 'length', 2))
    .join(' × ');
  const rows: readonly (readonly [string, string])[] = [
    ['Kind', STATION_KIND_TABLE[station.kind].words],
    ['Size', `${size} ${units.unit()}`],
    [
      'Part',
      part === undefined
        ? ''
        : [part.name, part.material === null ? '' : materialOf(part.material).words]
            .filter(Boolean)
            .join(', '),
    ],
    ...STATION_KIND_TABLE[station.kind].details.map((name): readonly [string, string] => {
      const value = station[name];
      const row = DETAIL_TABLE[name];
      if (value === undefined || name === 'place') return [row.words, ''];
      return [
        row.words,
        row.type === 'number'
          ? row.whole
            ? String(value)
            : units.show(value as number, row.quantity)
          : detailWords(name, value as string),
      ];
    }),
    ['Pack in place', pack === undefined ? '' : units.show(packThickness(pack.pieces))],
    ['Marked', marks.map(({ text }) => text).join('; ')],
    [
      'Seen',
      found === undefined
        ? ''
        : [...found.findings.map((finding) => FINDINGS[finding].words), found.note]
            .filter(Boolean)
            .join(', '),
    ],
    [
      'Decided',
      decision === undefined
        ? ''
        : `${decision.verdict}${decision.repair === null ? '' : `: ${REPAIRS[decision.repair].words.toLowerCase()}`}`,
    ],
  ];
  return rows.filter(([, value]) => value !== '');
}
