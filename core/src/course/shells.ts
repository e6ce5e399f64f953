import type { Draft } from './draft.ts';
import { ensure } from './ensure.ts';
import { bodyEvent, boltsEvent, isBolts } from './model/index.ts';

/** New shells are clamped dry, measured, and opened again; those that stay were measured as they came out. */
export function measureShells(draft: Draft, gauged: readonly string[]): void {
  const { model } = draft;
  const shells = model.bodies.filter(
    (body) =>
      body.station.kind === 'plainBearing' &&
      gauged.includes(body.station.id) &&
      draft.isToRenew(body),
  );
  if (shells.length === 0) return;
  draft.waypoint = 'trial';
  const before = new Set(draft.place.in);
  const caps = model.holds.map(({ boltsId }) => boltsEvent(boltsId));
  draft.onTrial(() => {
    ensure(draft, new Set([...before, ...caps, ...shells.map(({ id }) => bodyEvent(id))]));
    for (const { id } of shells) draft.add('measureSize', id);
  });
  ensure(
    draft,
    new Set([...draft.place.in].filter((event) => !isBolts(event) || before.has(event))),
  );
}
