import { buildableUnit, drawsFrom, howMany } from '../draws/index.ts';
import { UNIT_TEMPLATES, unitFromTemplate, type Unit } from '../unit/index.ts';
import { lostBy, notWhole } from './foundWrong.ts';
import { JobAtBench } from './jobAtBench.ts';
import { turned } from './turned.ts';
import { TURNS, type TurnName } from './turnKinds.ts';

const NAMES = Object.keys(TURNS) as TurnName[];
const END = { designation: null, family: null } as const;
const left = { ...END, dimensions: { bore: 30, outside: 62, width: 17 } };
const right = { ...END, dimensions: { bore: 28, outside: 60, width: 16 } };

/** The first has a pack, which one of the turns changes. */
const templateUnit = (seed: number): Unit => {
  const at = UNIT_TEMPLATES.indexOf('coverShims') + seed / 2 - 1;
  const template = UNIT_TEMPLATES[at % UNIT_TEMPLATES.length]!;
  return unitFromTemplate(template, { name: template, left, right, span: 70 });
};

describe('a job that takes odd turns half way', () => {
  // Each turn by itself and then two of them, on units that nobody designed and on templates.
  test.each(NAMES)('should come to its end with the unit whole: %s', (name) => {
    const seeds = Array.from({ length: howMany('WENDAXIS_TRIALS', 2) }, (_, n) => n + 1);
    let took = 0;
    for (const seed of seeds) {
      const unit = seed % 2 === 0 ? templateUnit(seed) : buildableUnit(seed).unit;
      const outcome = turned(unit, drawsFrom(31_000 + seed), [name], 2);
      took += outcome.took.length;
      expect([seed, outcome.took, outcome.faults]).toEqual([seed, outcome.took, []]);
    }
    expect(took).toBeGreaterThan(0);
  });

  test('should notice what is not open after a turn, and what is out at the end', () => {
    const job = new JobAtBench(buildableUnit(1).unit);
    const turn = { about: '', records: [], opens: [{ acts: ['weld'], on: 'case' }] };
    expect(lostBy(turn, job)).toEqual(['weld case is not open']);
    expect(notWhole(job)).toEqual([]);
    job.work(12);
    expect(notWhole(job).length).toBeGreaterThan(0);
  });
});
