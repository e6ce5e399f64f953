import { adjusterPlay, type ThreadHand } from '../arrangement/index.ts';
import { requireInteger, requireNumber } from '../faults/index.ts';
import { bandTarget, decide, requireBand, type Band, type Decision } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** How far to turn a threaded adjuster. Angles in degrees, inwards positive; lengths in mm. */
export interface AdjusterTurn {
  /** To the target exactly. */
  readonly angle: number;
  /** To the nearest place at which it can be locked; equal to `angle` where it has no notches. */
  readonly set: number;
  /** Whole notches inwards of that place; null without notches. */
  readonly notches: number | null;
  readonly direction: 'clockwise' | 'anticlockwise';
  readonly inwards: boolean;
  readonly expectedPlay: number;
  readonly decision: Decision;
  /** What one notch does to the play; null without notches. */
  readonly perNotch: number | null;
  /** How far the turn itself can be off, mm of play, to each side. */
  readonly setWithin: number;
  readonly working: readonly WorkingLine[];
}

/** How well an angle is set: by eye against a mark, and by a notch that is counted. Degrees, to each side. Common practice, no source. */
const SET_BY = { mark: 3, notch: 0.5 } as const;
/** Play of an adjuster's thread in its bore, as a share of its lead: taken up by turning in, open again by turning out. A rule of this program. */
const THREAD_SLACK = 0.04;

/** One-sided 95 % of a value that lies anywhere within a half width: 0.9 of it. */
const RECTANGULAR_95 = 0.9;

/**
 * The turn that brings the play to its target: `angle = (play − target)·360/lead`, to the nearest notch.
 * @param input `guard` is the one-sided 95 % uncertainty of the measured play, mm
 * @throws InputError naming the field
 * @example adjusterTurn({ play: 0.2, guard: 0.01, band: { lower: 0, upper: 0.2, target: 0.1 }, lead: 1.5, notches: null, hand: 'right' }).angle // 24
 */
export function adjusterTurn(input: {
  readonly play: number;
  readonly guard: number;
  readonly band: Band;
  readonly lead: number;
  readonly notches: number | null;
  readonly hand: ThreadHand;
}): AdjusterTurn {
  const play = requireNumber('play', input.play, { min: -5, max: 20, unit: 'mm' });
  const guard = requireNumber('guard', input.guard, { min: 0, max: 5, unit: 'mm' });
  const band = requireBand(input.band);
  const lead = requireNumber('lead', input.lead, { min: 0.1, max: 10, unit: 'mm' });
  const notches =
    input.notches === null ? null : requireInteger('notches', input.notches, { min: 1, max: 120 });
  const target = bandTarget(band);
  const angle = ((play - target) * 360) / lead;
  const whole = notches === null ? null : Math.round((angle * notches) / 360);
  const set = whole === null ? angle : (whole * 360) / notches!;
  const clockwise = (inwards: number) => (input.hand === 'right' ? inwards : -inwards);
  const change = (inwards: number) =>
    adjusterPlay({ lead, clockwiseAngle: clockwise(inwards), hand: input.hand });
  const expectedPlay = play + change(set);
  const setWithin = turnWithin(lead, whole !== null, set < 0);
  const expanded = Math.hypot(guard, RECTANGULAR_95 * setWithin);
  return {
    angle,
    set,
    notches: whole,
    expectedPlay,
    direction: clockwise(set) >= 0 ? 'clockwise' : 'anticlockwise',
    inwards: set >= 0,
    setWithin,
    decision: decide(expectedPlay, expectedPlay, band, expanded),
    perNotch: notches === null ? null : lead / notches,
    working: workingOf({ play, target, lead, angle, whole, notches, set, expectedPlay }),
  };
}

/** How far a turn can be off, mm of travel to each side: by its angle, and outwards by the thread, which first gives its slack. */
export function turnWithin(lead: number, notched: boolean, outwards: boolean): number {
  return (lead * SET_BY[notched ? 'notch' : 'mark']) / 360 + (outwards ? THREAD_SLACK * lead : 0);
}

/** The turn, its nearest notch, and the play to expect. */
function workingOf({
  play,
  target,
  lead,
  angle,
  whole,
  notches,
  set,
  expectedPlay,
}: {
  readonly play: number;
  readonly target: number;
  readonly lead: number;
  readonly angle: number;
  readonly whole: number | null;
  readonly notches: number | null;
  readonly set: number;
  readonly expectedPlay: number;
}): readonly WorkingLine[] {
  return [
    line(
      'Turn to the target',
      'angle = (play − target)·360/lead',
      [
        ['play', play, 'length'],
        ['target', target, 'length'],
        ['lead', lead, 'length'],
      ],
      ['angle', angle, 'angle'],
      'loop',
    ),
    ...(whole === null
      ? []
      : [
          line(
            'Nearest notch',
            'n = round(angle·N/360)',
            [['N', notches!, 'number']],
            ['n', whole, 'number'],
            'loop',
          ),
        ]),
    line(
      'Play to expect',
      'e = play − lead·set/360',
      [['set', set, 'angle']],
      ['e', expectedPlay, 'length'],
      'loop',
    ),
  ];
}
