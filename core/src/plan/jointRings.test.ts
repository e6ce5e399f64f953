import { checkPlan } from '../checker/index.ts';
import type { JobScope } from '../job/index.ts';
import type { Station, Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { complete } from './tests/planOf.ts';
import { wayTo } from './wayTo.ts';

const RING: Station = {
  id: 'joint-ring',
  kind: 'oRing',
  name: 'Cover O-ring',
  partId: 'cover',
  at: 100,
  width: 3,
  inside: 64,
  outside: 70,
};
/** Cover shims, and an O-ring in the joint of the cover. */
const SEALED: Unit = (() => {
  const unit = complete(unitOf('coverShims'));
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({ ...axis, stations: [...axis.stations, RING] })),
  };
})();
const idsOf = (scope: JobScope, renew: readonly string[] = []) => {
  const bench = new Bench(SEALED, scope).record({
    type: 'ScopeSet',
    data: {
      scope,
      start: 'running',
      ...(scope === 'renew' ? { renew: renew.map((stationId) => ({ stationId })) } : {}),
    },
  });
  const { steps } = compilePlan(bench.state);
  const acts = steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );
  expect(checkPlan(SEALED, acts)).toEqual([]);
  return steps.map(({ id }) => id);
};

describe('the O-ring of a joint that is parted', () => {
  test('should be renewed with what lies under the cover, and say so beforehand', () => {
    expect(wayTo(SEALED, 'running', ['bearing-right']).alsoRenewed).toContain('Cover O-ring');
    const ids = idsOf('renew', ['bearing-right']);
    expect(ids).toContain('newPart:joint-ring');
    expect(ids.indexOf('fitORing:joint-ring')).toBeGreaterThan(-1);
    expect(ids.indexOf('fitORing:joint-ring')).toBeLessThan(ids.indexOf('torque:bolts'));
  });

  test('should stay where the joint stays closed', () => {
    expect(wayTo(SEALED, 'running', ['seal-right']).alsoRenewed).toEqual([]);
    expect(idsOf('renew', ['seal-right'])).not.toContain('fitORing:joint-ring');
  });

  test('should be renewed where the cover comes off to set the play', () => {
    const ids = idsOf('setPlay');
    expect(ids).toContain('newPart:joint-ring');
    expect(ids.indexOf('fitORing:joint-ring')).toBeGreaterThan(ids.indexOf('fitPack:shims'));
    expect(ids.indexOf('fitORing:joint-ring')).toBeLessThan(ids.indexOf('torque:bolts'));
  });
});
