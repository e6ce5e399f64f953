/** Why no move is said. */
export type PairWaits =
  | 'play'
  | 'backlash'
  | 'sides'
  | 'limits'
  | 'teethFirst'
  | 'contradictoryMarks'
  | 'signOfEtching';
