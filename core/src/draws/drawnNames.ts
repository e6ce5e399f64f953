import type { JobEvent } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import type { Draws } from './draws.ts';
import { randomUnit } from './randomUnit.ts';

/** Names and figures of a unit and a log, some of them of neither. */
export function drawn(draws: Draws, unit: Unit, log: readonly JobEvent[]) {
  const stations = unit.axes.flatMap((axis) => axis.stations);
  const stationId = stations.length === 0 ? 'none' : draws.one(stations).id;
  const of = (kind: string) => {
    const rows = stations.filter((row) => row.kind === kind);
    return rows.length === 0 ? stationId : draws.one(rows).id;
  };
  const axisId = draws.one(unit.axes).id;
  const partId = draws.one(unit.parts).id;
  const specId = `spec-${draws.whole(0, 3)}`;
  const runId = `run-${draws.whole(0, 2)}`;
  const stage = draws.one(['asFound', 'trial', 'final'] as const);
  const piece = () => ({
    sizeId: draws.one(['found', 'box-0.3', 'toString']),
    thickness: draws.whole(50, 2000) / 1000,
    quantity: draws.whole(1, 3),
    uncertainty: 0.001,
  });
  const pieces = Array.from({ length: draws.whole(0, 3) }, piece);
  const band = () => {
    const lower = draws.whole(-10, 20) / 100;
    return draws.chance(0.8)
      ? { lower, upper: lower + draws.whole(0, 10) / 100, target: null }
      : { lower: null, upper: lower, target: draws.chance(0.5) ? lower : null };
  };
  const fresh = () => randomUnit(draws);
  return {
    draws,
    unit,
    log,
    stations,
    stationId,
    of,
    axisId,
    partId,
    specId,
    runId,
    stage,
    piece,
    pieces,
    band,
    fresh,
  };
}

/** What is at hand when the data of an event are drawn. */
export type Drawn = ReturnType<typeof drawn>;
