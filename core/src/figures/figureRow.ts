import type { QuantityKind } from '../units/index.ts';

/**
 * What a figure of an axis can depend on: how far parts lie apart, how hard they are held, what drags on the shaft, how a
 * pair of gears meshes.
 */
export type Dependency = 'distance' | 'clamp' | 'drag' | 'mesh';

/** A figure that is set on an axis: how a band for it is read, how it is taken, and what takes its proof away. */
export interface FigureRow {
  readonly words: string;
  readonly quantity: QuantityKind;
  /** Limits may lie between these, in core units. */
  readonly least: number;
  readonly most: number;
  /**
   * By a guided run of an indicator, by readings of a torque tool, at places round a gear, worked out from lengths, or read off
   * as one figure.
   */
  readonly taken: 'run' | 'torque' | 'places' | 'depth' | 'figure';
  /** How it is taken. */
  readonly how: string;
  /** What it is taken with. */
  readonly tool: string;
  /** An act that moves one of these takes its proof away. */
  readonly dependsOn: readonly Dependency[];
}
