import { useState } from 'react';

import { draftMemory } from '../storage/localMemory.ts';

/**
 * What is half typed in a field: kept over a reload of the page, until it is recorded or rubbed out.
 * @param name of what it is for; another name is another field
 */
export function useDraft(name: string): readonly [text: string, setText: (text: string) => void] {
  const [held, setHeld] = useState({ name, text: draftMemory.get(name) });
  const text = held.name === name ? held.text : draftMemory.get(name);
  const setText = (next: string): void => {
    draftMemory.set(name, next);
    setHeld({ name, text: next });
  };
  return [text, setText];
}
