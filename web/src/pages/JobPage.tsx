import { ZoomIn, ZoomOut } from 'lucide-react';
import { useCallback, useState } from 'react';
import { useNavigate } from 'react-router';

import { LOAD_PATH } from '@wendaxis/core/arrangement';
import { drawAxis } from '@wendaxis/core/drawing';
import { stationStates } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { AxisView } from '../features/axis/AxisView.tsx';
import { StateLegend } from '../features/axis/StateLegend.tsx';
import { SpecCards } from '../features/axis/SpecCards.tsx';
import { SpecForm } from '../features/axis/SpecForm.tsx';
import { PairLink } from '../features/pair/PairLink.tsx';
import { StationCard } from '../features/axis/StationCard.tsx';
import type { OpenJob } from '../stores/useJob.ts';
import { Button, Key } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { useOpenJob } from './JobLayout.tsx';
import { NextBanner } from './NextBanner.tsx';
import { Main } from '../ui/Main.tsx';

/** A job: what to do next, and the axis as the way around it. */
export function JobPage() {
  const job = useOpenJob();
  const { state, jobId, next, plan } = job;
  const navigate = useNavigate();
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const axes = state.unit!.axes;
  const nextAxis = 'axis' in next ? next.axis.id : plan.next?.axisId;
  const [chosen, setChosen] = useState<string | null>(null);
  const axis = axes.find(({ id }) => id === (chosen ?? nextAxis)) ?? axes[0];
  return (
    <Main title={state.unit!.name} className="grid gap-3 p-5">
      <NextBanner job={job} />
      {next.kind === 'setSpec' && (
        <SpecForm
          key={next.step.id}
          jobId={jobId}
          axis={next.axis}
          kind={next.specKind}
          axes={state.unit!.axes}
          onSet={onward}
        />
      )}
      {axis !== undefined && (
        <AxisPanel key={axis.id} axis={axis} axes={axes} onAxis={setChosen} job={job} />
      )}
    </Main>
  );
}

interface PanelProps {
  readonly axis: Axis;
  readonly axes: readonly Axis[];
  readonly onAxis: (axisId: string) => void;
  readonly job: OpenJob;
}

function AxisPanel({ axis, axes, onAxis, job }: PanelProps) {
  const { state, plan, jobId } = job;
  const first =
    axis.stations.find(({ id }) => id === plan.next?.stationId) ??
    axis.stations.find(({ kind }) => kind === 'shimSite') ??
    axis.stations[0];
  const [selected, setSelected] = useState(first?.id ?? null);
  const [zoomed, setZoomed] = useState(false);
  const switchZoom = useCallback(() => setZoomed((old) => !old), []);
  useShortcut(['+', 'x'], 'Look closely, or at the whole axis', switchZoom, {
    enabled: selected !== null,
  });
  const station = axis.stations.find(({ id }) => id === selected);
  const { labels } = drawAxis(axis);
  const states = stationStates(plan);
  const number = labels.find(({ stationId }) => stationId === selected)?.number;
  return (
    <section aria-label={axis.name} className="grid gap-3 lg:grid-cols-[1.5fr_1fr]">
      <div className="bg-plate text-scribe on-plate plate self-start rounded-[3px] px-4 pt-2 pb-2">
        <AxisHead axes={axes} axis={axis} onAxis={onAxis} switchZoom={switchZoom} zoomed={zoomed} />
        <AxisView
          axis={axis}
          selected={selected}
          onSelect={setSelected}
          states={states}
          zoomOn={zoomed ? selected : null}
        />
        <StateLegend labels={labels} states={states} />
        <p className="text-scribe m-0 text-[0.88rem]">{LOAD_PATH[axis.arrangement]}</p>
      </div>
      <div className="grid content-start gap-3">
        {station !== undefined && (
          <StationCard
            jobId={jobId}
            axis={axis}
            station={station}
            number={number ?? null}
            state={state}
            plan={plan}
          />
        )}
        <PairLink jobId={jobId} state={state} axis={axis} />
        <SpecCards jobId={jobId} axis={axis} state={state} />
      </div>
    </section>
  );
}

interface AxisHeadProps {
  readonly axes: readonly Axis[];
  readonly axis: Axis;
  readonly onAxis: (axisId: string) => void;
  readonly switchZoom: () => void;
  readonly zoomed: boolean;
}

function AxisHead({ axes, axis, onAxis, switchZoom, zoomed }: AxisHeadProps) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2">
      {axes.length === 1 ? (
        <h2 className="m-0 text-2xl">{axis.name}</h2>
      ) : (
        <div role="group" aria-label="Axes" className="flex flex-wrap gap-2">
          {axes.map(({ id, name }) => (
            <Button
              key={id}
              kind="plate"
              aria-pressed={id === axis.id}
              className={id === axis.id ? 'bg-plate-deep border-brass!' : ''}
              onClick={() => onAxis(id)}
            >
              {name}
            </Button>
          ))}
        </div>
      )}
      <Button kind="plate" onClick={switchZoom} aria-pressed={zoomed} className="print:hidden">
        {zoomed ? <ZoomOut aria-hidden="true" /> : <ZoomIn aria-hidden="true" />}
        {zoomed ? 'Whole axis' : 'Look closely'} <Key name="X" />
      </Button>
    </div>
  );
}
