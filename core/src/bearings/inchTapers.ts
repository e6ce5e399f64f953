/**
 * Inch tapered roller bearings by the numbers of cone and cup: bore, outside, total width, mm (from memory of commonly printed tables
 * of the inch series of ANSI/ABMA 19.2).
 */
export type InchTaperRow = readonly [cone: string, cup: string, d: number, D: number, T: number];

export const INCH_TAPERS: readonly InchTaperRow[] = [
  ['LM11749', 'LM11710', 17.462, 39.878, 13.843], ['LM11949', 'LM11910', 19.05, 45.237, 15.494],
  ['LM12749', 'LM12710', 21.987, 45.237, 15.494], ['LM12749', 'LM12711', 21.987, 45.975, 15.494],
  ['M12649', 'M12610', 21.43, 50.005, 17.526], ['L44643', 'L44610', 25.4, 50.292, 14.224],
  ['L44649', 'L44610', 26.988, 50.292, 14.224], ['L45449', 'L45410', 29, 50.292, 14.224],
  ['M86649', 'M86610', 30.162, 64.292, 21.433], ['LM67048', 'LM67010', 31.75, 59.131, 15.875],
  ['M88048', 'M88010', 33.338, 68.262, 22.225], ['LM48548', 'LM48510', 34.925, 65.088, 18.034],
  ['HM88649', 'HM88610', 34.925, 72.233, 25.4], ['L68149', 'L68110', 34.988, 59.131, 15.875],
  ['LM29749', 'LM29710', 38.1, 65.088, 18.034], ['LM501349', 'LM501310', 41.275, 73.431, 19.558],
  ['25580', '25520', 44.45, 82.931, 23.812], ['HM803149', 'HM803110', 44.45, 88.9, 30.162],
  ['LM102949', 'LM102910', 45.242, 73.431, 19.558], ['LM603049', 'LM603011', 45.242, 77.788, 19.842],
  ['LM67045', 'LM67010', 31.75, 59.131, 15.875], ['M84548', 'M84510', 25.4, 57.15, 19.431],
  ['15101', '15245', 25.4, 62, 19.05], ['15123', '15245', 31.75, 62, 19.05], ['02474', '02420', 28.575, 68.262, 22.225],
  ['25590', '25520', 45.618, 82.931, 23.812], ['387A', '382A', 57.15, 96.838, 21], ['HM801346', 'HM801310', 38.1, 82.55, 29.37],
  ['JLM104948', 'JLM104910', 50, 82, 21.5], ['JL69349', 'JL69310', 38, 63, 17],
  ['LM104949', 'LM104911', 50.8, 82.55, 21.59], ['3780', '3720', 50.8, 93.264, 30.162],
  // A row a line, as printed: pulled apart it could not be checked against its table.
]; // prettier-ignore

/**
 * The bearing of a cone and a cup as they are printed: `LM11949/LM11910`, or the cup's last figures alone, `LM11949/10`. A cone
 * by itself is known where only one cup belongs to it.
 */
export function inchTaper(text: string): InchTaperRow | null {
  const printed = text.toUpperCase().trim();
  const [cone = '', cup = ''] = printed.split(/\s*[/\s-]\s*/u, 2);
  const rows = INCH_TAPERS.filter((row) => row[0] === cone);
  if (cup === '') return rows.length === 1 ? rows[0]! : null;
  return (
    rows.find((row) => row[1] === cup || (/^\d{2}$/u.test(cup) && row[1].endsWith(cup))) ?? null
  );
}
