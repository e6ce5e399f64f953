import { useSearchParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { drawAxis } from '@wendaxis/core/drawing';
import { stationStates } from '@wendaxis/core/plan';
import { findStation, type Axis, type Station, type Unit } from '@wendaxis/core/unit';
import { AxisView } from '../features/axis/AxisView.tsx';
import { AxisEditor } from '../features/describe/AxisEditor.tsx';
import { KeepPanel } from '../features/describe/KeepPanel.tsx';
import { StationEditor } from '../features/describe/StationEditor.tsx';
import { StationList } from '../features/describe/StationList.tsx';
import { besideStation } from '../features/describe/stationEntry.ts';
import { record } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { Button } from '../ui/Button.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { useOpenJob } from './JobLayout.tsx';
import { Parts } from '../features/describe/Parts.tsx';
import { Main } from '../ui/Main.tsx';

const VIEWS = { station: 'Stations', part: 'Parts', axis: 'Axes', keep: 'Keep' } as const;

type View = keyof typeof VIEWS;

/** Describe the unit, station by station, by pointer or by keys; the drawing and the plan follow at once. */
export function DescribePage() {
  const job = useOpenJob();
  const [query, setQuery] = useSearchParams();
  const unit = job.state.unit!;
  const asked = { station: query.get('station'), part: query.get('part'), axis: query.get('axis') };
  const view = (query.get('view') as View | null) ?? (asked.part !== null ? 'part' : 'station');
  const found = asked.station === null ? null : findStation(unit, asked.station);
  const axis = found?.axis ?? unit.axes.find(({ id }) => id === asked.axis) ?? unit.axes[0]!;
  const station = found?.station ?? axis.stations[0];
  const go = (to: Readonly<Record<string, string>>): void => setQuery(to, { replace: true });
  return (
    <Main title={`Unit · ${unit.name}`} className="grid gap-4 p-5 lg:grid-cols-[1.25fr_1fr]">
      <div className="grid content-start gap-3">
        <DescribeHead unit={unit} axis={axis} go={go} view={view} />
        <div className="bg-plate text-scribe on-plate plate rounded-[3px] px-4 py-2">
          <AxisView
            axis={axis}
            selected={station?.id ?? null}
            onSelect={(id) => go({ station: id })}
            states={stationStates(job.plan)}
          />
          {axis.stations.some(({ drawn }) => drawn !== undefined) && (
            <p className="m-0 text-base">
              Broken outline: drawn in proportion, its size is not known.
            </p>
          )}
        </div>
        <StationList
          axis={axis}
          labels={drawAxis(axis).labels}
          selected={station?.id ?? null}
          onSelect={(id) => go({ station: id })}
        />
      </div>
      <section
        className="bg-panel border-edge grid content-start gap-3 self-start rounded-[3px] border-2 p-4"
        aria-label="Description"
      >
        <WhatIsDescribed view={view} go={go} axis={axis} station={station} />
        {job.state.sheet.finished !== null ? (
          <p className="m-0">
            The job is finished: open it again in the logbook to change the unit.
          </p>
        ) : (
          <Editors job={job} view={view} axis={axis} station={station} query={query} go={go} />
        )}
      </section>
    </Main>
  );
}

interface WhatIsDescribedProps {
  readonly view: View;
  readonly go: (to: Readonly<Record<string, string>>) => void;
  readonly axis: Axis;
  readonly station: Station | undefined;
}

function WhatIsDescribed({ view, go, axis, station }: WhatIsDescribedProps) {
  return (
    <div role="group" aria-label="What is described" className="flex flex-wrap gap-2">
      {(Object.keys(VIEWS) as View[]).map((name) => (
        <Button
          key={name}
          aria-pressed={name === view}
          className={name === view ? 'border-plate! bg-plate text-scribe' : ''}
          onClick={() =>
            go({
              axis: axis.id,
              view: name,
              ...(station === undefined ? {} : { station: station.id }),
            })
          }
        >
          {VIEWS[name]}
        </Button>
      ))}
    </div>
  );
}

interface DescribeHeadProps {
  readonly unit: Unit;
  readonly axis: Axis;
  readonly go: (to: Readonly<Record<string, string>>) => void;
  readonly view: View;
}

function DescribeHead({ unit, axis, go, view }: DescribeHeadProps) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-3">
      <h1 className="m-0 text-[2rem] leading-tight">{unit.name}, as described</h1>
      {unit.axes.length > 1 && (
        <div role="group" aria-label="Axes" className="flex flex-wrap gap-2">
          {unit.axes.map(({ id, name }) => (
            <Button
              key={id}
              aria-pressed={id === axis.id}
              className={id === axis.id ? 'border-plate!' : ''}
              onClick={() => go({ axis: id, view })}
            >
              {name}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}

interface EditorsProps {
  readonly job: OpenJob;
  readonly view: View;
  readonly axis: Axis;
  readonly station: Station | undefined;
  readonly query: URLSearchParams;
  readonly go: (to: Readonly<Record<string, string>>) => void;
}

function Editors({ job, view, axis, station, query, go }: EditorsProps) {
  const { jobId, state } = job;
  const unit = state.unit!;
  const { system } = useUnits();
  const field = query.get('field');
  if (view === 'keep') return <KeepPanel jobId={jobId} unit={unit} />;
  if (view === 'part') return <Parts job={job} first={query.get('part')} field={field} />;
  if (view === 'axis') return <AxisPart axis={axis} jobId={jobId} unit={unit} go={go} />;
  const add = (made: Station): void => {
    record(jobId, 'StationDescribed', { axisId: axis.id, station: made });
    go({ station: made.id });
  };
  const newId = (kind: string): string => `${kind}-${uuid().slice(0, 8)}`;
  return (
    <div className="grid gap-3">
      {station !== undefined && (
        <StationEditor
          key={`${station.id} ${system}`}
          unit={unit}
          station={station}
          field={field}
          onRecord={(described) =>
            record(jobId, 'StationDescribed', { axisId: axis.id, station: described })
          }
          onCopy={() =>
            add({
              ...station,
              id: newId(station.kind),
              name: `${station.name}, copy`.slice(0, 80),
              at: station.at + station.width,
              drawn: [...new Set([...(station.drawn ?? []), 'at' as const])],
            })
          }
          onRemove={() => {
            record(jobId, 'StationRemoved', { stationId: station.id });
            go({ axis: axis.id });
          }}
        />
      )}
      <Button
        className="justify-self-start"
        onClick={() => add(besideStation(newId('station'), station, unit.parts[0]?.id ?? ''))}
        disabled={unit.parts.length === 0}
      >
        Add a station
      </Button>
    </div>
  );
}

interface AxisPartProps {
  readonly axis: Axis;
  readonly jobId: string;
  readonly unit: Unit;
  readonly go: (to: Readonly<Record<string, string>>) => void;
}

function AxisPart({ axis, jobId, unit, go }: AxisPartProps) {
  return (
    <div className="grid gap-4">
      <AxisEditor
        key={axis.id}
        axis={axis}
        onRecord={(described) => record(jobId, 'AxisDescribed', { axis: described })}
        onRemove={
          unit.axes.length > 1
            ? () => {
                record(jobId, 'AxisRemoved', { axisId: axis.id });
                go({ view: 'axis' });
              }
            : null
        }
      />
      <Button
        className="justify-self-start"
        onClick={() => {
          const id = `axis-${uuid().slice(0, 8)}`;
          record(jobId, 'AxisDescribed', {
            axis: { id, name: 'New axis', arrangement: 'plainThrust', sets: [] },
          });
          go({ axis: id, view: 'axis' });
        }}
      >
        Add an axis
      </Button>
    </div>
  );
}
