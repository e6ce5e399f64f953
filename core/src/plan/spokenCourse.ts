import { isolated } from '../faults/index.ts';
import { eventOf, type EventKey, type Model, type Row } from '../course/index.ts';
import type { FigureKind } from '../figures/index.ts';
import { isFor, type Subjects } from './subjects.ts';
import type { RuleFor, Subject } from './rule.ts';
import { RULE_OF } from './rules/rules.ts';
import { SPEAKERS, type RowAtTurn, type Speaker } from './speakers.ts';

/** What a rule says of some rows of a course: a step before it is known how it stands. */
export interface Spoken {
  readonly rule: RuleFor<Subject>;
  readonly subject: Subject;
  readonly rows: readonly Row[];
}

/** Rows of a course, and what is together before the first of them. */
export interface CourseFrom {
  readonly rows: readonly Row[];
  readonly together: ReadonlySet<EventKey>;
  /** Stations whose pack was recorded before: what is in is a trial pack. */
  readonly recorded: Iterable<string>;
  /** Sites of which another pack was chosen before, and is not in yet. */
  readonly chosen: Iterable<string>;
}

/** A row with the one that speaks for it; null where none does. */
interface Said {
  readonly row: Row;
  readonly by: Omit<Spoken, 'rows'> | null;
}

/**
 * The steps of a course: each row by the rule that speaks for it. A row without one is done with the step before or behind it that
 * is about the same thing; what there is none of says nothing.
 */
export function spokenCourse(
  model: Model,
  { rows, together, recorded, chosen }: CourseFrom,
  subjects: Subjects,
): readonly Spoken[] {
  const now = new Set(together);
  const tried = new Set(recorded);
  const anew = new Set(chosen);
  const said = rows.map((row): Said => {
    const [first = ''] = row.on;
    const body =
      model.bodyOf.get(first) ?? model.bodies.find(({ station }) => station.id === first) ?? null;
    if (row.act === 'choose') anew.add(first);
    const has = { isTried: tried.has(first), isChosen: anew.has(first) };
    const by = speakerFor({ row, body, together: now, ...has }, subjects);
    if (row.move?.to === 'out') tried.add(first);
    moved(now, row);
    return { row, by };
  });
  return inSteps(said);
}

/** What is together, once a row is done. */
export function moved(together: Set<EventKey>, { move }: Pick<Row, 'move'>): void {
  if (move === undefined) return;
  if (move.to === 'in') together.add(eventOf(move));
  else together.delete(eventOf(move));
}

function speakerFor(at: RowAtTurn, subjects: Subjects): Said['by'] {
  for (const speaker of SPEAKERS[at.row.act]) {
    if (speaker.when?.(at) === false) continue;
    const rule = RULE_OF.get(speaker.rule)!;
    const bare = subjectOfRow(at, speaker, subjects);
    if (bare === null || !isFor(rule, bare)) continue;
    const subject = { ...bare, rows: [at.row] };
    const wanted = isolated(() => rule.when?.(subject) ?? true);
    if (!wanted.ok || wanted.value) return { rule, subject };
  }
  return null;
}

/** What a speaker is to speak of. */
function subjectOfRow(
  { row, body }: RowAtTurn,
  { of, figure }: Speaker,
  { all }: Subjects,
): Subject | null {
  const [first = ''] = row.on;
  if (of === 'unit') return all.unit[0]!;
  if (of === 'part') return all.part(row.move?.part ?? first);
  if (of === 'station') return all.station(body?.station.id ?? first);
  const axisId = body?.axisId ?? first;
  if (of === 'axis') return all.axis(axisId);
  const kind: FigureKind | undefined = figure ?? row.figure;
  return kind === undefined ? null : all.spec(axisId, kind);
}

/** Acts that may be done with another step about the same thing; others without a speaker say nothing. */
const JOINS: ReadonlySet<Row['act']> = new Set([
  'prepare',
  'torque',
  'lock',
  'open',
  'loosen',
  'measureSize',
  'seat',
  'pull',
  'place',
]);

function inSteps(said: readonly Said[]): readonly Spoken[] {
  const rowsOf = new Map<number, Row[]>();
  const home = said.map(({ by }, at) => (by === null ? homeOf(said, at) : at));
  said.forEach(({ row }, at) => {
    const step = home[at]!;
    if (step === null) return;
    const rows = rowsOf.get(step);
    if (rows === undefined) rowsOf.set(step, [row]);
    else rows.push(row);
  });
  const steps: Spoken[] = [];
  said.forEach(({ by }, at) => {
    if (by === null) return;
    const rows = rowsOf.get(at)!;
    const last = steps.at(-1);
    const isSame = last !== undefined && last.rule === by.rule && isOne(last.subject, by.subject);
    if (isSame && !moves(last.rows) && !moves(rows))
      steps[steps.length - 1] = { ...last, rows: [...last.rows, ...rows] };
    else steps.push({ ...by, rows, subject: { ...by.subject, rows } });
  });
  return steps;
}

const moves = (rows: readonly Row[]): boolean => rows.some(({ move }) => move !== undefined);

const isOne = (one: Subject, other: Subject): boolean =>
  one.about === 'unit' && other.about === 'unit';

/** The step that a row without a speaker is done with: the next about its thing, else the one before; null where it is none. */
function homeOf(said: readonly Said[], at: number): number | null {
  const { row } = said[at]!;
  if (!JOINS.has(row.act)) return null;
  const station = stationOf(row);
  const isAbout = ({ row: other, by }: Said): boolean =>
    by !== null && stationOf(other) === station && other.waypoint === row.waypoint;
  const next =
    row.act === 'prepare' || row.act === 'loosen'
      ? said.findIndex((one, n) => n > at && isAbout(one))
      : -1;
  if (next >= 0) return next;
  const before = said.findLastIndex((one, n) => n < at && isAbout(one));
  if (before >= 0) return before;
  const later = said.findIndex((one, n) => n > at && by(one, station));
  return row.act === 'measureSize' || later < 0 ? lastOf(said, at, station) : later;
}

const by = ({ row, by: speaker }: Said, station: string): boolean =>
  speaker !== null && stationOf(row) === station;

function lastOf(said: readonly Said[], at: number, station: string): number | null {
  const found = said.findLastIndex((one, n) => n < at && by(one, station));
  return found < 0 ? null : found;
}

const stationOf = ({ on: [first = ''] }: Row): string => first.replace(/:(?:cup|cone)$/u, '');
