import type { Axis, Station, Unit } from '../unit/index.ts';
import { does, isRolling, refusal, stationsOf, type Rule } from './acts.ts';
import type { PlannedAct, Refusal } from './refusal.ts';

/** Acts that change what a figure rests on. */
const CHANGES = ['seat', 'place', 'fitPack', 'setPreload', 'assemble'];

/** What carries or seals a shaft without setting how far it moves. */
const BESIDE: ReadonlySet<Station['kind']> = new Set([
  'seal',
  'oRing',
  'bush',
  'drawnCup',
  'plainBearing',
  'looseRollers',
]);

/** A figure of an axis on which something was fitted is proven. */
const unproven: Rule = (unit, acts) =>
  unit.axes
    .filter(({ sets }) => sets.length > 0)
    .flatMap((axis) => {
      const changed = axis.stations
        .filter(({ kind }) => !BESIDE.has(kind))
        .some((station) => does(acts, CHANGES, station.id).length > 0);
      return changed && does(acts, ['prove'], axis.id).length === 0
        ? [refusal(11, acts, acts.length, axis.id)]
        : [];
    });

const PRESSED: ReadonlySet<Station['kind']> = new Set(['bush', 'drawnCup']);

/** What went into its seat by itself, or onto it, is looked at: whether it is home. A nut that is drawn down brings a ring home. */
const unchecked: Rule = (unit, acts) =>
  unit.axes.flatMap(({ stations }) => {
    const nuts = stations.filter(({ kind }) => kind === 'nut');
    const drawn = nuts.flatMap(({ id }) => does(acts, ['torque', 'setPreload'], id));
    const judged = stations.filter((one) => PRESSED.has(one.kind) || isRolling(one));
    return judged.flatMap((station) =>
      ringsOf(station).flatMap(({ ring, isByNut }) => {
        const byItself = (at: number) => acts[at]!.on.every((one) => one === ring);
        const seated = does(acts, ['seat'], ring).findLast(byItself);
        const seen = does(acts, ['checkHome'], ring);
        const isSeen = [...seen, ...(isByNut ? drawn : [])].some((at) => at > (seated ?? Infinity));
        return seated === undefined || isSeen ? [] : [refusal(11, acts, seated, ring)];
      }),
    );
  });

/** The rings that an act can name of a station, and whether a nut on the shaft can draw them home. */
const ringsOf = ({ id, tightRing, kind }: Station) => [
  { ring: id, isByNut: tightRing === 'inner' && !PRESSED.has(kind) },
  { ring: `${id}:cup`, isByNut: false },
  { ring: `${id}:cone`, isByNut: true },
];

/** What was undone is tightened again, and locked where it has a lock. */
const slack: Rule = (unit, acts) =>
  unit.axes.flatMap((axis) =>
    axis.stations
      .filter(({ kind }) => kind === 'bolts' || kind === 'nut')
      .flatMap((station) => leftSlack(axis, station, acts)),
  );

const UNLOCKED: ReadonlySet<Station['lock']> = new Set([
  undefined,
  'none',
  'threadlocker',
  'selfLocking',
]);

function leftSlack(
  { id: axisId }: Axis,
  { id, lock }: Station,
  acts: readonly PlannedAct[],
): readonly Refusal[] {
  const undone = does(acts, ['loosen'], id).at(-1) ?? -1;
  const turned = does(acts, ['torque', 'setPreload'], id).at(-1) ?? -1;
  const locked = does(acts, ['lock'], id).at(-1) ?? -1;
  const isSlack = undone > turned;
  const isOpen = turned >= 0 && !UNLOCKED.has(lock) && locked < turned;
  return [
    ...(isSlack ? [refusal(11, acts, acts.length, id, axisId)] : []),
    ...(isOpen ? [refusal(11, acts, turned, id, axisId)] : []),
  ];
}

/** An O-ring of a part that was opened, or that was drawn, is fitted. */
const forgotten: Rule = (unit, acts) =>
  stationsOf(unit)
    .filter(({ kind }) => kind === 'oRing')
    .flatMap(({ id, partId }) => {
      const opened = [...does(acts, ['open'], partId), ...does(acts, ['draw'], id)];
      const last = Math.max(-1, ...opened);
      const isFitted = does(acts, ['fitSeal', 'place'], id).some((at) => at > last);
      return last < 0 || isFitted ? [] : [refusal(11, acts, acts.length, id)];
    });

const RULES: readonly Rule[] = [unproven, unchecked, slack, forgotten];

/** What a plan leaves undone at its end: rule 11. */
export const judgeEnd = (unit: Unit, acts: readonly PlannedAct[]): readonly Refusal[] =>
  RULES.flatMap((rule) => rule(unit, acts, []));
