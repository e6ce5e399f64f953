import type { FigureKind } from '../figures/index.ts';

/** What can be done to a unit, as the plan is exported: a closed list, whose names do not change. */
export const ACT_IDS = [
  'drain',
  'measureAsFound',
  'mark',
  'loosen',
  'open',
  'draw',
  'pull',
  'pressOut',
  'clean',
  'inspect',
  'measureSize',
  'compare',
  'prepare',
  'heat',
  'chill',
  'seat',
  'checkHome',
  'place',
  'relieve',
  'close',
  'torque',
  'lock',
  'assemble',
  'measure',
  'choose',
  'fitPack',
  'setPreload',
  'prove',
  'fitSeal',
  'pressureTest',
  'turn',
  'fill',
  'finish',
] as const;
export type ActId = (typeof ACT_IDS)[number];

/** What moves in an act: a body, a part or a circle of bolts comes out, or goes in. */
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

/** Something that is done, and the ids of what it is done to; with the figure where it is about one. */
export interface Act {
  readonly act: ActId;
  /** Ids of the unit file; a cup is `<station>:cup` and a cone `<station>:cone`, beside the id of its station. */
  readonly on: readonly string[];
  readonly figure?: FigureKind;
  readonly move?: RowMove;
}
