import type { BearingDimensions } from '../bearings/index.ts';
import { requireNumber, requireOneOf, requireText } from '../faults/index.ts';
import type { TemplateInput } from './layouts/layout.ts';
import type { TemplateRow } from './templateRow.ts';
import { likelyMesh } from './likelyMesh.ts';
import { withDrawn } from './drawnSizes.ts';
import { requireUnit } from './requireUnit.ts';
import { TEMPLATE_TABLE, UNIT_TEMPLATES, type UnitTemplate } from './templateTable.ts';
import { SIZE_NAMES } from './unit.ts';
import type { Axis, Unit } from './unit.ts';

/**
 * A unit from a template: an axis with its bearings, walls, shaft and what sets it, laid out to scale from the
 * bearings' dimensions. What is not known (walls, shoulders, seals) is drawn in proportion, and marked as that.
 *
 * @throws InputError naming `template`, `name`, `span`, or a bearing's dimension (`left.bore`, …)
 */
export function unitFromTemplate(template: UnitTemplate, input: TemplateInput): Unit {
  const row: TemplateRow = TEMPLATE_TABLE[requireOneOf('template', template, UNIT_TEMPLATES)];
  requireText('name', input.name, 80);
  requireNumber('span', input.span, { min: 1, max: 2000, unit: 'mm' });
  for (const side of ['left', 'right'] as const) requireBearing(side, input[side].dimensions);
  const { parts, stations, beside = [], mesh } = row.layout(input);
  const { axisName: name, arrangement, sets } = row;
  const axis = {
    id: 'axis',
    name,
    arrangement,
    sets,
    stations: byMiddle(stations.map((one) => withDrawn(one, input))),
  };
  const unit: Unit = {
    id: 'unit',
    name: input.name.trim(),
    description: '',
    parts,
    axes: [axis, ...beside.map(asProportion)],
  };
  const meshes =
    mesh === undefined ? {} : { meshes: [likelyMesh(unit, 'mesh', mesh.driverId, mesh.drivenId)] };
  return requireUnit({ ...unit, ...meshes });
}

const asProportion = (axis: Axis): Axis => ({
  ...axis,
  stations: byMiddle(axis.stations.map((one) => ({ ...one, drawn: SIZE_NAMES }))),
});

function byMiddle<Row extends { readonly at: number; readonly width: number }>(
  rows: readonly Row[],
): readonly Row[] {
  return rows.toSorted((a, b) => a.at + a.width / 2 - (b.at + b.width / 2));
}

function requireBearing(side: 'left' | 'right', { bore, outside, width }: BearingDimensions): void {
  requireNumber(`${side}.bore`, bore, { min: 3, max: 500, unit: 'mm' });
  requireNumber(`${side}.outside`, outside, { above: bore, max: 800, unit: 'mm' });
  requireNumber(`${side}.width`, width, { min: 1, max: 200, unit: 'mm' });
}
