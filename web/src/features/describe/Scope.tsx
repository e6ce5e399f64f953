import { useMemo } from 'react';

import type { JobScope, JobStart } from '@wendaxis/core/job';
import { isRenewable, wayTo, type WayTo } from '@wendaxis/core/plan';
import type { Unit } from '@wendaxis/core/unit';

import { Choice } from '../../ui/Choice.tsx';
import { AxisView } from '../axis/AxisView.tsx';
import type { ScopeEntry } from './scopeEntry.ts';

export const STARTS = [
  { value: 'running', words: 'Running', note: 'complete, with its oil' },
  { value: 'drained', words: 'Out and drained', note: 'complete' },
  { value: 'open', words: 'Open', note: 'its joints are parted' },
  { value: 'bare', words: 'Bare parts', note: 'taken apart already' },
  { value: 'onePart', words: 'One part', note: 'a shaft, a half, a housing' },
] as const satisfies readonly { value: JobStart; words: string; note: string }[];

export const SCOPES = [
  { value: 'overhaul', words: 'All of it', note: 'strip, inspect, seat, set, close' },
  { value: 'renew', words: 'Renew some of it', note: 'and only what that takes' },
  { value: 'setPlay', words: 'Only set the play', note: 'measure, choose a pack, prove' },
  { value: 'findCause', words: 'Find the cause', note: 'strip, look, decide; nothing is fitted' },
] as const satisfies readonly { value: JobScope; words: string; note: string }[];

interface ScopeProps {
  readonly entry: ScopeEntry;
  readonly onEntry: (entry: ScopeEntry) => void;
}

/** How the unit came and what the job is for. */
export function Scope({ entry, onEntry }: ScopeProps) {
  return (
    <div className="grid gap-3">
      <Choice
        label="How it came"
        value={entry.start}
        onChange={(start) => onEntry({ ...entry, start: start as JobStart })}
        options={STARTS}
      />
      <Choice
        label="What for"
        value={entry.scope}
        onChange={(scope) => onEntry({ ...entry, scope: scope as JobScope })}
        options={SCOPES}
      />
    </div>
  );
}

/** The sections of the unit, on which what is renewed is tapped; and what that takes. */
export function Renewed({ unit, entry, onEntry }: ScopeProps & { readonly unit: Unit }) {
  const { renew, start } = entry;
  const way = useMemo(
    () => (renew.length === 0 ? null : wayTo(unit, start, renew)),
    [unit, start, renew],
  );
  const toggle = (id: string) => {
    if (!isRenewable(unit, id)) return;
    const without = renew.filter((one) => one !== id);
    onEntry({ ...entry, renew: renew.includes(id) ? without : [...renew, id] });
  };
  return (
    <section aria-label="What is renewed" className="grid gap-2">
      {unit.axes.map((axis) => (
        <div key={axis.id} className="bg-plate text-scribe on-plate plate rounded-[3px] p-3">
          <AxisView axis={axis} selected={new Set(renew)} onSelect={toggle} size="small" />
        </div>
      ))}
      <div aria-live="polite" className="text-lg">
        {way === null ? (
          <p className="m-0">Tap what is renewed on the drawing.</p>
        ) : (
          <Taken names={namesOf(unit, renew)} way={way} />
        )}
      </div>
    </section>
  );
}

const namesOf = ({ axes }: Unit, ids: readonly string[]): readonly string[] =>
  axes
    .flatMap(({ stations }) => stations)
    .filter(({ id }) => ids.includes(id))
    .map(({ name }) => name);

function Taken({ names, way }: { readonly names: readonly string[]; readonly way: WayTo }) {
  const { onTheWay, alsoRenewed, noWay, steps } = way;
  return (
    <>
      <p className="m-0 font-semibold">New: {names.join(', ')}.</p>
      {alsoRenewed.length > 0 && (
        <p className="m-0">Also new, as it is spoiled by that: {alsoRenewed.join(', ')}.</p>
      )}
      {onTheWay.length > 0 && <p className="m-0">Off on the way: {onTheWay.join(', ')}.</p>}
      {noWay.map(({ moving, by, drawn }) => (
        <p key={`${moving} ${by}`} role="alert" className="m-0 font-semibold">
          {drawn
            ? `Look before you begin: as they are drawn, ${moving} does not pass ${by}. A size of theirs is not known; entered, it tells.`
            : `As described there is no way out: ${moving} and ${by} are in each other’s way. A size or a way in is wrong, or the case has an opening that is not described.`}
        </p>
      ))}
      <p className="m-0">{steps} steps.</p>
    </>
  );
}
