import {
  isBody,
  ringOf,
  subjectOf,
  type Body,
  type Direction,
  type EventKey,
  type Model,
} from '../model/index.ts';
import { pairsOf } from './pairs.ts';

const SIDES: readonly Direction[] = [-1, 1];

/** Two things of which the first does not pass the other, each by the id of its station or part. */
export interface Shut {
  readonly moving: string;
  readonly by: string;
}

/** What shuts in something that has no way: metal of its own part first, then what else it meets on its axis. */
export function shutBy(model: Model, event: EventKey): Shut {
  const id = subjectOf(event);
  if (isBody(event)) return { moving: id, by: metBy(model, model.bodyOf.get(id)!) };
  const to = model.shaftOf.get(id)?.to ?? model.jointOf.get(id)?.to ?? model.root;
  const stuck = model.bodies.find(
    (body) => body.host === id && SIDES.every((side) => metalMet(model, body, to, side) !== null),
  );
  if (stuck === undefined) return { moving: id, by: to };
  return { moving: stuck.station.id, by: metalMet(model, stuck, to, 1)! };
}

function metBy(model: Model, body: Body): string {
  const sides = body.way === null ? SIDES : SIDES.filter((side) => side === -body.way!);
  for (const side of sides) {
    const own = metalMet(model, body, body.host, side);
    if (own !== null) return own;
  }
  for (const part of model.unit.parts)
    for (const side of sides) {
      const met = metalMet(model, body, part.id, side);
      if (met !== null) return met;
    }
  const { hit, onAxis } = pairsOf(model);
  const other = onAxis(body.axisId).find(
    (one) => one.station !== body.station && sides.some((side) => hit(body, one, side)),
  );
  return other?.station.id ?? body.host;
}

/** The station of a part that a body meets on its way to a side; null where it meets none. */
function metalMet(model: Model, body: Body, partId: string, side: Direction): string | null {
  const { metal } = model;
  const found = metal.all.find(
    (placed) =>
      placed.station.partId === partId &&
      placed.axisId === body.axisId &&
      metal.isIntegral(placed) &&
      pairsOf(model).meet(body.rings, [ringOf(placed.station)], side),
  );
  return found?.station.id ?? null;
}
