import type { Station } from '../../unit/index.ts';
import type { Direction, Ring } from './ring.ts';

/** What comes out and goes in as one piece. */
export interface Body {
  /** Id of its station; of a ring that parts from the other, `<station>:cup` or `<station>:cone`. */
  readonly id: string;
  readonly station: Station;
  readonly axisId: string;
  /** Of a rolling bearing: which piece of it. */
  readonly piece: 'cup' | 'cone' | 'whole' | null;
  /** The part it stands in or on, or the body: a bush in a gear, a seal on a hub. */
  readonly host: string;
  readonly isInBody: boolean;
  /** How the ring that has the host sits there: it decides heat and press, and what is left behind. */
  readonly fit: 'tight' | 'slide';
  /** A shaft on which it is tight too: that is pressed through it. */
  readonly alsoOn: string | null;
  /** Direction in which it goes in, as described; null where nothing says. */
  readonly way: Direction | null;
  /** Direction in which it is thought to go in: it only decides which is tried first. */
  readonly guess: Direction;
  readonly rings: readonly Ring[];
  /** Side to which a cone leaves its cup; 0 where it has none. */
  readonly thrust: Direction | 0;
  /** Part in whose joint it lies. */
  readonly under: string | null;
}

/** What gives way, is threaded, or sits in a groove: the metal of its own part does not hold it. */
export const YIELDS: ReadonlySet<Station['kind']> = new Set([
  'snapRing',
  'oRing',
  'nut',
  'retainer',
  'adjuster',
  'ringSeal',
  'pistonSeal',
  'dowel',
  'stud',
]);

/** What seals. */
export const SEALS: ReadonlySet<Station['kind']> = new Set([
  'seal',
  'oRing',
  'ringSeal',
  'pistonSeal',
]);
