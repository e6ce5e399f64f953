/** A key, or several that do the same, and what they do. */
export interface ShownKeys {
  readonly keys: readonly string[];
  readonly words: string;
}

const shown = new Map<object, ShownKeys>();

/** Keep keys on the list of the screen for as long as they work. Returns how to take them off. */
export function showKeys(owner: object, keys: readonly string[], words: string): () => void {
  shown.set(owner, { keys, words });
  return () => void shown.delete(owner);
}

const NAMES: Readonly<Record<string, string>> = {
  ' ': 'Space',
  ArrowUp: '↑',
  ArrowDown: '↓',
  ArrowLeft: '←',
  ArrowRight: '→',
  PageDown: 'Page Down',
};

/** What a key is called on the list. */
export const keyName = (key: string): string =>
  NAMES[key] ?? (key.length === 1 ? key.toUpperCase() : key);

/** The keys that work on the screen now, each thing once. */
export function shownKeys(): readonly ShownKeys[] {
  const byWords = new Map<string, readonly string[]>();
  for (const { keys, words } of shown.values())
    byWords.set(words, [...new Set([...(byWords.get(words) ?? []), ...keys])]);
  return [...byWords].map(([words, keys]) => ({ words, keys }));
}
