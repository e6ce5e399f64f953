import type { Station } from '../unit/index.ts';
import { does, refusal, stationsOf, type Rule } from './acts.ts';

/** A pack is chosen by a reading: not before the first of its axis. A depth shim has its own. */
const chosenBlind: Rule = (unit, acts) =>
  unit.axes.flatMap(({ id: axisId, stations }) => {
    const [first] = does(acts, ['measure'], axisId);
    if (first === undefined) return [];
    return stations
      .filter(({ kind, place }) => SETS.has(kind) && place !== 'behindHeadCone')
      .flatMap(({ id }) =>
        does(acts, ['choose'], id)
          .filter((at) => at < first)
          .map((at) => refusal(12, acts, at, id, axisId)),
      );
  });

const SETS: ReadonlySet<Station['kind']> = new Set(['shimSite', 'spacer']);
const MARKED: ReadonlySet<Station['kind']> = new Set(['bolts', 'nut', 'adjuster']);

/** What is undone was marked before: where it sits, how far it is in. */
const unmarked: Rule = (unit, acts, loose) =>
  stationsOf(unit)
    .filter(({ id, kind }) => MARKED.has(kind) && !loose.includes(id))
    .flatMap(({ id }) => {
      const [undone] = does(acts, ['loosen'], id);
      const isMarked = does(acts, ['mark'], id).some((at) => at < (undone ?? -1));
      return undone === undefined || isMarked ? [] : [refusal(12, acts, undone, id)];
    });

const CLOSES: ReadonlySet<string> = new Set(['fitSeal', 'close', 'seat']);

/** Nothing is filled that is still to be closed. */
const filledOpen: Rule = (_, acts) =>
  acts.flatMap(({ act }, at) => {
    if (act !== 'fill') return [];
    const late = acts.slice(at).find((one) => CLOSES.has(one.act));
    return late === undefined ? [] : [refusal(12, acts, at, late.on[0] ?? late.act)];
  });

const RUBBER: ReadonlySet<Station['kind']> = new Set(['oRing', 'ringSeal', 'pistonSeal']);

/** A ring of rubber goes in where there is none: the old one came out before, and it is drawn but once. */
const overTheOld: Rule = (unit, acts, loose) =>
  stationsOf(unit)
    .filter(({ kind }) => RUBBER.has(kind))
    .flatMap(({ id }) => {
      const ins = new Set(does(acts, ['fitSeal', 'place', 'seat'], id));
      const moves = [...ins, ...does(acts, ['draw', 'pull'], id)].toSorted((a, b) => a - b);
      const wasIn = (nth: number): boolean =>
        nth === 0 ? !loose.includes(id) : ins.has(moves[nth - 1]!);
      return moves
        .filter((at, nth) => ins.has(at) === wasIn(nth))
        .map((at) => refusal(10, acts, at, id));
    });

/** Where an oil hole comes is marked before what has it is pressed in. */
const holeUnmarked: Rule = (unit, acts) =>
  stationsOf(unit)
    .filter(({ kind, oilHole }) => kind === 'bush' && oilHole !== undefined)
    .flatMap(({ id }) => {
      const [seated] = does(acts, ['seat'], id);
      const isMarked = does(acts, ['mark'], id).some((at) => at < (seated ?? -1));
      return seated === undefined || isMarked ? [] : [refusal(12, acts, seated, id)];
    });

const RULES: readonly Rule[] = [chosenBlind, unmarked, holeUnmarked, filledOpen, overTheOld];

/** What a plan does before its time: rule 12. @param loose ids of what came undone: its place is lost already */
export const judgeOrder: Rule = (unit, acts, loose) =>
  RULES.flatMap((rule) => rule(unit, acts, loose));
