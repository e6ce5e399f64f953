import { useEffect, useLayoutEffect } from 'react';

import { showKeys } from './shownKeys.ts';

/** Whether keys now belong to a field that is being typed in, or to a dialog. */
function typing(target: EventTarget | null): boolean {
  // An empty field for a number waits for a digit: a letter or a blank can only be meant as a shortcut.
  if (target instanceof HTMLInputElement && target.inputMode === 'decimal' && target.value === '')
    return false;
  return (
    target instanceof HTMLElement &&
    target.closest(
      'input, textarea, select, [contenteditable], [role=dialog], [role=alertdialog]',
    ) !== null
  );
}

/** Whether the key would press the control that has the focus, or send the form of the field. Enter on one of a choice goes on. */
function pressesControl(event: KeyboardEvent): boolean {
  const isChoice = event.target instanceof Element && event.target.matches('[role=radio]');
  return (
    !(isChoice && event.key === 'Enter') &&
    (event.key === 'Enter' || event.key === ' ') &&
    event.target instanceof Element &&
    event.target.closest(
      event.key === 'Enter'
        ? 'button, a, input, [role=button], [role=checkbox]'
        : 'button, a, [role=button], [role=radio], [role=checkbox]',
    ) !== null
  );
}

interface Options {
  readonly enabled?: boolean;
  /** The key also reaches what has the focus after the action. */
  readonly letThrough?: boolean;
}

/**
 * Do something when one of the keys is pressed and nothing is being typed. A held key acts once.
 * @param keys as in `KeyboardEvent.key`; letters in lower case
 * @param words what they do, for the list of keys of the screen
 */
export function useShortcut(
  keys: readonly string[],
  words: string,
  action: () => void,
  { enabled = true, letThrough = false }: Options = {},
): void {
  const list = keys.join('\u0000');
  useEffect(
    () => (enabled ? showKeys({}, list.split('\u0000'), words) : undefined),
    [list, words, enabled],
  );
  // Before the screen is painted: a key pressed at once on a new screen must already count.
  useLayoutEffect(() => {
    if (!enabled) return;
    const names = list.split('\u0000');
    const onKey = (event: KeyboardEvent) => {
      const name = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
      if (!names.includes(name) || typing(event.target) || pressesControl(event)) return;
      if (!letThrough) event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [list, action, enabled, letThrough]);
}
