/** Most pieces in a pack, unless the unit says otherwise. */
export const USUAL_MOST_PIECES = 4;
