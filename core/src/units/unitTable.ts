/** What is measured. Core units: mm, °C, K, N·m, degrees, N, MPa, kg, m², 1 (numbers and counts). */
export type QuantityKind =
  | 'length'
  | 'temperature'
  | 'temperatureDifference'
  | 'torque'
  | 'angle'
  | 'force'
  | 'pressure'
  | 'mass'
  | 'area'
  | 'number';

/** The two families of units a screen can be switched to. */
export type UnitSystem = 'metric' | 'inch';

/** One unit: `core = typed · factor + offset`. Aliases are compared without spaces, dots, dashes and case. */
export interface UnitRow {
  readonly id: string;
  /** How the unit is printed. */
  readonly sign: string;
  readonly factor: number;
  readonly offset: number;
  readonly aliases: readonly string[];
}

const INCH = 25.4; // mm, exact by definition (1959)
const POUND = 0.45359237; // kg, exact by definition (1959)
const POUND_FORCE = 4.4482216152605; // N, exact: 0.45359237 kg × 9.80665 m/s²
const KILOGRAM_FORCE = 9.80665; // N, exact by definition of standard gravity

function unit(id: string, sign: string, factor: number, aliases: string[], offset = 0): UnitRow {
  return { id, sign, factor, offset, aliases };
}

/** Every unit that can be typed or shown, by quantity. The first row of each is the core unit. */
export const UNIT_TABLE: Readonly<Record<QuantityKind, readonly UnitRow[]>> = {
  length: [
    unit('mm', 'mm', 1, ['mm', 'millimetre', 'millimeter', 'millimetres', 'millimeters']),
    unit('um', 'µm', 0.001, ['um', 'µm', 'μm', 'micron', 'microns', 'micrometre', 'micrometer']),
    unit('in', 'in', INCH, ['in', 'inch', 'inches', '"', '″', "''", '”']),
    unit('thou', 'thou', INCH / 1000, ['thou', 'thous', 'th', 'mil', 'mils', 'thousandths']),
    unit('tenth', 'tenths', INCH / 10_000, ['tenth', 'tenths']),
    unit('cm', 'cm', 10, ['cm']),
    unit('m', 'm', 1000, ['m']),
  ],
  temperature: [
    unit('degC', '°C', 1, ['c', '°c', 'degc', 'celsius']),
    unit('degF', '°F', 5 / 9, ['f', '°f', 'degf', 'fahrenheit'], -160 / 9),
    unit('kelvin', 'K', 1, ['k', 'kelvin'], -273.15),
  ],
  temperatureDifference: [
    unit('K', 'K', 1, ['k', 'c', '°c', 'degc']),
    unit('dF', '°F', 5 / 9, ['f', '°f', 'degf']),
  ],
  torque: [
    unit('Nm', 'N·m', 1, ['nm', 'newtonmetre', 'newtonmeter']),
    unit('lbft', 'lb·ft', POUND_FORCE * 0.3048, [
      'lbft',
      'lbfft',
      'ftlb',
      'ftlbs',
      'ftlbf',
      'lbsft',
    ]),
    unit('lbin', 'lb·in', POUND_FORCE * 0.0254, [
      'lbin',
      'lbfin',
      'inlb',
      'inlbs',
      'inlbf',
      'lbsin',
    ]),
    unit('ozin', 'oz·in', (POUND_FORCE / 16) * 0.0254, ['ozin', 'ozfin', 'inoz', 'inozf']),
    unit('Ncm', 'N·cm', 0.01, ['ncm']),
    unit('kgfm', 'kgf·m', KILOGRAM_FORCE, ['kgfm', 'kgm', 'mkg']),
    unit('kgfcm', 'kgf·cm', KILOGRAM_FORCE / 100, ['kgfcm', 'kgcm']),
  ],
  angle: [
    unit('deg', '°', 1, ['°', 'deg', 'degree', 'degrees', 'º']),
    unit('rad', 'rad', 180 / Math.PI, ['rad']),
    unit('turn', 'turn', 360, ['turn', 'turns', 'rev']),
  ],
  force: [
    unit('N', 'N', 1, ['n', 'newton', 'newtons']),
    unit('kN', 'kN', 1000, ['kn']),
    unit('lbf', 'lbf', POUND_FORCE, ['lbf', 'lb', 'lbs']),
    unit('kgf', 'kgf', KILOGRAM_FORCE, ['kgf', 'kg']),
  ],
  pressure: [
    unit('MPa', 'MPa', 1, ['mpa', 'n/mm2', 'n/mm²']),
    unit('bar', 'bar', 0.1, ['bar', 'bars']),
    unit('kPa', 'kPa', 0.001, ['kpa']),
    unit('psi', 'psi', POUND_FORCE / (INCH * INCH), ['psi']),
  ],
  mass: [
    unit('kg', 'kg', 1, ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms']),
    unit('g', 'g', 0.001, ['g', 'gram', 'grams']),
    unit('lb', 'lb', POUND, ['lb', 'lbs', 'pound', 'pounds']),
  ],
  area: [
    unit('m2', 'm²', 1, ['m2', 'm²']),
    unit('cm2', 'cm²', 1e-4, ['cm2', 'cm²']),
    unit('in2', 'in²', (INCH * INCH) / 1e6, ['in2', 'in²', 'sqin']),
    unit('ft2', 'ft²', (INCH * INCH * 144) / 1e6, ['ft2', 'ft²', 'sqft']),
  ],
  number: [unit('one', '', 1, ['', 'x'])],
};
