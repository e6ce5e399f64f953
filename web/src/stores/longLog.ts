/** From so many new events on, a log is read a piece at a time before it is shown: folding them at once would be felt. */
export const LONG_LOG = 2000;
