import { drawsFrom, randomUnit } from '../draws/index.ts';
import {
  findStation,
  UNIT_TEMPLATES,
  type Station,
  type StationKind,
  type Unit,
} from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import type { Step } from './step.ts';
import { Bench, unitOf } from './tests/bench.ts';

/** Units that nobody designed; `npm run trials` draws a thousand. */
const DRAWN = process.env['WENDAXIS_TRIALS'] === undefined ? 200 : 1000;

/** A word, and where it may be said: of a unit that has the thing, at a step about it. */
interface Term {
  readonly word: RegExp;
  readonly fits: (unit: Unit, station: Station | null) => boolean;
}
const kinds = (unit: Unit): ReadonlySet<StationKind> =>
  new Set(unit.axes.flatMap(({ stations }) => stations.map(({ kind }) => kind)));
const has =
  (...wanted: readonly StationKind[]) =>
  (unit: Unit): boolean =>
    wanted.some((kind) => kinds(unit).has(kind));

const TERMS: readonly Term[] = [
  // Webs of a shaft make it a crank.
  {
    word: /\bcrank/i,
    fits: (unit, station) => station?.kind === 'shaftStep' || /crank/i.test(JSON.stringify(unit)),
  },
  { word: /\bnuts?\b/i, fits: has('nut', 'adjuster') },
  {
    word: /\brollers?\b/i,
    fits: (unit, station) =>
      station === null
        ? [...kinds(unit)].some((kind) => /roller|needle|drawnCup/i.test(kind))
        : station.kind !== 'ballBearing',
  },
  { word: /\bballs?\b/i, fits: (_, station) => station?.kind !== 'taperedRoller' },
  { word: /\bsnap ring/i, fits: has('snapRing') },
  { word: /\bpress the cup\b/i, fits: (_, station) => station?.kind === 'taperedRoller' },
  {
    word: /\bcase (?:bolts|halves)\b/i,
    fits: (unit) => unit.parts.some(({ kind }) => /case/.test(kind)),
  },
  { word: /\bcollapsible|\bcrushed sleeve/i, fits: has('spacer') },
  { word: /\bpistons?\b/i, fits: has('piston', 'ringSeal', 'pistonSeal') },
  {
    word: /\bpinion\b/i,
    fits: (unit) =>
      /pinion|mesh/i.test(JSON.stringify(unit)) ||
      unit.axes.some(({ sets }) => sets.includes('depth') || sets.includes('backlash')),
  },
  { word: /^Washers in their order/i, fits: has('thrustWasher') },
  { word: /\bshoulder\b/i, fits: (_, station) => station === null || station.kind !== 'gear' },
];

/** What a step says, without the names that the user gave. */
function saidOf(unit: Unit, { title, how, reason }: Step): readonly string[] {
  const names = [
    ...unit.parts.map(({ name }) => name),
    ...unit.axes.flatMap(({ name, stations }) => [name, ...stations.map((one) => one.name)]),
  ].toSorted((a, b) => b.length - a.length);
  return [title, how, reason].map((text) =>
    names.reduce(
      (rest, name) => rest.replaceAll(name, '·').replaceAll(name.toLowerCase(), '·'),
      text,
    ),
  );
}

/** Words that are said where their thing is not: rule, word and text. */
function misfits(unit: Unit): readonly string[] {
  const { steps } = compilePlan(new Bench(unit, 'overhaul').state);
  return steps.flatMap((step) => {
    const station = step.stationId === null ? null : findStation(unit, step.stationId)!.station;
    return saidOf(unit, step).flatMap((text) =>
      TERMS.filter(({ word, fits }) => word.test(text) && !fits(unit, station)).map(
        ({ word }) => `${step.rule} ${station?.kind ?? ''} ${word.source}: ${text}`,
      ),
    );
  });
}

describe('the words of a plan', () => {
  test.each(UNIT_TEMPLATES)('should fit what is there in %s', (template) => {
    expect(misfits(unitOf(template))).toEqual([]);
  });

  test('should fit what is there in units that nobody designed', () => {
    const found = new Set<string>();
    for (let seed = 1; seed <= DRAWN; seed += 1)
      for (const one of misfits(randomUnit(drawsFrom(seed)))) found.add(one);
    expect([...found]).toEqual([]);
  });

  test('should have been able to fail: the words are said where their things are', () => {
    const said = UNIT_TEMPLATES.flatMap((template) => {
      const unit = unitOf(template);
      const { steps } = compilePlan(new Bench(unit, 'overhaul').state);
      return steps.flatMap((step) => saidOf(unit, step));
    });
    const words = TERMS.map(({ word }) => word).filter((word) =>
      said.some((text) => word.test(text)),
    );
    expect(words.length).toBeGreaterThanOrEqual(5);
  });
});
