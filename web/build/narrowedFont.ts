import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

import subsetFont from 'subset-font';

const from = createRequire(import.meta.url);
const STYLES = '@fontsource-variable/archivo/standard.css';
/** What the styles use of the font's axes; the rest of them would more than double what is sent at first. */
const USED = { wdth: { min: 80, max: 100 }, wght: { min: 400, max: 700 } } as const;

/**
 * The Latin file of the font that ships with the pages, with no more of its widths and weights than the styles use.
 * Made once from the package's file, beside which the others (Latin extended, Vietnamese) stay as they are.
 * @returns the folder of `archivo-latin.woff2`
 */
export async function narrowedFont(): Promise<string> {
  const styles = from.resolve(STYLES);
  const whole = readFileSync(join(dirname(styles), 'files', 'archivo-latin-standard-normal.woff2'));
  const key = createHash('sha256').update(whole).update(JSON.stringify(USED)).digest('hex');
  const folder = join(dirname(from.resolve('vite/package.json')), '..', '.cache', 'wendaxis', key);
  const file = join(folder, 'archivo-latin.woff2');
  if (existsSync(file)) return folder;
  const text = latinCharacters(readFileSync(styles, 'utf8'));
  const narrowed = await subsetFont(whole, text, { targetFormat: 'woff2', variationAxes: USED });
  mkdirSync(folder, { recursive: true });
  const fresh = `${file}.${process.pid}`; // another build may be making the same
  writeFileSync(fresh, narrowed);
  renameSync(fresh, file);
  return folder;
}

/** The characters that the browser takes from the Latin file, as the package's styles say. */
function latinCharacters(styles: string): string {
  const ranges = /archivo-latin-standard-normal\.woff2[^}]*unicode-range:([^;]+);/.exec(
    styles,
  )?.[1];
  if (ranges === undefined) throw new Error(`${STYLES} has no Latin part`);
  return ranges
    .split(',')
    .flatMap((range) => {
      const [first, last] = range
        .trim()
        .replace('U+', '')
        .split('-')
        .map((hex) => parseInt(hex, 16));
      const count = (last ?? first!) - first! + 1;
      return Array.from({ length: count }, (_, at) => String.fromCodePoint(first! + at));
    })
    .join('');
}
