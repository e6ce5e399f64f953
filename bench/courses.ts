import { checkPlan } from '@wendaxis/core/checker';
import { courseOf, modelOf, type Course, type Goal } from '@wendaxis/core/course';
import { buildableUnit } from '@wendaxis/core/draws';
import type { Unit } from '@wendaxis/core/unit';

/**
 * Courses of units of every family that can be built by how it is laid out, for every scope, carried out by the checker: refusals, and
 * units for which something has no way. Both are counted: such a unit can be built. Seeds 1 to the count. And how many of the rows left
 * out the checker notices.
 */
const COUNT = Number(process.argv[2] ?? 3_334);
const found = new Map<string, number>();
const sums = { courses: 0, refused: 0, noWay: 0, rows: 0, dropped: 0, noticed: 0 };

const began = process.cpuUsage();
for (let seed = 1; seed <= COUNT; seed += 1) {
  const { family, unit, draws } = buildableUnit(seed);
  const model = modelOf(unit);
  const goals: readonly Goal[] = [
    { scope: 'overhaul' },
    { scope: 'setPlay' },
    { scope: 'renew', renew: [draws.one(model.bodies).station.id] },
  ];
  for (const goal of goals) {
    const course = courseOf(model, goal);
    sums.courses += 1;
    sums.rows += course.rows.length;
    sums.noWay += course.noWay.length > 0 ? 1 : 0;
    const [first] = refusalsOf(unit, course.rows);
    if (first === undefined) dropOne(unit, course, seed);
    else {
      sums.refused += 1;
      note(
        `${family}, ${goal.scope}: rule ${first.rule}, ${first.act} ${first.moving} by ${first.by}`,
      );
    }
    for (const event of course.noWay) note(`${family}, ${goal.scope}: no way, ${event}`);
  }
}
const { user } = process.cpuUsage(began);
console.log(
  `${COUNT} units, ${sums.courses} courses, seeds 1 to ${COUNT}: ${sums.refused} refused, ${sums.noWay} without a way (both held to 0); ` +
    `${(sums.rows / sums.courses).toFixed(1)} rows and ${(user / 1000 / sums.courses).toFixed(1)} ms each, checker included; of ` +
    `${sums.dropped} rows left out it notices ${((100 * sums.noticed) / sums.dropped).toFixed(1)} %`,
);
for (const [key, count] of [...found].toSorted((a, b) => b[1] - a[1]).slice(0, 15))
  console.log(`  ${count} × ${key}`);

function note(key: string): void {
  found.set(key, (found.get(key) ?? 0) + 1);
}

function refusalsOf(unit: Unit, rows: Course['rows']) {
  return checkPlan(
    unit,
    rows.map(({ act, on, figure }) => ({ act, on, ...(figure === undefined ? {} : { figure }) })),
  );
}

/** One row that moves something is left out, another with each seed: whether that is noticed. */
function dropOne(unit: Unit, { rows }: Course, seed: number): void {
  const moving = rows.filter(({ move }) => move !== undefined);
  const left = moving[seed % Math.max(1, moving.length)];
  if (left === undefined) return;
  sums.dropped += 1;
  if (
    refusalsOf(
      unit,
      rows.filter((row) => row !== left),
    ).length > 0
  )
    sums.noticed += 1;
}
