import { browserStreams, useStreams, type AsideEvent } from '../../stores/stream/index.ts';
import { Button } from '../../ui/Button.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { eventLine, tellerOf } from '../../wording/eventLine.ts';
import { faultsWords } from '../../wording/faultWords.ts';
import { download } from '../log/download.ts';

/** Entries that the server would not take: what they were, why, and what can be done with them. */
export function AsidePanel() {
  const units = useUnits();
  const tell = tellerOf(units, { unit: null, plan: null });
  const aside = useStreams((streams) => streams.aside);
  if (aside.length === 0) return null;
  const ids = aside.map(({ event }) => event.id);
  const { client } = browserStreams();
  return (
    <section
      role="alert"
      aria-label="Entries set aside"
      className="bg-panel border-bad m-4 mb-0 border-2 p-4 print:hidden"
    >
      <p className="m-0 font-bold">
        The server did not take {aside.length === 1 ? 'an entry' : `${aside.length} entries`}.
        Nothing was changed by it, and it is kept here.
      </p>
      <ul className="m-0 my-2 pl-5">
        {aside.slice(0, 5).map((row) => (
          <li key={row.event.id}>
            {eventLine(row.streamId === 'workshop' ? 'workshop' : 'job', row.event, tell)}:{' '}
            {reasonWords(row, units)}{' '}
            <button
              type="button"
              className="text-ink min-h-12 cursor-pointer border-0 bg-transparent px-1 font-semibold underline"
              onClick={() => void client.sendAgain(row.event.id)}
            >
              Send again
            </button>
          </li>
        ))}
        {aside.length > 5 && <li>and {aside.length - 5} more</li>}
      </ul>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => exportAside(aside)}>Save as a file</Button>
        <Button onClick={() => void client.forget(ids)}>Delete them</Button>
      </div>
    </section>
  );
}

function reasonWords({ reason }: AsideEvent, units: ScreenUnits): string {
  if (reason.code === 'tooLarge') return 'it is larger than the server takes';
  if (reason.code === 'serverFailed') return 'the server failed on it again and again';
  return reason.faults.length === 0 ? reason.message : faultsWords(reason.faults, units);
}

function exportAside(rows: readonly AsideEvent[]): void {
  const file = { format: 'wendaxis-set-aside', version: 1, entries: rows };
  download('entries set aside.json', 'application/json', JSON.stringify(file, null, 2));
}
