import { at, madeUnit } from '../../course/tests/madeUnit.ts';
import { compilePlan } from '../compilePlan.ts';
import { opened } from '../tests/opened.ts';
import { reel } from '../tests/planOf.ts';

const stepOf = (unit: Parameters<typeof opened>[0], rule: string) =>
  compilePlan(opened(unit)).steps.find((step) => step.rule === rule)!;

describe('words that depend on what the unit has', () => {
  test('should turn through every gear only what has gears on more than one shaft', () => {
    expect(stepOf(reel('coverShims'), 'spin').title).toBe('Turn it by hand');
    const gears = (shaft: string, from: number) =>
      [0, 30].map((x) => at([`${shaft}-${x}`, 'gear', shaft], [from + x, from + x + 20], [30, 90]));
    const box = madeUnit({ box: 'case', shaft: 'shaft', counter: 'shaft' }, gears('shaft', 0));
    const two = {
      ...box,
      axes: [...box.axes, { ...box.axes[0]!, id: 'second', stations: gears('counter', 0) }],
    };
    expect(stepOf(two, 'spin').title).toBe('Turn it by hand, through every gear');
  });

  test('should never punch a bearing cap', () => {
    const shell = at(['shell', 'plainBearing', 'half'], [0, 20], [50, 56]);
    const marked = stepOf(madeUnit({ half: 'caseHalf' }, [shell]), 'mark');
    expect(marked.how).toContain('No punch');
    expect(marked.tools).toEqual(['paint pen']);
  });
});
