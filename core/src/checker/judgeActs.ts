import type { Axis, Station, Unit } from '../unit/index.ts';
import { does, isRolling, refusal, stationsOf, type Rule } from './acts.ts';
import type { PlannedAct, Refusal } from './refusal.ts';

const standsTightIn = (station: Station, partId: string): boolean =>
  isRolling(station) && station.partId === partId && (station.tightRing ?? 'both') !== 'inner';
const isCup = (on: readonly string[], id: string): boolean => !on.includes(`${id}:cone`);

/** A ring goes into a part that is hot: nothing else was heated since, and no rubber was left in it. */
const heat: Rule = (unit, acts) => {
  const turning = new Set(
    stationsOf(unit)
      .filter(({ kind }) => kind === 'shaftStep')
      .map(({ partId }) => partId),
  );
  return unit.parts
    .filter(({ id }) => !turning.has(id))
    .flatMap(({ id: partId }) => {
      const rings = stationsOf(unit).filter((one) => standsTightIn(one, partId));
      return rings.flatMap(({ id }) =>
        does(acts, ['seat'], id)
          .filter((at) => isCup(acts[at]!.on, id) && !acts[at]!.on.some((one) => turning.has(one)))
          .filter((at) => {
            const hot = acts.slice(0, at).findLast(({ act }) => act === 'heat');
            return hot === undefined || !hot.on.includes(partId);
          })
          .map((at) => refusal(3, acts, at, id, partId)),
      );
    });
};

/** Rubber that is in a part while it is heated. */
const rubber: Rule = (unit, acts, out) =>
  stationsOf(unit)
    .filter(({ kind }) => kind === 'seal')
    .flatMap(({ id, partId }) =>
      does(acts, ['heat'], partId)
        .filter((at) => {
          const [drawn, back] = [
            does(acts, ['draw'], id).findLast((one) => one < at) ?? -1,
            does(acts, ['fitSeal'], id).findLast((one) => one < at) ?? -1,
          ];
          const cameWithIt = !out.includes(id);
          return back > drawn || (drawn < 0 && back < 0 && cameWithIt);
        })
        .map((at) => refusal(3, acts, at, id, partId)),
    );

const NEW_EACH_TIME = new Set(['selfLocking', 'staked']);

/** A nut that has crushed a sleeve is not turned again; compound comes before the torque, a lock after it. */
const fasteners: Rule = (unit, acts) =>
  stationsOf(unit)
    .filter(({ kind }) => kind === 'nut' || kind === 'bolts')
    .flatMap(({ id, lock }) => {
      const turned = does(acts, ['torque', 'setPreload'], id);
      const [set] = does(acts, ['setPreload'], id);
      const last = turned.at(-1) ?? Infinity;
      const undone = does(acts, ['loosen'], id)[0];
      const isOld =
        NEW_EACH_TIME.has(lock ?? '') &&
        undone !== undefined &&
        turned.length > 0 &&
        does(acts, ['compare'], id).length === 0;
      return [
        ...does(acts, ['torque', 'loosen'], id)
          .filter((at) => set !== undefined && at > set)
          .map((at) => refusal(4, acts, at, id)),
        ...does(acts, ['prepare'], id)
          .filter((at) => turned.length > 0 && at > last)
          .map((at) => refusal(4, acts, at, id)),
        ...does(acts, ['lock'], id)
          .filter((at) => at < last)
          .map((at) => refusal(4, acts, at, id)),
        ...(isOld ? [refusal(4, acts, turned[0]!, id)] : []),
      ];
    });

const MOVES = [
  'seat',
  'place',
  'assemble',
  'fitPack',
  'setPreload',
  'torque',
  'pull',
  'pressOut',
  'open',
];

/** A figure is proven after the last act that can change it, and measured with its bearings in and its nut tight. */
const figures: Rule = (unit, acts) =>
  unit.axes.flatMap((axis) => {
    const movers = axis.stations.filter(({ kind }) => kind !== 'seal' && kind !== 'oRing');
    const ids = new Set([axis.id, ...movers.flatMap(({ id }) => [id, `${id}:cup`, `${id}:cone`])]);
    const moved = acts.flatMap(({ act, on }, at) =>
      MOVES.includes(act) && on.some((id) => ids.has(id)) ? [at] : [],
    );
    const last = moved.at(-1) ?? -1;
    const proofs = new Map(does(acts, ['prove'], axis.id).map((at) => [acts[at]!.figure, at]));
    const older = [...proofs.values()].filter((at) => at < last);
    return [
      ...withItsDriven(unit, axis, acts),
      ...older.map((at) => refusal(5, acts, at, axis.id, acts[last]!.on[0]!)),
      ...measuredBefore(axis, acts),
    ];
  });

