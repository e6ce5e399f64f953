import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { drawAxis } from '@wendaxis/core/drawing';
import { stationStates } from '@wendaxis/core/plan';
import {
  findStation,
  placeBeside,
  type Axis,
  type Side,
  type Station,
  type Unit,
} from '@wendaxis/core/unit';
import { AxisView } from '../features/axis/AxisView.tsx';
import { AxisPart } from '../features/describe/AxisPart.tsx';
import { MeshPart } from '../features/describe/MeshPart.tsx';
import { KeepPanel } from '../features/describe/KeepPanel.tsx';
import { FIRST_IN_HAND, notYet, PutBody, putBody } from '../features/describe/PutBody.tsx';
import { StationEditor } from '../features/describe/StationEditor.tsx';
import { StationList } from '../features/describe/StationList.tsx';
import { record } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { MainAction } from '../ui/ActionBar.tsx';
import { Button } from '../ui/Button.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { useOpenJob } from './JobLayout.tsx';
import { Parts } from '../features/describe/Parts.tsx';
import { Main } from '../ui/Main.tsx';

const VIEWS = {
  station: 'Stations',
  put: 'Add a body',
  part: 'Parts',
  axis: 'Axes',
  mesh: 'Gears',
  keep: 'Keep',
} as const;

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
  const [body, setBody] = useState(FIRST_IN_HAND);
  const put = (side: Side): void => {
    if (notYet(body, unit) === null)
      go({ station: putBody(job.jobId, unit, axis, body, station, side) });
  };
  const isOpen = job.state.sheet.finished === null;
  const select = (id: string): void => go(view === 'put' ? { station: id, view } : { station: id });
  return (
    <Main title={`Unit · ${unit.name}`} className="grid gap-4 p-5 lg:grid-cols-[1.25fr_1fr]">
      <div className="grid content-start gap-3">
        <DescribeHead unit={unit} axis={axis} go={go} view={view} />
        <div className="bg-plate text-scribe on-plate plate rounded-[3px] px-4 py-2">
          <AxisView
            axis={axis}
            selected={station?.id ?? null}
            onSelect={select}
            states={stationStates(job.plan)}
            {...(view === 'put' && isOpen ? { onPut: put } : {})}
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
          onSelect={select}
        />
      </div>
      <section
        className="bg-panel border-edge grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-3 self-start rounded-[3px] border-2 p-4"
        aria-label="Description"
      >
        <WhatIsDescribed view={view} go={go} axis={axis} station={station} />
        {!isOpen && <Said>The job is finished: open it again in the logbook to change it.</Said>}
        {isOpen && view === 'put' && (
          <PutBody unit={unit} body={body} onBody={setBody} beside={station} onPut={put} />
        )}
        {isOpen && view !== 'put' && (
          <Editors job={job} view={view} axis={axis} station={station} query={query} go={go} />
        )}
      </section>
    </Main>
  );
}

const Said = ({ children }: { readonly children: string }) => <p className="m-0">{children}</p>;

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
          className={`px-3! ${name === view ? 'border-plate! bg-plate text-scribe' : ''}`}
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
  if (view === 'mesh') return <MeshPart jobId={jobId} unit={unit} />;
  if (view === 'part') return <Parts job={job} first={query.get('part')} field={field} />;
  if (view === 'axis') return <AxisPart axis={axis} jobId={jobId} unit={unit} go={go} />;
  if (station === undefined) return <AddFirst onAdd={() => go({ axis: axis.id, view: 'put' })} />;
  return (
    <StationEditor
      key={`${station.id} ${system}`}
      unit={unit}
      station={station}
      field={field}
      onRecord={(described) =>
        record(jobId, 'StationDescribed', { axisId: axis.id, station: described })
      }
      onCopy={() => {
        const { id, stations } = copyOf(axis, station);
        record(jobId, 'StationsPlaced', { axisId: axis.id, stations });
        go({ station: id });
      }}
      onRemove={() => {
        record(jobId, 'StationRemoved', { stationId: station.id });
        go({ axis: axis.id });
      }}
    />
  );
}

/** Another body like one, to the right of it. */
function copyOf(axis: Axis, station: Station) {
  const id = `${station.kind}-${uuid().slice(0, 8)}`;
  const copy = { ...station, id, name: `${station.name}, copy`.slice(0, 80) };
  return { id, stations: placeBeside(axis, copy, station.id, 'right') };
}

function AddFirst({ onAdd }: { readonly onAdd: () => void }) {
  return (
    <>
      <p className="m-0 text-lg">Nothing stands on this axis yet.</p>
      <MainAction onClick={onAdd}>Add a body</MainAction>
    </>
  );
}
