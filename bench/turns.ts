import { buildableUnit, drawsFrom } from '@wendaxis/core/draws';
import { turned, TURNS, type TurnName } from '@wendaxis/core/turns';
import { UNIT_TEMPLATES, unitFromTemplate } from '@wendaxis/core/unit';

/**
 * Jobs that take odd turns half way, of units of every family and of every template, worked to their end. Seeds from the first to the
 * last; so many turns a job.
 */
const FIRST = Number(process.argv[2] ?? 1);
const LAST = Number(process.argv[3] ?? 300);
const TURNS_A_JOB = Number(process.argv[4] ?? 1);
const NAMES = Object.keys(TURNS) as TurnName[];
const END = { designation: null, family: null } as const;
const left = { ...END, dimensions: { bore: 30, outside: 62, width: 17 } };
const right = { ...END, dimensions: { bore: 28, outside: 60, width: 16 } };

let jobs = 0;
let held = 0;
let turns = 0;
for (let seed = FIRST; seed <= LAST; seed += 1) {
  const draws = drawsFrom(77_000 + seed);
  const template = draws.one(UNIT_TEMPLATES);
  const { family, unit } = draws.chance(0.25)
    ? {
        family: template,
        unit: unitFromTemplate(template, { name: template, left, right, span: 70 }),
      }
    : buildableUnit(seed);
  const { took, faults } = turned(unit, draws, NAMES, TURNS_A_JOB);
  if (took.length === 0) continue;
  jobs += 1;
  turns += took.length;
  if (faults.length === 0) held += 1;
  else console.log(`  ${seed} ${family}: ${took.join('; ')}: ${faults.slice(0, 3).join('; ')}`);
}
console.log(
  `${jobs} jobs that took ${turns} turns, seeds ${FIRST} to ${LAST}: ${held} came to their end with the unit whole`,
);
