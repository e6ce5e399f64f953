import { orRefused } from '../faults/index.ts';
import {
  DEPTH_LENGTH_TABLE,
  DEPTH_LENGTHS,
  depthShim,
  type DepthAnswer,
  type DepthShim,
} from '../gears/index.ts';
import type { DepthRow } from '../job/index.ts';
import type { Mesh } from '../unit/index.ts';
import { line } from '../working/index.ts';
import { sizeUncertainty } from './seats.ts';

/** A depth shim by the readings that agree. */
export interface DepthReadings {
  readonly shim: DepthShim;
  /** How many readings it is the mean of. */
  readonly readings: number;
  /** By how much the last one differs from the one before where they do not agree, mm; else null. */
  readonly apart: number | null;
}

/** Two readings agree when they differ by no more than so many standard uncertainties of the difference. A rule of this program. */
const AGREE = 3;
/** A gauge that is set up anew comes out within so much of itself at least, however fine it reads, mm. A rule of this program. */
const SET_UP = 0.02;
/** Readings of a depth that are worth taking, the gauge set up anew for each. A rule of this program, as for cycles of a dial. */
export const DEPTH_READINGS = 3;

/** What a depth row comes to. @throws InputError as {@link depthShim} */
export const answerOf = (
  { method, lengths, sign, instrument }: DepthRow,
  mesh: Mesh,
): DepthAnswer =>
  depthShim({
    method,
    lengths,
    sign: sign ?? mesh.etchingSign,
    thicker: mesh.thicker,
    uncertainty: sizeUncertainty({ instrument }),
  });

/**
 * The shim by the mean of the last readings by one method that agree with the last of them. What their instrument shares is not
 * averaged away (JCGM 100:2008, 4.2.3 and 5.1.2).
 *
 * @param rows of a mesh in order; the last is worked out
 */
export function meanDepth(rows: readonly DepthRow[], mesh: Mesh, last: DepthShim): DepthReadings {
  const asked = rows.at(-1)!;
  const shims = rows
    // A reading that was recorded anew with what a plus means is one reading.
    .filter((row, at) => !isSameRead(row, rows[at + 1]))
    .map((row) => (isSameQuestion(row, asked) ? knownShim(row, mesh) : null));
  const agrees = (shim: DepthShim | null): boolean =>
    shim !== null &&
    Math.abs(shim.thickness - last.thickness) <=
      Math.max(SET_UP, AGREE * Math.hypot(shim.uncertainty, last.uncertainty)) + 1e-9;
  const from = shims.findLastIndex((shim) => !agrees(shim)) + 1;
  const used = shims.slice(from).flatMap((shim) => shim ?? []);
  const before = shims[from - 1] ?? null;
  const apart =
    used.length === 1 && before !== null ? Math.abs(before.thickness - last.thickness) : null;
  if (used.length < 2) return { shim: last, readings: 1, apart };
  return { shim: meanOf(used, last, asked), readings: used.length, apart };
}

function meanOf(used: readonly DepthShim[], last: DepthShim, { instrument }: DepthRow): DepthShim {
  const n = used.length;
  const thickness = used.reduce((sum, shim) => sum + shim.thickness, 0) / n;
  const { calibrationUncertainty } = instrument;
  // As many lengths as the one reading has: √m times what one length is unsure by.
  const lengths = last.uncertainty / sizeUncertainty({ instrument });
  const shared = lengths * calibrationUncertainty;
  const own = Math.sqrt(Math.max(0, last.uncertainty ** 2 - shared ** 2));
  const scatter = Math.sqrt(
    used.reduce((sum, shim) => sum + (shim.thickness - thickness) ** 2, 0) / (n - 1),
  );
  const uncertainty = Math.hypot(shared, Math.max(own, scatter) / Math.sqrt(n));
  return {
    thickness,
    uncertainty,
    working: [
      ...last.working,
      line(
        'Mean of the readings that agree',
        't = Σ t/n; u = √(u_shared² + max(u_own, s)²/n)',
        [
          ...used.map((shim, at) => [`t${at + 1}`, shim.thickness, 'length'] as const),
          ['u_shared', shared, 'length'],
          ['u_own', own, 'length'],
          ['s', scatter, 'length'],
          ['n', n, 'number'],
        ],
        ['t', thickness, 'length'],
        'jcgm100',
      ),
    ],
  };
}

/** Whether one reading can be of the same depth as another: by one method, from the same figures that are not read but given. */
const isSameQuestion = (row: DepthRow, other: DepthRow): boolean =>
  row.method === other.method &&
  row.sign === other.sign &&
  DEPTH_LENGTHS.every(
    (name) => DEPTH_LENGTH_TABLE[name].exact !== true || row.lengths[name] === other.lengths[name],
  );

const knownShim = (row: DepthRow, mesh: Mesh): DepthShim | null =>
  orRefused(
    () => {
      const answer = answerOf(row, mesh);
      return answer.status === 'known' ? answer.shim : null;
    },
    () => null,
  );

/** The same lengths again, only what a plus means is said since. */
const isSameRead = (row: DepthRow, next: DepthRow | undefined): boolean =>
  next !== undefined &&
  row.sign !== next.sign &&
  row.method === next.method &&
  JSON.stringify(row.lengths) === JSON.stringify(next.lengths);
