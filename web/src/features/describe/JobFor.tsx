import { useState } from 'react';

import type { Unit } from '@wendaxis/core/unit';

import { Button } from '../../ui/Button.tsx';
import { Renewed, Scope, SCOPES, STARTS } from './Scope.tsx';
import { WHOLE_JOB, type ScopeEntry } from './scopeEntry.ts';

interface Props {
  readonly entry: ScopeEntry;
  readonly onEntry: (entry: ScopeEntry) => void;
  /** The unit as far as it is entered; null while something is missing. */
  readonly unit: Unit | null;
}

/** How the unit came and what the job is for: the usual in one line, said to be that, until it is changed. */
export function JobFor({ entry, onEntry, unit }: Props) {
  const isUsual = entry.start === WHOLE_JOB.start && entry.scope === WHOLE_JOB.scope;
  const [open, setOpen] = useState(!isUsual);
  const start = STARTS.find(({ value }) => value === entry.start)!;
  const scope = SCOPES.find(({ value }) => value === entry.scope)!;
  return (
    <section aria-label="The job" tabIndex={-1} className="grid gap-3">
      {open ? (
        <Scope entry={entry} onEntry={onEntry} />
      ) : (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <p className="m-0 min-w-0 flex-1 basis-72 text-lg">
            The unit came <strong>{start.words.toLowerCase()}</strong>, {start.note}. The job is{' '}
            <strong>{scope.words.toLowerCase()}</strong>: {scope.note}.{' '}
            <span className="text-soft">The usual, not your choice yet.</span>
          </p>
          <Button onClick={() => setOpen(true)}>Change what it is for</Button>
        </div>
      )}
      {entry.scope === 'renew' && unit !== null && (
        <Renewed unit={unit} entry={entry} onEntry={onEntry} />
      )}
    </section>
  );
}
