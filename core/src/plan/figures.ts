import type { Band, DecisionWord } from '../measure/index.ts';
import {
  DETAIL_TABLE,
  knownSize,
  SIZE_WORDS,
  type DetailName,
  type Part,
  type SizeName,
  type Station,
} from '../unit/index.ts';
import type { QuantityKind } from '../units/index.ts';
import type { WorkingLine } from '../working/index.ts';
import type { Numbers } from './rule.ts';
import type { Figure, Missing } from './step.ts';

interface Rest {
  readonly expanded?: number;
  readonly word?: DecisionWord;
  readonly working?: readonly WorkingLine[];
}

/** One number. */
export function figure(
  name: string,
  quantity: QuantityKind,
  value: number,
  source: string,
  { working = [], ...rest }: Rest = {},
): Figure {
  return { form: 'quantity', name, quantity, least: value, most: value, source, working, ...rest };
}

/** A number between two limits. */
export function range(
  name: string,
  quantity: QuantityKind,
  limits: { readonly least: number | null; readonly most: number | null },
  source: string,
  { working = [], ...rest }: Rest = {},
): Figure {
  return { form: 'quantity', name, quantity, ...limits, source, working, ...rest };
}

/** A band, as a figure. */
export function bandFigure(
  name: string,
  quantity: QuantityKind,
  band: Band,
  source: string,
): Figure {
  return range(name, quantity, { least: band.lower, most: band.upper }, source);
}

/** Something that is told in words: an order, a count. */
export function words(name: string, text: string, source: string): Figure {
  return { form: 'text', name, text, source };
}

/** A station's detail that is not known. */
export function lacksDetail(station: Station, field: DetailName): Missing {
  return {
    words: `${station.name}: ${DETAIL_TABLE[field].words.toLowerCase()}`,
    on: 'station',
    id: station.id,
    field,
  };
}

/** The sizes of a station, of some, that are only drawn. */
export const lacksSizes = (station: Station, ...names: readonly SizeName[]): readonly Missing[] =>
  names
    .filter((name) => knownSize(station, name) === null)
    .map((name) => ({
      words: `${station.name}: ${SIZE_WORDS[name].toLowerCase()}`,
      on: 'station',
      id: station.id,
      field: name,
    }));

/** The size of a whole thing as it is asked for: what is printed on it, else its three sizes where they are known. */
export function sizeFigure(
  name: string,
  station: Station,
  source: string,
): Figure | readonly Missing[] {
  const { designation, inside, outside, width } = station;
  if (designation !== undefined) return words(name, designation, source);
  const lacking = lacksSizes(station, 'inside', 'outside', 'width');
  if (lacking.length > 0) return lacking;
  const [bore, over, wide] = [inside, outside, width].map((size) => size.toFixed(1));
  return words(name, `${bore} × ${over} × ${wide} mm`, source);
}

/** A part's datum that is not known. */
export function lacksOfPart(part: Part, field: 'material' | 'mass' | 'area' | 'wall'): Missing {
  return { words: `${part.name}: ${field}`, on: 'part', id: part.id, field };
}

/** What another step supplies. */
export function lacksStep(what: string, stepId: string): Missing {
  return { words: what, on: 'step', id: stepId, field: '' };
}

/** Put numbers together. */
export function numbers(
  ...pieces: readonly (Figure | Missing | null | readonly (Figure | Missing)[])[]
): Numbers {
  const flat = pieces.flat().filter((piece) => piece !== null);
  return {
    figures: flat.filter((piece): piece is Figure => 'form' in piece),
    missing: flat.filter((piece): piece is Missing => 'on' in piece),
  };
}

/** The numbers of a detail where it is known, or that it is missing. */
export function fromDetail<Name extends DetailName>(
  station: Station,
  name: Name,
  use: (value: NonNullable<Station[Name]>) => Figure | readonly Figure[],
): Figure | Missing | readonly Figure[] {
  const value = station[name];
  return value === undefined ? lacksDetail(station, name) : use(value);
}
