import { useState } from 'react';
import { Link } from 'react-router';

import { pairForecast, type PairForecast } from '@wendaxis/core/gears';
import type { JobState } from '@wendaxis/core/job';
import { decideKnown, NORMAL_FACTOR, type Band } from '@wendaxis/core/measure';
import {
  pairMove,
  pairPacks,
  pairStep,
  type PairNext,
  type PairNow,
  type PairSite,
} from '@wendaxis/core/plan';
import { findStation } from '@wendaxis/core/unit';

import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { faultWords } from '../../wording/faultWords.ts';
import { moveWords, WAITS_WORDS } from './pairWords.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly pair: PairNow;
}

/** What to move next, and what any other move would do to all of it. */
export function PairMoves({ jobId, state, pair }: Props) {
  const units = useUnits();
  const step = pairStep(state, pair.of.carrier);
  return (
    <section aria-label="Next move" className="grid grid-cols-[minmax(0,1fr)] content-start gap-4">
      {step.status === 'waits' && (
        <Notice title="Before a move can be said">
          <ul className="m-0 pl-5">
            {step.for.map((one) => (
              <li key={one}>{WAITS_WORDS[one]}</li>
            ))}
          </ul>
        </Notice>
      )}
      {step.status === 'refused' && (
        <Notice tone="warn" title="No move can be worked out from these">
          {faultWords(step.fault, units)}
        </Notice>
      )}
      {step.status === 'inLimits' && (
        <Notice title="Everything that is set is within its limits">Leave it as it is.</Notice>
      )}
      {step.status === 'move' && (
        <NextMove jobId={jobId} state={state} pair={pair} next={step.next} />
      )}
      <WhatIf pair={pair} />
    </section>
  );
}

const SITE_ORDER: readonly PairSite[] = ['depth', 'gear', 'other'];

interface NextMoveProps extends Props {
  readonly next: PairNext;
}

function NextMove({ jobId, state, pair, next }: NextMoveProps) {
  const units = useUnits();
  const { mesh } = pair.of;
  const ids = { depth: mesh.depthAt, gear: mesh.gearSideAt, other: mesh.otherSideAt };
  const nameOf = (site: PairSite) =>
    findStation(state.unit!, ids[site] ?? '')?.station.name ?? 'Shims';
  return (
    <div className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4" role="status">
      <h2 className="m-0 text-2xl">Next move</h2>
      <ul className="m-0 pl-5 text-xl font-semibold">
        <li>{moveWords('pinion', next.pinion, units)}</li>
        <li>{moveWords('ring', next.ring, units)}</li>
      </ul>
      {next.pinionBy !== null && (
        <p className="m-0">
          {next.pinionBy === 'pattern'
            ? 'The pinion by its marks: they have the last word.'
            : 'The pinion by its depth.'}
        </p>
      )}
      <ul className="m-0 list-none p-0 text-lg">
        {SITE_ORDER.map((site) => {
          const [now, wanted] = [pair.inPlace[site], next.wanted[site]];
          const turn = site === 'depth' ? undefined : next.turns?.[site];
          if (turn !== undefined && turn !== null)
            return (
              <li key={site}>
                {nameOf(site)}:{' '}
                {turn.notches === null
                  ? `${Math.abs(Math.round(turn.angle * 10) / 10)}°`
                  : `${Math.abs(turn.notches)} notch${Math.abs(turn.notches) === 1 ? '' : 'es'}`}{' '}
                {turn.angle >= 0 ? 'inwards' : 'outwards'}
              </li>
            );
          return now === null || wanted === null ? null : (
            <li key={site}>
              {nameOf(site)}: from <span className="figure">{units.digits(now)}</span> to{' '}
              <span className="figure">{units.show(wanted)}</span>
            </li>
          );
        })}
      </ul>
      <Forecast forecast={next.forecast} />
      <p className="m-0 text-xl font-bold">
        {Math.round(100 * next.odds)} % that this is the last move
      </p>
      <PacksLink jobId={jobId} state={state} pair={pair} />
      <Working title="The split: the working" lines={next.split.working} />
      <Working title="Backlash by movement: the working" lines={pair.perMove.working} />
    </div>
  );
}

