import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

import { WANTED, wantedWords, type Wanted, type WantedId } from './index.ts';

/** A bound for every row that has one. */
const BOUNDS: Readonly<Partial<Record<WantedId, object>>> = {
  number: { min: 0, below: 5, unit: 'mm' },
  textLength: { longest: 40 },
  oneOf: { names: ['left', 'right'] },
  list: { least: 1, most: 3 },
  object: { members: ['id'] },
  fieldOf: { type: 'a number in mm' },
  atMost: { most: 12, of: 'levels' },
  notWorkedOut: { why: 'it failed' },
  format: { format: 'wendaxis-unit' },
  fileVersion: { version: 2 },
  programVersion: { version: 2 },
  serverVersion: { version: 2 },
  numberWithUnit: { example: '0.14 mm' },
  withoutComma: { whole: '1', places: '250' },
  unitOf: { kind: 'length', known: ['mm'] },
  detailOf: { kind: 'Nut' },
  aboveInside: { inside: 0.1 + 0.2 },
  sealInBore: { most: 8.2 - 7, width: 7, boreDepth: 8.2 },
  aboveLeastTorque: { least: 30 },
  classOf: { side: 'hole' },
  roomOfItsOwn: { other: 'Left bearing' },
  toleranceLetter: { holes: ['H'], shafts: ['k'] },
  toleranceGrade: { least: 4, most: 11 },
  letterGrade: { letter: 'j', grades: 'in grade 5' },
  nearNominal: { nominal: 52 },
  aboveLowerLimit: { lower: { value: 0.1, unit: 'mm' } },
  gainSeen: { gain: 0.123_456 },
  trialPacksDiffer: { by: 0.05 },
  neverBackedOff: { angle: 120 },
  shorterThanLoose: { length: 59.1 },
  spacerMovesPlay: { length: 59.1, play: 0.1 },
  nutTorquesGive: { length: 0.25 },
  pullGives: { torque: 1.25 },
  toolEnds: { most: 5, tool: 'Beam' },
  toolTells: { least: 0.5, tool: 'Beam' },
  soakGoal: { side: 'more', goal: 105, target: 110 },
};
const IDS = Object.keys(WANTED) as readonly WantedId[];
const wanted = (id: WantedId) => ({ id, ...BOUNDS[id] }) as Wanted;

/** The sources of every part of the program, tests left out. */
function sources(): string {
  const files = (folder: string): readonly string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return entry.name === 'tests' ? [] : files(path);
      return /\.tsx?$/u.test(path) && !/\.test\.|faults\/wanted\.ts/u.test(path) ? [path] : [];
    });
  const root = join(import.meta.dirname, '../../..');
  return ['core', 'contract', 'server', 'web']
    .flatMap((part) => files(join(root, part, 'src')))
    .map((path) => readFileSync(path, 'utf8'))
    .join('\n');
}

describe('what an input is held to', () => {
  test.each(IDS)('should be told in whole words and round numbers: %s', (id) => {
    const words = wantedWords(wanted(id));
    expect(words).toMatch(/^\S.*\S$/su);
    expect(words).not.toMatch(/undefined|NaN|\[object|\d\.\d{7}/u);
  });

  test('should be told in the units of whoever reads it', () => {
    const inch = ({ value, unit }: { readonly value: number; readonly unit: string }) =>
      unit === 'mm' ? `${(value / 25.4).toFixed(4)} in` : `${value} ${unit}`;
    expect(wantedWords(wanted('aboveInside'), inch)).toBe('more than the inside, 0.0118 in');
    for (const id of IDS)
      if (id !== 'fieldOf' && id !== 'numberWithUnit' && id !== 'unitOf')
        expect(wantedWords(wanted(id), inch)).not.toMatch(/\d mm\b/u);
  });

  test('should be wanted somewhere, each row', () => {
    const all = sources();
    expect(IDS.filter((id) => !all.includes(`id: '${id}'`))).toEqual([]);
  });

  test('should stand in the docs with its bounds, each row and no other', () => {
    const docs = readFileSync(join(import.meta.dirname, '../../../docs/faults.md'), 'utf8');
    const rows = [...docs.matchAll(/^\| `(\w+)` +\| +(.*?) *\| (.*) \|$/gmu)].map(
      ([, id, bounds]) => [id, bounds!.replaceAll('`', '').trim()],
    );
    expect(rows).toEqual(IDS.map((id) => [id, Object.keys(BOUNDS[id] ?? {}).join(', ')]));
  });

  test('should say a range as it is checked', () => {
    const words = (bounds: object) => wantedWords({ id: 'number', ...bounds });
    expect(words({})).toBe('a finite number');
    expect(words({ unit: 'mm' })).toBe('a finite number in mm');
    expect(words({ whole: true })).toBe('a whole number');
    expect(words({ whole: true, min: 1 })).toBe('a whole number, at least 1');
    expect(words({ above: 0, max: 2, unit: '°' })).toBe('more than 0° and at most 2°');
  });
});
