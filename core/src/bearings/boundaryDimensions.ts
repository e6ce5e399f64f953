/**
 * Boundary dimensions of rolling bearings, mm, by series and bore code.
 *
 * Radial bearings: ISO 15 (bore d, outside D, width B). Tapered: ISO 355 and the metric series (d, D, total
 * width T, cone width B, cup width C). Drawn-cup needles: ISO 3245 (Fw, D). All values are from memory of
 * commonly printed tables, not copied from the standards; the tests check that series of one diameter series
 * agree with each other, and the growth along each series.
 */

/** One size of a radial series: bore code, bore, outside, width. */
export type RadialRow = readonly [code: string, d: number, D: number, B: number];

/** One size of a tapered series: bore code, bore, outside, total width, cone width, cup width. */
export type TaperedRow = readonly [
  code: string,
  d: number,
  D: number,
  T: number,
  B: number,
  C: number,
];

/** Bore of a bore code: 00 to 03 by table, from 04 five times the code (ISO 15). mm. */
const BORES: readonly number[] = [
  10, 12, 15, 17, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100,
];

type Pair = readonly [D: number, B: number];

function radial(firstCode: number, pairs: readonly Pair[]): readonly RadialRow[] {
  return pairs.map(([D, B], index) => {
    const code = firstCode + index;
    return [String(code).padStart(2, '0'), BORES[code]!, D, B];
  });
}

/** Radial series by dimension series: width digit and diameter digit of ISO 15. */
export const RADIAL_SERIES = {
  '10': radial(0, [[26, 8], [28, 8], [32, 9], [35, 10], [42, 12], [47, 12], [55, 13], [62, 14], [68, 15], [75, 16], [80, 16], [90, 18], [95, 18], [100, 18], [110, 20], [115, 20], [125, 22], [130, 22], [140, 24], [145, 24], [150, 24]]),
  '02': radial(0, [[30, 9], [32, 10], [35, 11], [40, 12], [47, 14], [52, 15], [62, 16], [72, 17], [80, 18], [85, 19], [90, 20], [100, 21], [110, 22], [120, 23], [125, 24], [130, 25], [140, 26], [150, 28], [160, 30], [170, 32], [180, 34]]),
  '03': radial(0, [[35, 11], [37, 12], [42, 13], [47, 14], [52, 15], [62, 17], [72, 19], [80, 21], [90, 23], [100, 25], [110, 27], [120, 29], [130, 31], [140, 33], [150, 35], [160, 37], [170, 39], [180, 41], [190, 43], [200, 45], [215, 47]]),
  '04': radial(3, [[62, 17], [72, 19], [80, 21], [90, 23], [100, 25], [110, 27], [120, 29], [130, 31], [140, 33], [150, 35], [160, 37], [180, 42]]),
  '18': radial(0, [[19, 5], [21, 5], [24, 5], [26, 5], [32, 7], [37, 7], [42, 7], [47, 7], [52, 7], [58, 7], [65, 7], [72, 9], [78, 10], [85, 10], [90, 10], [95, 10], [100, 10]]),
  '19': radial(0, [[22, 6], [24, 6], [28, 7], [30, 7], [37, 9], [42, 9], [47, 9], [55, 10], [62, 12], [68, 12], [72, 12], [80, 13], [85, 13], [90, 13], [100, 16]]),
  '00': radial(2, [[32, 8], [35, 8], [42, 8], [47, 8], [55, 9], [62, 9], [68, 9], [75, 10], [80, 10], [90, 11], [95, 11], [100, 11], [110, 13], [115, 13], [125, 14]]),
  '22': radial(5, [[52, 18], [62, 20], [72, 23], [80, 23], [85, 23], [90, 23], [100, 25], [110, 28], [120, 31], [125, 31], [130, 31], [140, 33]]),
  // A row a line, as printed: pulled apart it could not be checked against its table.
} as const satisfies Record<string, readonly RadialRow[]>; // prettier-ignore

