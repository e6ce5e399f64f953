import { fixed } from '../units/index.ts';

/**
 * The plain text line protocol of a device: one line of ASCII each, fields apart by one blank.
 *
 * ```
 * HELLO wendaxis-line 1 gauge-4       protocol, version, device
 * GRAD 0.01 mm                        one graduation
 * R 15320 0.12 mm                     milliseconds since power-on, reading
 * R 15320 71.4 C                      the same from a thermometer
 * R 15320 0.950 Nm                    the same from a torque wrench
 * R 15320 0.12 mm SIMULATED           any line of a stand-in says so at its end
 * ```
 */
export type DeviceLine = { readonly simulated: boolean } & (
  | { readonly kind: 'hello'; readonly device: string }
  | { readonly kind: 'graduation'; readonly value: number }
  | { readonly kind: 'reading'; readonly elapsed: number; readonly value: number }
  | { readonly kind: 'temperature'; readonly elapsed: number; readonly value: number }
  | { readonly kind: 'torque'; readonly elapsed: number; readonly value: number }
);

export const LINE_PROTOCOL_VERSION = 1;
const SIMULATED = 'SIMULATED';
const MM_PER: Readonly<Record<string, number>> = { mm: 1, in: 25.4 };
const NUMBER = /^[+-]?\d{1,7}(\.\d{1,6})?$/;

/** Write a line, without the line end. Readings carry as many decimals as a micrometre needs. */
export function writeLine(line: DeviceLine): string {
  return line.simulated ? `${bareLine(line)} ${SIMULATED}` : bareLine(line);
}

function bareLine(line: DeviceLine): string {
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
  const words = text.trim().split(' ');
  const simulated = words.at(-1) === SIMULATED;
  const [word, a = '', b = '', c = ''] = simulated ? words.slice(0, -1) : words;
  if (word === 'HELLO' && a === 'wendaxis-line' && Number(b) <= LINE_PROTOCOL_VERSION && c !== '')
    return { kind: 'hello', device: c, simulated };
  if (word === 'R' && (c === 'C' || c === 'Nm') && /^\d{1,12}$/.test(a) && NUMBER.test(b)) {
    const kind = c === 'C' ? 'temperature' : 'torque';
    return { kind, elapsed: Number(a), value: Number(b), simulated };
  }
  const unit = word === 'GRAD' ? b : c;
  const factor = Object.hasOwn(MM_PER, unit) ? MM_PER[unit] : undefined;
  if (factor === undefined || !NUMBER.test(word === 'GRAD' ? a : b)) return null;
  if (word === 'GRAD' && Number(a) > 0)
    return { kind: 'graduation', value: Number(a) * factor, simulated };
  if (word !== 'R' || !/^\d{1,12}$/.test(a)) return null;
  const value = Number((Number(b) * factor).toFixed(6));
  return { kind: 'reading', elapsed: Number(a), value, simulated };
}
