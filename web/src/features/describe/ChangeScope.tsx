import { useState } from 'react';

import type { JobState } from '@wendaxis/core/job';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { Renewed, Scope } from './Scope.tsx';
import { scopeOf, type ScopeEntry } from './scopeEntry.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly onDone: () => void;
}

/** What the job is for is changed while it is under way; what was done stays done. */
export function ChangeScope({ jobId, state, onDone }: Props) {
  const unit = state.unit!;
  const { scope, start } = state.sheet;
  const [entry, setEntry] = useState<ScopeEntry>({ scope, start, renew: suggested(state) });
  const given = scopeOf(unit, entry);
  return (
    <section aria-label="What the job is for" className="grid gap-4 lg:grid-cols-[1.25fr_1fr]">
      <Scope entry={entry} onEntry={setEntry} />
      <div className="grid content-start gap-3">
        {entry.scope === 'renew' && <Renewed unit={unit} entry={entry} onEntry={setEntry} />}
        <div className="flex flex-wrap gap-3">
          <MainAction
            blocked={given === null ? 'Tap what is renewed' : null}
            onClick={() => {
              if (given === null) return;
              record(jobId, 'ScopeSet', given);
              onDone();
            }}
          >
            Plan for this
          </MainAction>
          <Button onClick={onDone}>Keep it as it is</Button>
        </div>
      </div>
    </section>
  );
}

/** What is renewed already, or what was found to need it. */
function suggested({ sheet, inspection, unit }: JobState): readonly string[] {
  if (sheet.renew.length > 0) return sheet.renew;
  const ids = unit!.axes.flatMap(({ stations }) => stations.map(({ id }) => id));
  return ids.filter((id) => inspection.decisions[id]?.verdict === 'replace');
}