/** Tapered roller series. */
export const TAPERED_SERIES = {
  '302': [
    ['02', 15, 35, 11.75, 11, 10], ['03', 17, 40, 13.25, 12, 11], ['04', 20, 47, 15.25, 14, 12], ['05', 25, 52, 16.25, 15, 13],
    ['06', 30, 62, 17.25, 16, 14], ['07', 35, 72, 18.25, 17, 15], ['08', 40, 80, 19.75, 18, 16], ['09', 45, 85, 20.75, 19, 16],
    ['10', 50, 90, 21.75, 20, 17], ['11', 55, 100, 22.75, 21, 18], ['12', 60, 110, 23.75, 22, 19], ['13', 65, 120, 24.75, 23, 20],
    ['14', 70, 125, 26.25, 24, 21], ['15', 75, 130, 27.25, 25, 22], ['16', 80, 140, 28.25, 26, 22],
  ],
  '303': [
    ['02', 15, 42, 14.25, 13, 11], ['03', 17, 47, 15.25, 14, 12], ['04', 20, 52, 16.25, 15, 13], ['05', 25, 62, 18.25, 17, 15],
    ['06', 30, 72, 20.75, 19, 16], ['07', 35, 80, 22.75, 21, 18], ['08', 40, 90, 25.25, 23, 20], ['09', 45, 100, 27.25, 25, 22],
    ['10', 50, 110, 29.25, 27, 23], ['11', 55, 120, 31.5, 29, 25], ['12', 60, 130, 33.5, 31, 26],
  ],
  '320': [
    ['04', 20, 42, 15, 15, 12], ['05', 25, 47, 15, 15, 11.5], ['06', 30, 55, 17, 17, 13], ['07', 35, 62, 18, 18, 14],
    ['08', 40, 68, 19, 19, 14.5], ['09', 45, 75, 20, 20, 15.5], ['10', 50, 80, 20, 20, 15.5], ['11', 55, 90, 23, 23, 17.5],
    ['12', 60, 95, 23, 23, 17.5], ['13', 65, 100, 23, 23, 17.5], ['14', 70, 110, 25, 25, 19], ['15', 75, 115, 25, 25, 19],
  ],
  '322': [
    ['05', 25, 52, 19.25, 18, 16], ['06', 30, 62, 21.25, 20, 17], ['07', 35, 72, 24.25, 23, 19], ['08', 40, 80, 24.75, 23, 19],
    ['09', 45, 85, 24.75, 23, 19], ['10', 50, 90, 24.75, 23, 19], ['11', 55, 100, 26.75, 25, 21], ['12', 60, 110, 29.75, 28, 24],
    ['13', 65, 120, 32.75, 31, 27], ['14', 70, 125, 33.25, 31, 27], ['15', 75, 130, 33.25, 31, 27],
  ],
  '323': [
    ['04', 20, 52, 22.25, 21, 18], ['05', 25, 62, 25.25, 24, 20], ['06', 30, 72, 28.75, 27, 23], ['07', 35, 80, 32.75, 31, 25],
    ['08', 40, 90, 35.25, 33, 27], ['09', 45, 100, 38.25, 36, 30], ['10', 50, 110, 42.25, 40, 33], ['11', 55, 120, 45.5, 43, 35],
    ['12', 60, 130, 48.5, 46, 37],
  ],
  // A row a line, as printed: pulled apart it could not be checked against its table.
} as const satisfies Record<string, readonly TaperedRow[]>; // prettier-ignore

/** Drawn-cup needle bushes: outside diameter by the diameter under the rollers, mm. */
export const DRAWN_CUP_OUTSIDE: Readonly<Record<number, number>> = {
  8: 12, 10: 14, 12: 16, 14: 20, 15: 21, 16: 22, 17: 23, 18: 24, 20: 26, 22: 28, 25: 32, 28: 35, 30: 37, 35: 42, 40: 47,
  // A row a line, as printed: pulled apart it could not be checked against its table.
}; // prettier-ignore
