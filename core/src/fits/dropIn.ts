import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { dropInClearance } from './dropInClearance.ts';

/** Room temperature at which sizes hold, °C (ISO 1). */
export const REFERENCE_TEMPERATURE = 20;
/** A household freezer, °C. Common practice, no source. */
export const FREEZER = -18;

/** What a ring needs to drop into a heated part. Temperatures in °C, lengths in mm. */
export interface DropIn {
  /**
   * `caseOnly`: with the ring at room temperature; `caseAndFreezer`: with a frozen ring; `press`: no permitted heat
   * frees it; `free`: it drops in cold.
   */
  readonly way: 'free' | 'caseOnly' | 'caseAndFreezer' | 'press';
  /** Temperature of the part, for the way. */
  readonly temperature: number;
  readonly withRoomRing: number;
  readonly withFrozenRing: number;
  readonly limit: number;
  readonly limitReason: string;
  readonly clearance: number;
  readonly working: readonly WorkingLine[];
}

/**
 * Temperature a part must have for a steel ring to drop into its bore with a clearance c, the larger of 0.010 mm
 * and 0.0005·D: `T = 20 + (i + c + D·αB·(TB − 20)) / (D·αH)`.
 *
 * @param diameter seat, mm
 * @param tightest largest interference, mm; it may be negative
 * @throws InputError naming the field
 * @example dropIn({ diameter: 62, tightest: 0.03, material: 'castAluminium' }).withRoomRing // 66.0
 */
export function dropIn({
  diameter,
  tightest,
  material,
  limit: partLimit,
}: {
  readonly diameter: number;
  readonly tightest: number;
  readonly material: MaterialChoice;
  /** In place of the material's own: a coating, a maker's word. */
  readonly limit?: { readonly limit: number; readonly reason: string };
}): DropIn {
  requireNumber('diameter', diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('tightest', tightest, { min: -5, max: 5, unit: 'mm' });
  const { expansion, hottest, hottestReason } = materialOf(material);
  const { limit, reason } = partLimit ?? { limit: hottest, reason: hottestReason };
  const clearance = dropInClearance(diameter);
  const ring = materialOf('bearingSteel').expansion;
  const needed = (ringTemperature: number) =>
    REFERENCE_TEMPERATURE +
    (tightest + clearance + diameter * ring * (ringTemperature - REFERENCE_TEMPERATURE)) /
      (diameter * expansion);
  const [withRoomRing, withFrozenRing] = [needed(REFERENCE_TEMPERATURE), needed(FREEZER)];
  const way = wayOf(withRoomRing, withFrozenRing, limit);
  const temperature = way === 'caseAndFreezer' ? withFrozenRing : withRoomRing;
  return {
    way,
    temperature: Math.max(REFERENCE_TEMPERATURE, temperature),
    withRoomRing,
    withFrozenRing,
    limit,
    limitReason: reason,
    clearance,
    working: [
      line(
        'Part temperature, ring at room temperature',
        'T = 20 + (i + c)/(D·α)',
        [
          ['i', tightest, 'length'],
          ['c', clearance, 'length'],
          ['D', diameter, 'length'],
          ['α, µm/(m·K)', expansion * 1e6, 'number'],
        ],
        ['T', withRoomRing, 'temperature'],
        'thermalFit',
      ),
    ],
  };
}

function wayOf(room: number, frozen: number, limit: number): DropIn['way'] {
  if (room <= REFERENCE_TEMPERATURE) return 'free';
  if (room <= limit) return 'caseOnly';
  return frozen <= limit ? 'caseAndFreezer' : 'press';
}
