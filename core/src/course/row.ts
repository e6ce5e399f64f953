import type { FigureKind } from '../figures/index.ts';
import type { ActId } from './acts.ts';

/** What moves in a row: a body, a part or a circle of bolts comes out, or goes in. */
export interface RowMove {
  readonly to: 'out' | 'in';
  readonly body?: string;
  readonly part?: string;
  readonly bolts?: string;
  readonly direction: -1 | 1 | 'across';
  /** Bodies that stay behind in their part, or are taken up again. */
  readonly left: readonly string[];
  /** Part in which it is laid, or lay, while its shaft is out. */
  readonly lay?: string;
}

/** One act of a course, on ids of the unit file. */
export interface Row {
  readonly act: ActId;
  readonly on: readonly string[];
  readonly figure?: FigureKind;
  readonly ring?: 'outer' | 'inner';
  /** Done only for a reading, and done again for good. */
  readonly trial?: true;
  readonly move?: RowMove;
}
