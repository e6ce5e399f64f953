import { readFileSync } from 'node:fs';

import { calculate, CATALOGUE, describeType } from '@wendaxis/core/calculations';
import { describeFault, InputError } from '@wendaxis/core/faults';

/** `calc --list`, `calc <name> '<json>'`, or `calc <name>` with the JSON on standard input. */
const [name, json] = process.argv.slice(2);

if (name === undefined || name === '--help') fail(['usage: calc --list | calc <name> [json]']);
else if (name === '--list') process.stdout.write(`${listing()}\n`);
else run(name, json ?? readFileSync(0, 'utf8'));

function run(calculation: string, text: string): void {
  try {
    const result = calculate(calculation, JSON.parse(text) as unknown);
    process.stdout.write(`${JSON.stringify(result, null, 2)}\n`);
  } catch (error) {
    if (error instanceof InputError) fail(error.faults.map(describeFault));
    else if (error instanceof SyntaxError) fail([`input is not JSON: ${error.message}`]);
    else throw error;
  }
}

function listing(): string {
  return CATALOGUE.map(({ name: title, summary, fields }) =>
    [
      `${title}: ${summary}`,
      ...fields.map(
        (field) =>
          `  ${field.path}${field.optional ? ' (optional)' : ''}: ${describeType(field)}; ${field.meaning}`,
      ),
    ].join('\n'),
  ).join('\n\n');
}

function fail(lines: readonly string[]): void {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exitCode = 1;
}
