/** How the indicator meets the part. It decides the cosine correction. */
export type IndicatorContact = 'faceSquareToTravel' | 'lever' | 'faceSquareToPlunger';

/** How the indicator stands to the travel. */
export interface IndicatorSetting {
  readonly contact: IndicatorContact;
  /** Angle between plunger (or lever's square) and the travel, degrees, 0 to 45. */
  readonly angle: number;
}
