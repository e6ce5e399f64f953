import { noteKey, type EventKey, type Model, type Standing } from '../course/index.ts';
import type { StandingNow } from '../standing/index.ts';
import { notesOf, type Draft } from './draft.ts';
import { moved } from './spokenCourse.ts';

/**
 * Whether what was done is the beginning of a course: what is together is what it has together there, nothing is bad, open again or
 * slack that it has behind it. Then its rest is what is still to be done.
 * @param course its steps, with how they stand
 */
export function isOnItsWay(
  { root, bodyOf }: Model,
  course: readonly Draft[],
  { start, now }: { readonly start: Standing; readonly now: StandingNow },
): boolean {
  const moving = course.filter(({ rows }) => rows.some(({ move }) => move !== undefined));
  const open = moving.findIndex(({ behind }) => behind === null);
  const behind = open < 0 ? moving : moving.slice(0, open);
  if (open >= 0 && moving.slice(open).some((step) => step.behind !== null)) return false;
  if (now.bad.size > 0) return false;
  // What is to be looked at again and is not looked at any more in it.
  const asked = new Set(course.flatMap((step) => notesOf(root, step)));
  const ahead = new Set(
    course.flatMap((step) => (step.behind === null ? notesOf(root, step) : [])),
  );
  if ([...asked].some((key) => now.again.has(key) && !ahead.has(key))) return false;
  // What was decided against and is not compared in it wants a new one.
  const wanted = [...bodyOf.values()].map(({ station }) => noteKey('compare', station.id));
  if (wanted.some((key) => now.again.has(key) && !asked.has(key))) return false;
  const together = new Set(start.place.in);
  const tight = new Map<string, boolean>();
  for (const { rows } of behind)
    for (const row of rows) {
      moved(together, row);
      const [id = ''] = row.on;
      if (row.act === 'torque' || row.act === 'close') tight.set(id, row.trial !== true);
    }
  if (!isSame(together, now.place.in)) return false;
  if ([...now.slack].some((id) => tight.get(id) === true)) return false;
  const toFit = new Set(
    course.flatMap(({ rows, behind: said }) =>
      said === null ? rows.flatMap(({ act, on: [id = ''] }) => (act === 'fitPack' ? id : [])) : [],
    ),
  );
  if ([...now.chosen].some((id) => !toFit.has(id))) return false;
  // What was fitted stands; and what is still to be chosen does not stand already.
  return course.every((step) =>
    step.rows.every(({ act, on: [id = ''] }) => {
      if (act === 'fitPack') return step.behind === null || now.settled.has(id);
      return act !== 'choose' || step.behind !== null || !now.settled.has(id);
    }),
  );
}

const isSame = (one: ReadonlySet<EventKey>, other: ReadonlySet<EventKey>): boolean =>
  one.size === other.size && [...one].every((event) => other.has(event));
