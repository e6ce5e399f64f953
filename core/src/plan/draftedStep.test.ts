import { refuse } from '../faults/index.ts';
import { EMPTY_JOB } from '../job/index.ts';
import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { draftedStep } from './draftedStep.ts';
import type { Draft } from './draft.ts';
import type { RuleFor, Subject } from './rule.ts';
import type { Figure } from './step.ts';

const AXIS = FIXTURE_UNIT.axes[0]!;
const SUBJECT: Subject = {
  about: 'station',
  state: { ...EMPTY_JOB, unit: FIXTURE_UNIT },
  unit: FIXTURE_UNIT,
  axis: AXIS,
  station: AXIS.stations[0]!,
  part: FIXTURE_UNIT.parts[0]!,
  faults: [],
};
const RULE: RuleFor<Subject> = {
  id: 'measure',
  phase: 'seat',
  on: 'station',
  form: 'tick',
  title: () => 'Press the ring home',
  how: 'Squarely, on the ring that is a press fit.',
  reason: () => 'The rollers would carry it otherwise.',
};
const draft = (rule: Partial<RuleFor<Subject>>, rest: Partial<Draft> = {}): Draft => ({
  rule: { ...RULE, ...rule },
  subject: SUBJECT,
  id: 'measure:left',
  rows: [],
  behind: null,
  fault: null,
  ...rest,
});
const drafted = (one: Draft, after: readonly string[], waitsFor: readonly string[]) =>
  draftedStep({ draft: one, after, waitsFor }, 'seat');
const figure = (name: string, least: number | null, most: number | null): Figure =>
  ({ form: 'band', name, kind: 'length', least, most, expanded: 0.001 }) as unknown as Figure;
const failing = (): never => {
  throw new TypeError('cannot read bore');
};

describe('a drafted step', () => {
  it('is ready, or waits for what comes before it', () => {
    expect(drafted(draft({}), [], [])).toMatchObject({
      status: 'ready',
      title: 'Press the ring home',
      form: 'tick',
      stationId: 'left',
    });
    const waiting = drafted(draft({}), ['heat:left'], ['heat:left']);
    expect(waiting).toMatchObject({ status: 'waiting', after: ['heat:left'] });
  });

  it('with a number that is none keeps the sound ones and says which is missing, on its station', () => {
    const numbers = () => ({
      figures: [figure('Force', 1, 2), figure('Depth', Number.NaN, 3), figure('Gap', 0, Infinity)],
      missing: [],
    });
    const step = drafted(draft({ numbers }), [], []);
    expect(step.status).toBe('missing');
    expect(step.figures.map(({ name }) => name)).toEqual(['Force']);
    expect(step.missing.map(({ words, on, id }) => [words, on, id])).toEqual([
      ['Left cannot be worked out: Depth', 'station', 'left'],
      ['Left cannot be worked out: Gap', 'station', 'left'],
    ]);
  });

  it('takes an open limit for what it is', () => {
    const numbers = () => ({ figures: [figure('Play', null, 0.2)], missing: [] });
    expect(drafted(draft({ numbers }), [], []).missing).toEqual([]);
  });

  it('whose numbers fail keeps its words, so that the work is known', () => {
    const step = drafted(draft({ numbers: failing }), [], []);
    expect(step).toMatchObject({ title: 'Press the ring home', status: 'missing', figures: [] });
    expect(step.missing[0]!.words).toContain('cannot read bore');
  });

  it.each(['how', 'reason', 'cautions', 'tools', 'consumables', 'orientation', 'sizes', 'checks'])(
    'whose %s fails becomes a step to mend, that names the station and waits for nothing',
    (field) => {
      const step = drafted(draft({ [field]: failing }), ['a'], ['a']);
      expect(step).toMatchObject({
        form: 'mend',
        status: 'missing',
        stationId: 'left',
        waitsFor: [],
        title: 'Press the ring home: this cannot be worked out',
      });
      expect(step.how).toContain('Left');
      expect(step.how).toContain('cannot read bore');
    },
  );

  it('without even a title is named by its station', () => {
    const step = drafted(draft({ title: failing }), [], []);
    expect(step.title).toBe('Left: this cannot be worked out');
  });

  it('tells bad input with its field', () => {
    const how = () => refuse('outOfRange', 'bore', -1, { id: 'number', above: 0 });
    expect(drafted(draft({ how }), [], []).how).toContain('bore');
  });

  it('that is behind stays behind, whatever fails afterwards', () => {
    expect(drafted(draft({}, { behind: 'done' }), [], ['a']).status).toBe('done');
    expect(drafted(draft({ how: failing }, { behind: 'done' }), [], []).status).toBe('done');
    expect(drafted(draft({}, { behind: 'setAside', fault: 'odd' }), [], []).status).toBe(
      'setAside',
    );
  });
});
