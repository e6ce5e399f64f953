import { Link } from 'react-router';

import type { WorkshopState } from '@wendaxis/core/job';
import { contactsOf } from '@wendaxis/core/measure';

import { useSettings } from '../../stores/settingsStore.ts';

/** What a workshop wants before its first verdict, as far as it is not there yet. */
export function thingsToSetUp(
  { name, people, instruments }: Pick<WorkshopState, 'name' | 'people' | 'instruments'>,
  personId: string | null,
): readonly {
  readonly words: string;
  readonly why: string;
  readonly to: string;
  readonly done: boolean;
}[] {
  return [
    {
      words: 'Name the workshop',
      why: 'it is printed on every sheet',
      to: '/workshop',
      done: name !== '',
    },
    {
      words: 'Say who is at the bench',
      why: 'every entry is signed',
      to: '/workshop#people',
      done: people.some((person) => person.personId === personId),
    },
    {
      words: 'Add an indicator',
      why: 'a reading is judged by its graduation and calibration',
      to: '/workshop#instruments',
      done: instruments.some((card) => contactsOf(card).length > 0),
    },
  ];
}

/** Shown while a workshop is begun: what is still to be set up. It goes by itself. */
export function BeginPanel({ workshop }: { readonly workshop: WorkshopState }) {
  const personId = useSettings((settings) => settings.personId);
  const things = thingsToSetUp(workshop, personId);
  // Where the workshop stands, who is here is asked in the header, not on every list.
  if (
    things.filter(({ done }) => !done).every(({ to }) => to === '/workshop#people') &&
    workshop.people.length > 0
  )
    return null;
  return (
    <section aria-label="To begin" className="tape-note grid gap-1 p-4">
      <h2 className="m-0 text-xl">To begin</h2>
      <ol className="m-0 grid gap-1 pl-0">
        {things.map(({ words, why, to, done }) => (
          <li key={to} className="flex flex-wrap items-center gap-x-3 text-lg">
            <span aria-hidden="true">{done ? '✓' : '○'}</span>
            {done ? (
              <span className="inline-flex min-h-12 items-center">{words}: done</span>
            ) : (
              <Link className="text-ink inline-flex min-h-12 items-center font-semibold" to={to}>
                {words}
              </Link>
            )}
            {!done && <span className="text-soft">{why}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}