/** To where the packs of the move are chosen from the box; nothing where each has a step of its own. */
function PacksLink({ jobId, state, pair }: Props) {
  const question = pairPacks(state, pair.of.carrier, []);
  if (question === null) return null;
  return (
    <Link
      className="text-ink inline-flex min-h-12 items-center text-lg font-semibold"
      to={`/jobs/${jobId}/pair/${pair.of.carrier.id}/packs`}
    >
      {question.sites.length === 1
        ? 'Choose the depth shim from the box'
        : 'Choose the packs of all these places together'}
    </Link>
  );
}

/** What comes of a move, figure by figure. */
function Forecast({ forecast }: { readonly forecast: PairForecast }) {
  const units = useUnits();
  const rows = [
    ['Depth', forecast.depth],
    ['End play', forecast.play],
    ['Backlash', forecast.backlash],
  ] as const;
  return (
    <dl className="m-0 grid gap-x-4 text-lg sm:grid-cols-[auto_1fr]">
      {rows.map(([name, known]) =>
        known === null ? null : (
          <div key={name} className="contents">
            <dt>{name} should come to</dt>
            <dd className="figure m-0">
              {units.digits(known.value)} ± {units.show(NORMAL_FACTOR * known.uncertainty)}
            </dd>
          </div>
        ),
      )}
    </dl>
  );
}

/** Moves of a hundredth at a time that are only looked at: what each would do to the others. */
function WhatIf({ pair }: { readonly pair: PairNow }) {
  const units = useUnits();
  const [by, setBy] = useState({ pinion: 0, ring: 0, total: 0 });
  const step = units.system === 'inch' ? 0.0254 : 0.02;
  const move = pairMove(pair, by);
  if (move === null) return null;
  const rows = [
    ['pinion', 'Pinion', 'nearer', 'away'],
    ['ring', 'Ring gear', 'nearer', 'away'],
    ['total', 'Preload', 'less', 'more'],
  ] as const;
  const forecast = pairForecast(move);
  const figures = [
    ['Depth', forecast.depth, pair.specs.depth?.band],
    ['End play', forecast.play, pair.play?.band],
    ['Backlash', forecast.backlash, pair.specs.backlash?.band],
  ] as const;
  return (
    <div className="bg-panel border-edge grid gap-3 rounded-[3px] border-2 p-4">
      <h2 className="m-0 text-2xl">What a change does to the others</h2>
      {rows.map(([what, name, less, more]) => (
        <div
          key={what}
          className="grid grid-cols-[minmax(0,1fr)_4.5rem_minmax(0,1fr)] items-center gap-2 sm:grid-cols-[minmax(0,1fr)_auto_5.5rem_auto] sm:gap-3"
        >
          <span className="col-span-full text-lg font-semibold sm:col-span-1">{name}</span>
          <Button
            className="whitespace-nowrap max-sm:px-2"
            aria-label={`${name}: ${less}`}
            onClick={() => setBy({ ...by, [what]: by[what] - step })}
          >
            − {less}
          </Button>
          <span className="figure text-center text-xl">{units.digits(by[what])}</span>
          <Button
            className="whitespace-nowrap max-sm:px-2"
            aria-label={`${name}: ${more}`}
            onClick={() => setBy({ ...by, [what]: by[what] + step })}
          >
            + {more}
          </Button>
        </div>
      ))}
      <ul aria-label="What comes of it" className="m-0 list-none p-0 text-lg">
        {figures.map(([name, known, band]) =>
          known === null || band === undefined ? null : (
            <li key={name}>
              {name}:{' '}
              <span className="figure">
                {units.digits(known.value)} ± {units.show(NORMAL_FACTOR * known.uncertainty)}
              </span>
              , {inWords(known, band)}
            </li>
          ),
        )}
      </ul>
    </div>
  );
}

type Forecasted = NonNullable<PairForecast['play']>;

/** What a forecast comes to, its uncertainty counted in. */
function inWords(forecast: Forecasted, band: Band): string {
  const { word, limit } = decideKnown(forecast, band);
  if (word === 'conforms') return 'within its limits';
  const which = limit === 'lower' ? 'lower' : 'upper';
  return word === 'doesNotConform'
    ? limit === 'lower'
      ? 'below its limits'
      : 'above its limits'
    : `not certain: too near its ${which} limit`;
}
