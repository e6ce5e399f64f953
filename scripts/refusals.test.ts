import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

import { WANTED, type WantedId } from '@wendaxis/core/faults';

const IDS = Object.keys(WANTED) as readonly WantedId[];

/** The sources of every part of the program, tests left out. */
function sources(): string {
  const files = (folder: string): readonly string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return entry.name === 'tests' ? [] : files(path);
      return /\.tsx?$/u.test(path) && !/\.test\.|faults\/wanted\.ts/u.test(path) ? [path] : [];
    });
  const root = join(import.meta.dirname, '..');
  return ['core', 'contract', 'server', 'web']
    .flatMap((part) => files(join(root, part, 'src')))
    .map((path) => readFileSync(path, 'utf8'))
    .join('\n');
}

describe('the table of what an input is held to', () => {
  test('should be wanted somewhere, each row', () => {
    const all = sources();
    expect(IDS.filter((id) => !all.includes(`id: '${id}'`))).toEqual([]);
  });

  test('should stand in the docs, each row and no other, in its order', () => {
    const docs = readFileSync(join(import.meta.dirname, '../docs/faults.md'), 'utf8');
    expect([...docs.matchAll(/^\| `(\w+)` +\|/gmu)].map(([, id]) => id)).toEqual(IDS);
  });
});