/** The drag of a shaft is proven while what its gear drives is out: turned together they read more. */
function withItsDriven(unit: Unit, axis: Axis, acts: readonly PlannedAct[]): readonly Refusal[] {
  if (axis.sets.includes('backlash') || !axis.stations.some(({ kind }) => kind === 'gear'))
    return [];
  const driven = unit.axes.filter((one) => one !== axis && one.sets.includes('backlash'));
  return does(acts, ['prove'], axis.id)
    .filter((at) => acts[at]!.figure === 'rollingTorque')
    .flatMap((at) => {
      const meshed = driven.find(({ id }) =>
        does(acts, ['assemble'], id).some((built) => built < at),
      );
      return meshed === undefined ? [] : [refusal(5, acts, at, axis.id, meshed.id)];
    });
}

function measuredBefore(axis: Axis, acts: readonly PlannedAct[]): readonly Refusal[] {
  const [first] = does(acts, ['measure'], axis.id).filter(
    (at) => acts[at]!.figure !== 'rollingTorque',
  );
  if (first === undefined) return [];
  const late = axis.stations
    .filter(isRolling)
    .filter(({ id }) => does(acts, ['pull'], id).some((at) => at < first))
    .filter(({ id }) => !does(acts, ['seat', 'place'], id).some((at) => at < first));
  const sleeve = axis.stations.some(({ spacerType }) => spacerType === 'collapsible');
  const before = (act: 'loosen' | 'torque', id: string): number =>
    does(acts, [act], id).findLast((at) => at < first) ?? -1;
  const slack = axis.stations.filter(
    ({ kind, id }) =>
      kind === 'nut' &&
      axis.arrangement === 'backToBack' &&
      !sleeve &&
      before('loosen', id) > before('torque', id),
  );
  // What is drawn down over a thrust stack that nobody looked at may be crushed, and still reads right.
  const drawn = axis.stations
    .filter(({ kind }) => kind === 'nut')
    .flatMap(({ id }) => does(acts, ['torque'], id))
    .filter((at) => at < first);
  const [looked] = does(acts, ['checkHome'], axis.id);
  const unseen = axis.stations.filter(
    ({ kind }) =>
      kind === 'needleThrust' && drawn.length > 0 && !(looked !== undefined && looked < drawn[0]!),
  );
  return [...late, ...slack, ...unseen].map(({ id }) => refusal(5, acts, first, axis.id, id));
}

/** A shaft that was drawn into two bearings is relieved after the last bolts that push it. */
const sideLoad: Rule = (unit, acts) =>
  unit.axes.flatMap((axis) => {
    const balls = axis.stations.filter(({ kind }) => kind === 'ballBearing');
    const both = balls.filter(({ tightRing }) => (tightRing ?? 'both') === 'both');
    const drawn = both.flatMap(({ id }) =>
      does(acts, ['seat'], id).filter((at) => acts[at]!.on.length > 1),
    );
    if (balls.length < 2 || drawn.length === 0) return [];
    const parts = new Set(balls.map(({ partId }) => partId));
    const bolts = axis.stations.filter(({ kind, partId }) => kind === 'bolts' && parts.has(partId));
    const last = Math.max(...drawn, ...bolts.flatMap(({ id }) => does(acts, ['torque'], id)));
    const relieved = does(acts, ['relieve'], axis.id).at(-1) ?? -1;
    return relieved > last ? [] : [refusal(6, acts, last, axis.id)];
  });

const SPOILED = new Set(['seal', 'bush', 'drawnCup', 'oRing', 'pistonSeal']);

/** What its removal spoils goes in as a new one: that was looked at beside the old. */
const reuse: Rule = (unit, acts) =>
  stationsOf(unit)
    .filter(({ kind, spacerType }) => SPOILED.has(kind) || spacerType === 'collapsible')
    .flatMap(({ id }) => {
      const [out] = does(acts, ['draw', 'pull', 'pressOut'], id);
      const back = does(acts, ['seat', 'place', 'fitSeal'], id).find(
        (at) => at > (out ?? Infinity),
      );
      const set = does(acts, ['setPreload'], id).at(-1);
      const used = set ?? (out === undefined ? undefined : back);
      if (used === undefined) return [];
      const isNew = does(acts, ['compare'], id).some((at) => at < used);
      return isNew ? [] : [refusal(7, acts, used, id)];
    });

/** A new bush is gauged where it stands; shells, needles and rollers are measured. */
const clearance: Rule = (unit, acts) =>
  stationsOf(unit)
    .filter(({ kind }) => ['bush', 'drawnCup', 'plainBearing', 'looseRollers'].includes(kind))
    .flatMap(({ id, kind }) => {
      const [seated] = does(acts, ['seat', 'place'], id);
      const pressed = kind === 'bush' || kind === 'drawnCup';
      const sizes = does(acts, ['measureSize'], id);
      const isMeasured = pressed ? sizes.some((at) => at > (seated ?? 0)) : sizes.length > 0;
      return seated === undefined || isMeasured ? [] : [refusal(8, acts, seated, id)];
    });

const RULES: readonly Rule[] = [heat, rubber, fasteners, figures, sideLoad, reuse, clearance];

/** What an order of acts does wrong whatever the shapes are. */
export const judgeActs: Rule = (unit, acts, out) => RULES.flatMap((rule) => rule(unit, acts, out));
