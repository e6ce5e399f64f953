import { useDeferredValue, useMemo, useState } from 'react';
import { Navigate, useSearchParams } from 'react-router';
import type { JobState } from '@wendaxis/core/job';
import type { HeatSettings, PartHeat } from '@wendaxis/core/heat';
import {
  CAUTIONS,
  heatedParts,
  LONG_OVEN,
  heatNow,
  jobHeat,
  ringOfShaft,
  type JobHeat,
} from '@wendaxis/core/plan';
import { materialOf } from '@wendaxis/core/materials';
import { Estimated } from '../features/heat/Estimated.tsx';
import { HeatLive } from '../features/heat/HeatLive.tsx';
import { HeatRun } from '../features/heat/HeatRun.tsx';
import { HeatVerdict } from '../features/heat/HeatVerdict.tsx';
import { LeftOut } from '../features/heat/LeftOut.tsx';
import { Meanwhile } from '../features/heat/Meanwhile.tsx';
import { OrderLine } from '../features/heat/OrderLine.tsx';
import { SeatTable } from '../features/heat/SeatTable.tsx';
import { WindowChart } from '../features/heat/WindowChart.tsx';
import { Figures } from '../features/plan/Figures.tsx';
import { Button } from '../ui/Button.tsx';
import { PageNotice } from '../ui/PageNotice.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { useNow } from '../stores/useNow.ts';
import { useOpenJob } from './JobLayout.tsx';
import { PartLimit } from './PartLimit.tsx';
import type { ScreenUnits } from '../wording/screenUnits.ts';
import type { Part } from '@wendaxis/core/unit';
import { Temperatures } from '../features/heat/Temperatures.tsx';
import { spanText } from '../features/heat/clock.ts';
import { Main } from '../ui/Main.tsx';

/** The heat plan of the unit's parts, and doing it. */
export function HeatPage() {
  const { state, jobId } = useOpenJob();
  const [query, setQuery] = useSearchParams();
  const parts = heatedParts(state);
  const cooled = ringOfShaft(state, query.get('part') ?? '');
  const [changed, setChanged] = useState<Readonly<Record<string, Partial<HeatSettings>>>>({});
  const settings = useDeferredValue(changed);
  const heat = useMemo(() => planned(state, query.get('part'), settings), [state, query, settings]);
  const part = heat?.part;
  // A shaft is cooled for a ring of its own: what there is to see of it stands at that step.
  if (cooled !== null)
    return (
      <Navigate
        to={`/jobs/${jobId}/step/${encodeURIComponent(`seatInner:${cooled.id}`)}`}
        replace
      />
    );
  if (part === undefined || heat === null)
    return (
      <PageNotice title="No ring is tight in a part of this unit">
        Nothing needs heating.
      </PageNotice>
    );
  return (
    <Main title={`Heat ${part.name}`} className="grid gap-4 p-5">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="m-0 text-[2.1rem] leading-tight">Heat {part.name}</h1>
        <PartKeys
          parts={parts}
          chosen={part.id}
          onChoose={(id) => setQuery({ part: id }, { replace: true })}
        />
      </div>
      <LeftOut jobId={jobId} state={state} part={part} />
      {heat.plan !== null && <Estimated jobId={jobId} part={part} estimate={heat.estimate} />}
      {heat.plan === null ? (
        <NoHeat jobId={jobId} heat={heat} />
      ) : (
        <Planned
          heat={heat}
          plan={heat.plan}
          isSet={state.heating.heat[part.id] !== undefined}
          onChange={(change) =>
            setChanged({ ...changed, [part.id]: { ...changed[part.id], ...change } })
          }
        />
      )}
    </Main>
  );
}

/** Why there is no heat to plan: what it lacks, or that nothing goes in from the oven. */
function NoHeat({ jobId, heat }: { readonly jobId: string; readonly heat: JobHeat }) {
  const { part, missing, coldInstead } = heat;
  return (
    <Notice
      title={
        missing.length > 0 ? 'The heat cannot be worked out yet' : 'Nothing goes in from the oven'
      }
    >
      {coldInstead && (
        <p className="m-0">
          {part.name} would be more than {spanText(LONG_OVEN)} in the oven: its rings are frozen and
          driven. To heat it all the same, choose the oven at one of its rings.
        </p>
      )}
      <Figures jobId={jobId} figures={[]} missing={missing} />
    </Notice>
  );
}

