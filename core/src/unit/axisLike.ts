import type { TemplateInput } from './layouts/layout.ts';
import { unitFromTemplate } from './templates.ts';
import type { UnitTemplate } from './templateTable.ts';
import type { Axis, Part, PartKind, Unit } from './unit.ts';

/** An axis to be put into a unit, with the parts that come with it. */
export interface AddedAxis {
  readonly axis: Axis;
  readonly parts: readonly Part[];
}

/** Kinds of which all axes of a unit usually share one. */
const SHARED: readonly PartKind[] = ['case', 'caseHalf'];

/**
 * An axis of one of the usual arrangements, for a unit that is there already: it stands in the unit's own case, which is
 * the one of the same name or the only one of its kind, and brings the parts that are its own.
 * @param name of the axis; the template's own name where it is empty
 * @param newId of something, from its id in the template
 * @throws InputError as {@link unitFromTemplate}
 */
export function axisLike(
  unit: Unit,
  template: UnitTemplate,
  input: TemplateInput,
  name: string,
  newId: (id: string) => string,
): AddedAxis {
  const { axes, parts } = unitFromTemplate(template, input);
  const [axis] = axes as readonly [Axis, ...Axis[]];
  const standing = new Map(
    parts.map((part) => {
      return [part.id, sharedPart(unit, part)?.id ?? newId(part.id)] as const;
    }),
  );
  const used = new Set(axis.stations.map(({ partId }) => partId));
  const own = new Set(unit.parts.map(({ id }) => id));
  return {
    axis: {
      ...axis,
      id: newId(axis.id),
      name: name.trim() === '' ? axis.name : name.trim(),
      stations: axis.stations.map((station) => ({
        ...station,
        id: newId(station.id),
        partId: standing.get(station.partId)!,
      })),
    },
    parts: parts
      .filter(({ id }) => used.has(id) && !own.has(standing.get(id)!))
      .map((part) => ({ ...part, id: standing.get(part.id)! })),
  };
}

function sharedPart({ parts }: Unit, { kind, name }: Part): Part | undefined {
  if (!SHARED.includes(kind)) return undefined;
  const alike = parts.filter((part) => part.kind === kind);
  return alike.length === 1 ? alike[0] : alike.find((part) => part.name === name);
}
