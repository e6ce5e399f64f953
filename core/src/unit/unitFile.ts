import { GAIN_TABLE } from '../arrangement/index.ts';
import { refuse, requireText } from '../faults/index.ts';
import { checkShape, type Field } from '../shape/index.ts';
import { requireUnit } from './requireUnit.ts';
import { FIGURE_KINDS } from '../figures/index.ts';
import { SIZE_NAMES } from './unit.ts';
import { DETAIL_NAMES, DETAIL_TABLE } from './detailTable.ts';
import { PART_KINDS, STATION_KINDS, type Unit } from './unit.ts';

/** Version of the unit file. */
export const UNIT_FILE_VERSION = 1;
/** Most characters of a unit file; twelve axes of sixty stations stay far below it. */
export const UNIT_FILE_LONGEST = 1_000_000;
/** Most parts, axes and stations on an axis. */
export const MOST_PARTS = 40;
export const MOST_AXES = 12;
export const MOST_STATIONS = 60;

/** A unit as a file. */
export interface UnitFile {
  readonly format: 'wendaxis-unit';
  readonly version: number;
  readonly unit: Unit;
}

/** A unit as the text of a file. */
export function writeUnitFile(unit: Unit): string {
  const file: UnitFile = { format: 'wendaxis-unit', version: UNIT_FILE_VERSION, unit };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/**
 * Read the text of a unit file. It is taken whole or refused whole.
 * @throws InputError naming the place: `file` (too long, not JSON), `format`, `version` (newer), or a field of
 *   the unit such as `unit.axes[0].stations[3].kind`
 */
export function readUnitFile(text: string): Unit {
  if (text.length > UNIT_FILE_LONGEST)
    refuse('outOfRange', 'file', `${text.length} characters`, {
      id: 'textLength',
      longest: UNIT_FILE_LONGEST,
    });
  const file = parse(text);
  const { format, version } = (file ?? {}) as Partial<UnitFile>;
  if (format !== 'wendaxis-unit')
    refuse('unknownName', 'format', format ?? null, { id: 'format', format: 'wendaxis-unit' });
  if (version !== UNIT_FILE_VERSION)
    refuse('outOfRange', 'version', version ?? null, {
      id: 'fileVersion',
      version: UNIT_FILE_VERSION,
    });
  checkShape(FIELDS, file);
  const { unit } = file as UnitFile;
  requireText('unit.name', unit.name, 80);
  if (unit.parts.length > MOST_PARTS)
    refuse('outOfRange', 'unit.parts', unit.parts.length, { id: 'atMost', most: MOST_PARTS });
  if (unit.axes.length > MOST_AXES)
    refuse('outOfRange', 'unit.axes', unit.axes.length, { id: 'atMost', most: MOST_AXES });
  const crowded = unit.axes.findIndex(({ stations }) => stations.length > MOST_STATIONS);
  if (crowded >= 0)
    refuse('outOfRange', `unit.axes[${crowded}].stations`, unit.axes[crowded]!.stations.length, {
      id: 'atMost',
      most: MOST_STATIONS,
    });
  return requireUnit(unit, 'unit.');
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    return refuse('unreadable', 'file', (error as Error).message, { id: 'json' });
  }
}

const text = (path: string): Field => ({ path, type: 'text', unit: '', range: {}, meaning: '' });
const number = (path: string): Field => ({ ...text(path), type: 'number' });
const oneOf = (path: string, names: readonly string[]): Field => ({ ...text(path), type: names });
const STATION = 'unit.axes[].stations[]';

/** The shape of a unit file, from the same tables as everything else. */
const FIELDS: readonly Field[] = [
  oneOf('format', ['wendaxis-unit']),
  number('version'),
  ...['id', 'name', 'description', 'parts[].id', 'parts[].name', 'axes[].id', 'axes[].name'].map(
    (path) => text(`unit.${path}`),
  ),
  oneOf('unit.parts[].kind', PART_KINDS),
  { ...text('unit.parts[].material'), type: 'checkedLater', nullable: true },
  ...['mass', 'area', 'wall'].map((name): Field => ({
    ...number(`unit.parts[].${name}`),
    nullable: true,
  })),
  { ...text('unit.meshes'), type: 'checkedLater', optional: true },
  { ...text('unit.ownSteps'), type: 'checkedLater', optional: true },
  oneOf('unit.axes[].arrangement', [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))]),
  oneOf('unit.axes[].sets[]', FIGURE_KINDS),
  ...['id', 'name', 'partId'].map((name) => text(`${STATION}.${name}`)),
  oneOf(`${STATION}.kind`, STATION_KINDS),
  ...SIZE_NAMES.map((name) => number(`${STATION}.${name}`)),
  { ...oneOf(`${STATION}.drawn[]`, SIZE_NAMES), optional: true },
  ...DETAIL_NAMES.map((name): Field => {
    const row = DETAIL_TABLE[name];
    const path = `${STATION}.${name}`;
    const field =
      row.type === 'choice'
        ? oneOf(path, row.values)
        : row.type === 'text'
          ? text(path)
          : number(path);
    return { ...field, optional: true };
  }),
];
