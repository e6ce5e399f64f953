import { decodeDesignation } from '@wendaxis/core/bearings';
import {
  unitFromTemplate,
  type Part,
  type Station,
  type StationDetails,
  type TemplateBearing,
  type Unit,
  type UnitTemplate,
} from '@wendaxis/core/unit';

/** A bearing by its designation. */
function bearing(designation: string): TemplateBearing {
  const decoded = decodeDesignation(designation);
  if (decoded.status !== 'known') throw new Error(decoded.reason);
  return { designation, family: decoded.family, dimensions: decoded.dimensions };
}

/** What a demo unit adds to its template. */
interface Additions {
  readonly name: string;
  readonly bearings: readonly [left: string, right: string];
  readonly span: number;
  readonly parts: Readonly<Record<string, Partial<Part>>>;
  readonly stations: Readonly<Record<string, StationDetails & { readonly name?: string }>>;
}

/** A demo unit from a template, filled in as a mechanic would. */
export function fromTemplate(template: UnitTemplate, additions: Additions): Unit {
  const {
    name,
    bearings: [left, right],
    span,
    parts,
    stations,
  } = additions;
  const unit = unitFromTemplate(template, {
    name,
    left: bearing(left),
    right: bearing(right),
    span,
  });
  return {
    ...unit,
    parts: unit.parts.map((part) => ({ ...part, ...parts[part.id] })),
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((station): Station => ({ ...station, ...stations[station.id] })),
    })),
  };
}