interface PartKeysProps {
  readonly parts: readonly Part[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

/** The parts that are heated, one of which is looked at. */
function PartKeys({ parts, chosen, onChoose }: PartKeysProps) {
  return (
    <div role="group" aria-label="Parts" className="flex flex-wrap gap-2">
      {parts.map(({ id, name }) => (
        <Button
          key={id}
          aria-pressed={id === chosen}
          className={id === chosen ? 'border-plate! bg-plate text-scribe' : ''}
          onClick={() => onChoose(id)}
        >
          {name}
        </Button>
      ))}
    </div>
  );
}

/** The heat plan of the part that is asked for, or of the first. */
function planned(
  state: JobState,
  asked: string | null,
  changed: Readonly<Record<string, Partial<HeatSettings>>>,
): JobHeat | null {
  const parts = heatedParts(state);
  const part = parts.find(({ id }) => id === asked) ?? parts[0];
  return part === undefined ? null : jobHeat(state, part, changed[part.id]);
}

interface PlannedProps {
  readonly heat: JobHeat;
  readonly plan: NonNullable<JobHeat['plan']>;
  readonly isSet: boolean;
  readonly onChange: (change: Partial<HeatSettings>) => void;
}

function Planned({ heat, plan, isSet, onChange }: PlannedProps) {
  const job = useOpenJob();
  const { state, jobId } = job;
  const units = useUnits();
  const now = new Date(useNow()).toISOString();
  const { part, settings } = heat;
  const live = heatNow(state, part, now);
  if (live === null) return null;
  const isRunning = live.phase !== 'shop';
  const shown = isRunning ? (live.plan ?? plan) : plan;
  return (
    <div className="grid gap-4 lg:grid-cols-[1fr_1.35fr]">
      <div className="grid content-start gap-3">
        {isRunning ? (
          <>
            <HeatLive part={part} live={live} />
            {live.phase === 'inOven' && (
              <Meanwhile jobId={jobId} state={state} plan={job.plan} part={part} />
            )}
          </>
        ) : (
          <HeatVerdict
            plan={plan}
            settings={settings}
            unmeasured={heat.unmeasured}
            onChange={onChange}
          />
        )}
        <HeatRun
          jobId={jobId}
          state={state}
          part={part}
          plan={plan}
          settings={settings}
          live={live}
          seenOn={heat.seenOn}
          coolingFactor={settings.coolingFactor}
        />
        {!isRunning && (
          <Temperatures
            settings={settings}
            isSet={isSet}
            temperature={(value) => units.show(value, 'temperature', 0)}
            onChange={onChange}
            plan={plan}
          />
        )}
        <PartLimit part={part} />
        <Cautions settings={settings} part={part} />
      </div>
      <div className="grid content-start gap-3">
        <SeatTable jobId={jobId} state={state} plan={shown} isLive={isRunning} />
        <WindowPanel units={units} plan={shown} isLive={isRunning} />
      </div>
    </div>
  );
}

interface CautionsProps {
  readonly settings: HeatSettings;
  readonly part: Part;
}

function Cautions({ settings, part }: CautionsProps) {
  return (
    <ul className="tape-note m-0 list-none p-3 pl-4" aria-label="Caution">
      <li>{CAUTIONS.hotParts}</li>
      <li>{CAUTIONS.fumes}</li>
      {settings.rings < 0 && <li>{CAUTIONS.frost}</li>}
      {part.material !== null && !materialOf(part.material).flame && <li>{CAUTIONS.noFlame}</li>}
      <li>The unit maker’s manual and local rules come first.</li>
    </ul>
  );
}

interface WindowPanelProps {
  readonly units: ScreenUnits;
  readonly plan: PartHeat;
  readonly isLive: boolean;
}

/** How long each ring has to go in. */
function WindowPanel({ units, plan, isLive }: WindowPanelProps) {
  return (
    <section aria-label="Window" className="bg-panel border-edge rounded-[3px] border-2 p-4">
      <h2 className="m-0 text-xl">
        {isLive ? 'Order, and fit from now on' : 'Order, and fit against time out of the oven'},{' '}
        {units.unit()}
      </h2>
      {plan.order === null ? (
        <p className="m-0 font-semibold">No order meets every deadline at these temperatures.</p>
      ) : (
        <OrderLine plan={plan} />
      )}
      <WindowChart seats={plan.seats} />
    </section>
  );
}
