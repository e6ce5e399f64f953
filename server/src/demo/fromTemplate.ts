import { decodeDesignation } from '@wendaxis/core/bearings';
import {
  SIZE_NAMES,
  unitFromTemplate,
  withSaid,
  type Part,
  type Station,
  type SizeName,
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

/** What is said of a station: its name, its sizes, its details. */
type Said = StationDetails & Partial<Pick<Station, 'name' | SizeName>>;

/** What a demo unit adds to its template. */
interface Additions {
  readonly name: string;
  readonly bearings: readonly [left: string, right: string];
  readonly span: number;
  readonly parts: Readonly<Record<string, Partial<Part>>>;
  readonly stations: Readonly<Record<string, Said>>;
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
      stations: axis.stations.map((station) => filledIn(station, stations[station.id] ?? {})),
    })),
  };
}

/** A station with what is said of it; a seal by its designation is as large as that says. */
function filledIn(station: Station, said: Said): Station {
  const { sizes, named } = sizesIn(said);
  return withSaid({ ...station, ...said, ...sizes }, named, station);
}

/** Sizes that are said outright, or by a seal's designation: inside × outside × width. */
function sizesIn(said: Said): {
  readonly sizes: Partial<Record<SizeName, number>>;
  readonly named: readonly SizeName[];
} {
  const seal = /^(\d+)×(\d+)×(\d+)$/u.exec(said.designation ?? '');
  if (seal !== null) {
    const [inside, outside, width] = seal.slice(1).map(Number) as [number, number, number];
    return { sizes: { inside, outside, width }, named: ['inside', 'outside', 'width'] };
  }
  return { sizes: {}, named: SIZE_NAMES.filter((name) => said[name] !== undefined) };
}
