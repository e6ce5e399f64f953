import { fixed } from '../units/index.ts';

/**
 * The plain text line protocol of an indicator: one line of ASCII each, fields apart by one blank.
 *
 * ```
 * HELLO wendaxis-line 1 dial-a        protocol, version, device
 * GRAD 0.01 mm                        one graduation
 * R 15320 0.12 mm                     milliseconds since power-on, reading
 * R 15320 71.4 C                      the same from a thermometer
 * R 15320 0.950 Nm                    the same from a torque wrench
 * ```
 */
export type DeviceLine =
  | { readonly kind: 'hello'; readonly device: string }
  | { readonly kind: 'graduation'; readonly value: number }
  | { readonly kind: 'reading'; readonly elapsed: number; readonly value: number }
  | { readonly kind: 'temperature'; readonly elapsed: number; readonly value: number }
  | { readonly kind: 'torque'; readonly elapsed: number; readonly value: number };

export const LINE_PROTOCOL_VERSION = 1;
const MM_PER: Readonly<Record<string, number>> = { mm: 1, in: 25.4 };
const NUMBER = /^[+-]?\d{1,7}(\.\d{1,6})?$/;

/** Write a line, without the line end. Readings carry as many decimals as a micrometre needs. */
export function writeLine(line: DeviceLine): string {
  switch (line.kind) {
    case 'hello':
      return `HELLO wendaxis-line ${LINE_PROTOCOL_VERSION} ${line.device}`;
    case 'graduation':
      return `GRAD ${line.value} mm`;
    case 'reading':
      return `R ${Math.round(line.elapsed)} ${fixed(line.value, 4).replace('−', '-')} mm`;
    case 'temperature':
      return `R ${Math.round(line.elapsed)} ${fixed(line.value, 1).replace('−', '-')} C`;
    case 'torque':
      return `R ${Math.round(line.elapsed)} ${fixed(line.value, 3).replace('−', '-')} Nm`;
  }
}

/** Read a line; null for a line that is not understood (noise on the wire is not an error). */
export function readLine(text: string): DeviceLine | null {
  const [word, a = '', b = '', c = ''] = text.trim().split(' ');
  if (word === 'HELLO' && a === 'wendaxis-line' && Number(b) <= LINE_PROTOCOL_VERSION && c !== '')
    return { kind: 'hello', device: c };
  if (word === 'R' && (c === 'C' || c === 'Nm') && /^\d{1,12}$/.test(a) && NUMBER.test(b))
    return { kind: c === 'C' ? 'temperature' : 'torque', elapsed: Number(a), value: Number(b) };
  const factor = MM_PER[word === 'GRAD' ? b : c];
  if (factor === undefined || !NUMBER.test(word === 'GRAD' ? a : b)) return null;
  if (word === 'GRAD' && Number(a) > 0) return { kind: 'graduation', value: Number(a) * factor };
  if (word !== 'R' || !/^\d{1,12}$/.test(a)) return null;
  return { kind: 'reading', elapsed: Number(a), value: Number((Number(b) * factor).toFixed(6)) };
}
