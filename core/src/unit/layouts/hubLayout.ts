import type { Station } from '../unit.ts';
import { pinionOn } from './axleLayouts.ts';
import { part, placesOf, station, type Layout, type TemplateInput } from './layout.ts';

/** A hub on tapered rollers back to back: a sleeve between its cones, a flange over its seal, a nut on the flange. */
export function hubFlange(input: TemplateInput): Layout {
  const x = placesOf(input);
  const l = input.left.dimensions;
  const on = { partId: 'shaft' };
  const { stations } = pinionOn(input, 'sleeve', 'Collapsible sleeve', 'collapsible');
  const isKept = (id: string) => id !== 'pinion' && id !== 'depth-shim';
  return {
    parts: [part('case', 'Hub case', 'case'), part('shaft', 'Hub shaft', 'shaft')],
    stations: [
      ...stations.filter(({ id }) => isKept(id)).map(withEndNames),
      station(
        'collar',
        'shaftStep',
        'Collar',
        [x.left - 8, 8, 0, l.bore + 0.3 * (l.outside - l.bore)],
        on,
      ),
    ],
  };
}

const END_NAMES: Readonly<Record<string, string>> = {
  'bearing-left': 'Inner bearing',
  'bearing-right': 'Flange-side bearing',
  flange: 'Flange',
  nut: 'Flange nut',
  'wall-left': 'Case, inner bearing',
  'wall-right': 'Case, flange-side bearing',
};
const withEndNames = (one: Station): Station => ({ ...one, name: END_NAMES[one.id] ?? one.name });
