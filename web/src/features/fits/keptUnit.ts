const BARE = /^\s*[-+−]?\d+([.,]\d+)?\s*$/u;

/** What was typed without a unit keeps the one it was typed in; what has one, or is no number, stays as it is. */
export const keptUnit = (text: string, unit: string): string =>
  BARE.test(text) ? `${text.trim()} ${unit}` : text;
