import { UNIT_TEMPLATES, unitFromTemplate, type Unit } from '@wendaxis/core/unit';

const END = {
  designation: null,
  family: null,
  dimensions: { bore: 30, outside: 62, width: 16 },
} as const;
/** What holds a word of the program in a unit file, not an id of the unit. */
const WORDS: ReadonlySet<string> = new Set(['kind', 'arrangement', 'material', 'wayIn', 'lip']);

/** A unit of at least so many stations: every template in turn beside the one before, each under ids of its own. */
export function manyAxes(stations: number): Unit {
  const joined: Unit[] = [];
  for (let at = 0; countOf(joined) < stations; at += 1) {
    const template = UNIT_TEMPLATES[at % UNIT_TEMPLATES.length]!;
    joined.push(
      renamed(unitFromTemplate(template, { name: template, left: END, right: END, span: 60 }), at),
    );
  }
  return {
    ...joined[0]!,
    id: 'many',
    name: 'Many axes',
    parts: joined.flatMap(({ parts }) => parts),
    axes: joined.flatMap(({ axes }) => axes),
  };
}

function renamed(unit: Unit, at: number): Unit {
  const ids = new Set(
    [
      ...unit.parts,
      ...unit.axes,
      ...unit.axes.flatMap((axis): readonly { readonly id: string }[] => axis.stations),
    ].map(({ id }) => id),
  );
  return JSON.parse(JSON.stringify(unit), (key, value: unknown) =>
    typeof value === 'string' && ids.has(value) && !WORDS.has(key) ? `${at}-${value}` : value,
  ) as Unit;
}

const countOf = (units: readonly Unit[]): number =>
  units.flatMap(({ axes }) => axes).reduce((sum, axis) => sum + axis.stations.length, 0);
