import { calculate, CATALOGUE, describeType } from '@wendaxis/core/calculations';
import { describeFault, InputError } from '@wendaxis/core/faults';

/** What `calc` prints, and whether it is a refusal. */
export interface CalcAnswer {
  readonly refused: boolean;
  readonly text: string;
}

/**
 * Answer `calc --list`, `calc <name> '<json>'`, or `calc <name>` with the JSON from elsewhere.
 * @param read gives the JSON where it is not among the arguments
 */
export function calcAnswer([name, json]: readonly string[], read: () => string): CalcAnswer {
  if (name === undefined || name === '--help')
    return refusal(['usage: calc --list | calc <name> [json]']);
  return name === '--list' ? { refused: false, text: listing() } : worked(name, json ?? read());
}

function worked(calculation: string, text: string): CalcAnswer {
  try {
    const result = calculate(calculation, JSON.parse(text) as unknown);
    return { refused: false, text: JSON.stringify(result, null, 2) };
  } catch (error) {
    if (error instanceof InputError) return refusal(error.faults.map(describeFault));
    if (error instanceof SyntaxError) return refusal([`input is not JSON: ${error.message}`]);
    throw error;
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

const refusal = (lines: readonly string[]): CalcAnswer => ({
  refused: true,
  text: lines.join('\n'),
});
