import { InputError, type InputFault, type Wanted } from '../faults/index.ts';
import { outsideOf, rangeWords, type Range } from './range.ts';

/**
 * One field of an input. `path` uses `.` for members and `[]` for each entry of a list:
 * `cycles[].lift`.
 */
export interface Field {
  readonly path: string;
  /** `checkedLater`: anything that is there; whoever reads the input checks it. */
  readonly type: 'number' | 'whole' | 'text' | 'yesNo' | 'checkedLater' | readonly string[];
  /** Unit in words, or an empty string. */
  readonly unit: string;
  /** What a number is held to: checked here, and told in the same words. */
  readonly range: Range;
  readonly meaning: string;
  /** Null is accepted and stands for "open" or "not stated". */
  readonly nullable?: true;
  readonly optional?: true;
}

/**
 * Check an input against its fields: everything required is there, of its type and within its range, and nothing else is.
 * What only the whole of it tells is checked by the calculation itself.
 * @throws InputError with every fault found
 */
export function checkShape(fields: readonly Field[], input: unknown): void {
  const faults = shapeFaults(toTree(fields), input, '');
  if (faults.length > 0) throw new InputError(faults);
}

type Tree =
  | { readonly leaf: Field; readonly list: boolean }
  | { readonly members: Map<string, Tree>; readonly list: boolean };

function toTree(fields: readonly Field[]): Tree {
  const root = { members: new Map<string, Tree>(), list: false };
  for (const field of fields) {
    const steps = field.path.split('.');
    let at = root;
    for (const step of steps.slice(0, -1)) {
      const name = step.replace('[]', '');
      if (!at.members.has(name))
        at.members.set(name, { members: new Map(), list: step.endsWith('[]') });
      at = at.members.get(name) as typeof root;
    }
    const last = steps.at(-1)!;
    at.members.set(last.replace('[]', ''), { leaf: field, list: last.endsWith('[]') });
  }
  return root;
}

function shapeFaults(tree: Tree, value: unknown, path: string): readonly InputFault[] {
  if (tree.list) {
    if (value === undefined && 'leaf' in tree && tree.leaf.optional) return [];
    if (!Array.isArray(value)) return [fault('missing', path, value, { id: 'list' })];
    const each = { ...tree, list: false };
    return value.flatMap((entry, index) => {
      const at = `${path}[${index}]`;
      const found = shapeFaults(each, entry, at);
      return found.length > 0 || !('leaf' in tree)
        ? found
        : rangeFaults(tree.leaf, entry, { path: at, beside: {} });
    });
  }
  if ('leaf' in tree) return leafFaults(tree.leaf, value, path);
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return [
      fault('missing', path || 'input', value, { id: 'object', members: [...tree.members.keys()] }),
    ];
  const given = value as Record<string, unknown>;
  const at = (name: string) => (path === '' ? name : `${path}.${name}`);
  const unknown = Object.keys(given).filter((name) => !tree.members.has(name));
  return [
    ...unknown.map((name) =>
      fault('unknownName', at(name), given[name], { id: 'oneOf', names: [...tree.members.keys()] }),
    ),
    ...[...tree.members].flatMap(([name, member]) => {
      const found = shapeFaults(member, own(given, name), at(name));
      return found.length > 0 || !('leaf' in member)
        ? found
        : rangeFaults(member.leaf, own(given, name), { path: at(name), beside: given });
    }),
  ];
}

/** A number that is outside of what it is held to, alone or beside the others. */
function rangeFaults(
  { range, unit }: Field,
  value: unknown,
  { path, beside }: { readonly path: string; readonly beside: Record<string, unknown> },
): readonly InputFault[] {
  return typeof value === 'number' && outsideOf(range, value, beside)
    ? [fault('outOfRange', path, value, { id: 'fieldOf', type: rangeWords(range, unit) })]
    : [];
}

function own(given: Record<string, unknown>, name: string): unknown {
  return Object.hasOwn(given, name) ? given[name] : undefined;
}

function leafFaults(field: Field, value: unknown, path: string): readonly InputFault[] {
  if (value === undefined && field.optional) return [];
  if (value === null && field.nullable) return [];
  const wanted = { id: 'fieldOf', type: describeType(field) } as const;
  if (value === undefined) return [fault('missing', path, value, wanted)];
  const right =
    typeof field.type === 'string'
      ? isOfType(field.type, value)
      : typeof value === 'string' && field.type.includes(value);
  return right
    ? []
    : [fault(typeof field.type === 'string' ? 'notANumber' : 'unknownName', path, value, wanted)];
}

function isOfType(type: Exclude<Field['type'], readonly string[]>, value: unknown): boolean {
  if (type === 'checkedLater') return true;
  if (type === 'text') return typeof value === 'string';
  if (type === 'yesNo') return typeof value === 'boolean';
  return type === 'whole' ? Number.isInteger(value) : Number.isFinite(value);
}

/** Type, unit and range of a field in one line. */
export function describeType({ type, unit, range, nullable }: Field): string {
  const words = {
    number: 'a number',
    whole: 'a whole number',
    text: 'text',
    yesNo: 'true or false',
    checkedLater: 'a value',
  };
  const base = typeof type === 'string' ? words[type] : `one of ${type.join(', ')}`;
  const within = rangeWords(range);
  return [base, unit && `in ${unit}`, within && `(${within})`, nullable && 'or null']
    .filter(Boolean)
    .join(' ');
}

function fault(
  code: InputFault['code'],
  field: string,
  value: unknown,
  wanted: Wanted,
): InputFault {
  return { code, field, value, wanted };
}
