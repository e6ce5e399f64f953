import { checkPlan, type Came, type PlannedAct } from '@wendaxis/core/checker';
import { courseOf, modelOf } from '@wendaxis/core/course';
import { drawsFrom, type Draws } from '@wendaxis/core/draws';
import { foldJob, type JobEvent, type JobEventData } from '@wendaxis/core/job';
import { compilePlan, isRenewable, type Step } from '@wendaxis/core/plan';
import { UNIT_TEMPLATES, unitFromTemplate, type Unit } from '@wendaxis/core/unit';

/**
 * Plans of random units of every arrangement, for random scopes, carried out by the checker: refusals, units that cannot be
 * assembled as they are described (their bearings do not go past one another), turns of the work from one part to another,
 * heats, and screens. Seeds 1 to the count.
 */
const COUNT = Number(process.argv[2] ?? 10_000);
const refused = new Map<string, number>();
const sums = { screens: 0, heats: 0, reheats: 0, flips: 0, plans: 0, noWay: 0, refused: 0 };

for (let seed = 1; seed <= COUNT; seed += 1) {
  const draws = drawsFrom(seed);
  const unit = drawnUnit(draws);
  const data = drawnJob(draws, unit);
  if (courseOf(modelOf(unit), { scope: 'overhaul' }).noWay.length > 0) {
    sums.noWay += 1;
    continue;
  }
  const opened = { id: 'o', seq: 1, type: 'JobOpened', version: 1, at: '', by: 'bench', data };
  const { steps, screens } = compilePlan(foldJob([opened as JobEvent]));
  const acts = actsOf(steps);
  const refusals = checkPlan(unit, acts, cameAs(unit, data.start));
  sums.plans += 1;
  sums.screens += screens.length;
  const heated = acts.filter(({ act }) => act === 'heat').flatMap(({ on }) => on);
  sums.heats += heated.length;
  sums.reheats += heated.length - new Set(heated).size;
  sums.flips += flipsIn(steps);
  const [first] = refusals;
  if (first === undefined) continue;
  sums.refused += 1;
  const key = `${unit.name}, ${data.scope}, ${data.start}: rule ${first.rule}, ${first.act} ${first.moving} by ${first.by}`;
  refused.set(key, (refused.get(key) ?? 0) + 1);
}
const { plans, noWay } = sums;
const each = (sum: number) => (sum / plans).toFixed(1);
console.log(
  `${COUNT} units and scopes, seeds 1 to ${COUNT}: ${plans} plans, ${sums.refused} refused (held to 0); ` +
    `${noWay} units told as having no way; a plan has ${each(sums.screens)} screens, ${each(sums.heats)} heats, ` +
    `${each(sums.reheats)} reheats, ${each(sums.flips)} turns from one part to another`,
);
for (const [key, count] of [...refused].toSorted((a, b) => b[1] - a[1]).slice(0, 15))
  console.log(`  ${count} × ${key}`);

function drawnUnit(draws: Draws): Unit {
  const bore = draws.whole(15, 70);
  const outside = Math.round(bore * (1.5 + draws.share()));
  const share = 0.86 + 0.14 * draws.share();
  const end = (scale: number) => ({
    designation: null,
    family: null,
    dimensions: {
      bore: Math.round(bore * scale),
      outside: Math.round(outside * scale),
      width: draws.whole(9, 34),
    },
  });
  const template = draws.one(UNIT_TEMPLATES);
  const [left, right] = [end(1), end(share)];
  return unitFromTemplate(template, { name: template, left, right, span: draws.whole(40, 160) });
}

function drawnJob(draws: Draws, unit: Unit): JobEventData['JobOpened'] {
  const bodies = unit.axes
    .flatMap(({ stations }) => stations)
    .filter(({ id }) => isRenewable(unit, id));
  const start = draws.one(['running', 'drained', 'open'] as const);
  if (draws.chance(0.4)) {
    const any = draws.one([start, 'bare'] as const);
    return { unit, reason: '', scope: 'overhaul', start: any };
  }
  const renew = Array.from({ length: draws.whole(1, 2) }, () => ({
    stationId: draws.one(bodies).id,
  }));
  return { unit, reason: '', scope: 'renew', start, renew };
}

/** What was undone, apart and out when a unit came. */
function cameAs(unit: Unit, start: JobEventData['JobOpened']['start']): Came {
  const { joints, bodies, shafts } = modelOf(unit);
  const loosened = joints.flatMap(({ bolts }) => bolts);
  const apart = joints.map(({ part }) => part);
  if (start === 'open') return { loosened, apart };
  if (start !== 'bare') return {};
  const out = bodies.map(({ station }) => station.id);
  const bolts = unit.axes.flatMap(({ stations }) =>
    stations.filter(({ kind }) => kind === 'bolts'),
  );
  return {
    loosened: bolts.map(({ id }) => id),
    apart: [...apart, ...shafts.map(({ part }) => part)],
    out,
  };
}

function actsOf(steps: readonly Step[]): readonly PlannedAct[] {
  return steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );
}

/** How often the work goes from one part to another while rings are seated. */
function flipsIn(steps: readonly Step[]): number {
  const parts = steps.filter(({ rule }) => rule === 'seatOuter').map(({ partId }) => partId);
  return parts.filter((part, at) => at > 0 && part !== parts[at - 1]).length;
}
