/** When something that sets the play was last changed. */
export interface SetAfter {
  readonly runs: number;
  readonly torques: number;
  readonly trial: boolean;
}

/** What a solid spacer gave by hand. mm. */
export interface SpacerFeel {
  readonly stationId: string;
  readonly length: number;
  readonly feel: 'loose' | 'tight';
  readonly play: number | null;
}
