import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const CORE = fileURLToPath(new URL('../../../core/src', import.meta.url));
const LIST_ROW = fileURLToPath(new URL('../../src/services/listRow.ts', import.meta.url));

/**
 * Version of the rules by which the list of jobs is folded: a number that follows from their very text, so that no
 * change of them can be forgotten. Rows of another version are written anew in the background.
 */
export function rulesVersion(): number {
  const hash = createHash('sha256');
  const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' })
    .filter(
      (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.includes('tests/'),
    )
    .toSorted();
  for (const name of files) hash.update(name).update(readFileSync(join(CORE, name)));
  return hash.update(readFileSync(LIST_ROW)).digest().readInt32BE(0);
}
