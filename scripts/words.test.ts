import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

import ts from 'typescript';

const ROOT = join(import.meta.dirname, '..');

/** The last column of the table of docs/words.md: what no text of the program says. */
const FORBIDDEN = readFileSync(join(ROOT, 'docs/words.md'), 'utf8')
  .split('\n')
  .filter(
    (line) => line.startsWith('| ') && !line.startsWith('| It is') && !line.startsWith('| ---'),
  )
  .flatMap((line) => line.split('|')[3]!.split(','))
  .map((form) => form.trim().toLowerCase());

/** Texts of a source file: literals of more than one word, and what stands between tags. */
function textsOf(name: string, source: string): readonly string[] {
  const file = ts.createSourceFile(name, source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const texts: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (ts.isStringLiteralLike(node) || ts.isJsxText(node)) texts.push(node.text);
    else if (ts.isTemplateExpression(node))
      texts.push(
        [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join('…'),
      );
    ts.forEachChild(node, visit);
  };
  visit(file);
  return texts.map((text) => text.replace(/\s+/gu, ' ').trim()).filter((text) => / /u.test(text));
}

const said = (text: string) =>
  FORBIDDEN.filter((form) =>
    new RegExp(`(?<!\\w)${form.replaceAll('.', '\\.')}(?!\\w)`, 'iu').test(text),
  );

describe('the words of the program', () => {
  test('should be told from the table: what is forbidden is found in a text, and nothing in plain words', () => {
    expect(FORBIDDEN.length).toBeGreaterThan(30);
    expect(
      textsOf('a.tsx', `const a = <p>Start the run</p>; const b = \`Out of \${x} band\`;`),
    ).toEqual(['Start the run', 'Out of … band']);
    expect(said('The play is in band.')).toEqual(['in band']);
    expect(said('Record the reading within limits')).toEqual([]);
  });

  test('should be found in every source', () => {
    const files = ['core/src', 'web/src', 'contract/src', 'server/src'].flatMap((folder) =>
      readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
        .map((file) => join(folder, file))
        .filter((file) => /\.tsx?$/u.test(file) && !/\.test\.|\/tests\/|\/draws\//u.test(file)),
    );
    expect(files.length).toBeGreaterThan(400);
    const found = files.flatMap((file) =>
      textsOf(file, readFileSync(join(ROOT, file), 'utf8')).flatMap((text) =>
        said(text).map((form) => `${file}: “${form}” in “${text.slice(0, 90)}”`),
      ),
    );
    expect(found).toEqual([]);
  });
});
