import { spawnSync } from 'node:child_process';
import {
  existsSync,
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * The README's "to add a …" lists, kept: in a copy of the program a figure, a kind of event and a kind of station are added
 * as they say, and nothing else is touched. Then everything has to type-check, and the three have to work.
 */
const ROOT = join(import.meta.dirname, '..');
const PARTS = ['core', 'contract', 'server', 'web'] as const;

const FIGURE = `import type { FigureRow } from './figureRow.ts';

export const runout = {
  words: 'runout of the flange',
  quantity: 'length',
  least: 0,
  most: 2,
  taken: 'figure',
  how: 'Indicator on the face of the flange, one turn.',
  tool: 'dial indicator on a firm stand',
  dependsOn: ['clamp'],
} as const satisfies FigureRow;
`;
const EVENT = `import { identifier, millimetres, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';

export const flangeFaced = jobEvent({
  type: 'FlangeFaced',
  since: 1,
  data: record({ stationId: identifier(), by: millimetres(0.01, 1) }),
  says: ({ stationId, by }, tell) => \`\${tell.name(stationId)} faced by \${tell.show(by)}\`,
  reduce: (state, { data, at, by }) => ({
    ...state,
    sheet: { ...state.sheet, notes: [...state.sheet.notes, { text: data.stationId, at, by }] },
  }),
});
`;
const TRIAL = `import { readFileSync } from 'node:fs';
import { parseEvents } from '@wendaxis/contract';
import { drawAxis } from '@wendaxis/core/drawing';
import { describeError } from '@wendaxis/core/faults';
import { foldJob, JOB_EVENTS, logLine, type JobEvent } from '@wendaxis/core/job';
import { compilePlan, judgedFigures } from '@wendaxis/core/plan';
import { readUnitFile, unitFromTemplate, writeUnitFile } from '@wendaxis/core/unit';
import { FIXTURE_UNIT } from './core/src/job/tests/jobFixture.ts';

const [axis] = FIXTURE_UNIT.axes;
const { partId } = axis!.stations[0]!;
const wedge = { id: 'wedge', kind: 'wedge' as const, name: 'Wedge', partId, at: 900, width: 5, inside: 30, outside: 40 };
const own = { ...axis!, sets: ['runout' as const], stations: [...axis!.stations, wedge] };
const unit = { ...FIXTURE_UNIT, axes: [own] };
let count = 0;
const event = (type: string, data: object) => ({
  id: \`00000000-0000-4000-8000-\${String((count += 1)).padStart(12, '0')}\`,
  type, version: 1, at: '2026-01-01T00:00:00.000Z', by: 'ann', data,
});
const log = [
  event('JobOpened', { unit, reason: '', scope: 'overhaul' }),
  event('SpecSet', { specId: 's', axisId: own.id, kind: 'runout', band: { lower: null, upper: 0.05, target: null }, source: 'sheet' }),
  event('FigureTaken', { specId: 's', stage: 'final', value: 0.03, typed: null }),
  event('FlangeFaced', { stationId: 'wedge', by: 0.2 }),
];
const refused = (() => {
  try {
    return parseEvents('job', { events: [event('FlangeFaced', { stationId: 'wedge', by: 9 })] }).length;
  } catch (error) {
    return describeError(error);
  }
})();
const state = foldJob(parseEvents('job', { events: log }) as unknown as readonly JobEvent[]);
const tell = { show: (mm: number) => \`\${mm} mm\`, digits: String, unit: () => 'mm', name: () => 'Wedge', step: String };
console.log(JSON.stringify({
  ignored: state.log.ignored,
  notes: state.sheet.notes.map(({ text }) => text),
  says: logLine(JOB_EVENTS, log[3]!, tell),
  refused,
  figure: judgedFigures(state, state.unit!.axes[0]!).runout,
  steps: compilePlan(state).steps.filter(({ id }) => /runout|wedge/u.test(id)).map(({ id, title, status }) => [id, title, status]),
  drawn: drawAxis(own).stations.find(({ station }) => station.id === 'wedge')!.shapes.length,
  file: readUnitFile(writeUnitFile(unit)).axes[0]!.stations.at(-1)!.kind,
}));
`;

/** Put text into a file of the copy, before or after something that stands there once. */
function insert(file: string, mark: string, text: string, where: 'before' | 'after'): void {
  const source = readFileSync(file, 'utf8');
  if (source.split(mark).length !== 2) throw new Error(`${file} does not have ${mark} once`);
  const both = where === 'before' ? `${text}${mark}` : `${mark}${text}`;
  writeFileSync(
    file,
    source.replace(mark, () => both),
  );
}

/** A copy of the sources that finds the installed packages, and itself in place of the original. */
function copyOfProgram(): string {
  const copy = mkdtempSync(join(tmpdir(), 'wendaxis-additions-'));
  for (const part of PARTS) {
    mkdirSync(join(copy, part));
    for (const name of ['src', 'package.json'])
      cpSync(join(ROOT, part, name), join(copy, part, name), { recursive: true });
  }
  for (const name of ['tsconfig.base.json', 'package.json'])
    cpSync(join(ROOT, name), join(copy, name));
  const modules = join(copy, 'node_modules');
  mkdirSync(join(modules, '@wendaxis'), { recursive: true });
  for (const name of readdirSync(join(ROOT, 'node_modules')))
    if (name !== '@wendaxis' && name !== '.bin')
      symlinkSync(join(ROOT, 'node_modules', name), join(modules, name));
  for (const part of PARTS) {
    symlinkSync(join(copy, part), join(modules, '@wendaxis', part));
    const own = join(ROOT, part, 'node_modules');
    if (existsSync(own)) symlinkSync(own, join(copy, part, 'node_modules'));
  }
  const options = {
    lib: ['ES2023', 'ESNext.String', 'DOM', 'DOM.Iterable'],
    types: ['node', 'jest'],
  };
  writeFileSync(
    join(copy, 'tsconfig.json'),
    JSON.stringify({
      extends: './tsconfig.base.json',
      compilerOptions: { ...options, noEmit: true, incremental: false, composite: false },
      include: PARTS.map((part) => `${part}/src`),
    }),
  );
  return copy;
}

function addAll(copy: string): void {
  const core = (path: string) => join(copy, 'core/src', path);
  writeFileSync(core('figures/runout.ts'), FIGURE);
  insert(
    core('figures/figureTable.ts'),
    'import { sideClearance }',
    "import { runout } from './runout.ts';\n",
    'before',
  );
  insert(core('figures/figureTable.ts'), '  backlash,\n', '  runout,\n', 'after');
  writeFileSync(core('job/events/flangeFaced.ts'), EVENT);
  insert(
    core('job/jobEventTable.ts'),
    'import { heatSet }',
    "import { flangeFaced } from './events/flangeFaced.ts';\n",
    'before',
  );
  insert(
    core('job/jobEventTable.ts'),
    '  HeatSet: heatSet,\n',
    '  FlangeFaced: flangeFaced,\n',
    'before',
  );
  insert(core('unit/unit.ts'), "  'snapRing',\n", "  'wedge',\n", 'before');
  insert(
    core('unit/stationKinds.ts'),
    '  snapRing: ring(',
    "  wedge: ring('Wedge', 'bevel'),\n",
    'before',
  );
  insert(
    core('drawing/stationShapes.ts'),
    '  snapRing: (station)',
    "  wedge: (station) => [plain(station, 'fixing')],\n",
    'before',
  );
}

describe('a figure, an event and a station that are added as the README says', () => {
  const copy = copyOfProgram();
  addAll(copy);
  const run = (args: readonly string[]) =>
    spawnSync(process.execPath, args, { cwd: copy, encoding: 'utf8' });
  afterAll(() => rmSync(copy, { recursive: true, force: true }));

  test('should leave everything else as it is: the types still fit', () => {
    const { stdout } = run([join(ROOT, 'node_modules/typescript7/bin/tsc'), '-p', '.']);
    expect(stdout).toBe('');
  }, 240_000);

  test('should be recorded, planned, judged, drawn, told and kept', () => {
    writeFileSync(join(copy, 'trial.ts'), TRIAL);
    const { stdout, stderr } = run([
      '--import',
      join(ROOT, 'node_modules/tsx/dist/esm/index.mjs'),
      'trial.ts',
    ]);
    expect(stderr).toBe('');
    const told = JSON.parse(stdout) as Record<string, unknown>;
    expect(told).toMatchObject({
      ignored: [],
      notes: ['wedge'],
      says: 'Wedge faced by 0.2 mm',
      refused: expect.stringContaining('data.by is 9: expected at least 0.01 mm and at most 1 mm'),
      figure: { value: 0.03, word: 'conforms', asBuilt: true },
      file: 'wedge',
    });
    expect(told['drawn']).toBeGreaterThan(0);
    expect(told['steps']).toEqual(
      expect.arrayContaining([
        [
          'setSpec:axis:runout',
          expect.stringContaining('limits of the runout of the flange'),
          'done',
        ],
        ['proveFigure:axis:runout', expect.stringContaining('runout of the flange'), 'done'],
        ['inspect:wedge', expect.stringContaining('Wedge'), expect.any(String)],
      ]),
    );
  }, 60_000);
});
