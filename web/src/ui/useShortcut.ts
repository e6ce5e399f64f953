import { useLayoutEffect } from 'react';

/** Whether keys now belong to a field that is being typed in, or to a dialog. */
function typing(target: EventTarget | null): boolean {
  // An empty field for a number waits for a digit: a letter or a blank can only be meant as a shortcut.
  if (target instanceof HTMLInputElement && target.inputMode === 'decimal' && target.value === '')
    return false;
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable], [role=dialog]') !== null
  );
}

/** Whether the key would press the control that has the focus, or send the form of the field. */
function pressesControl(event: KeyboardEvent): boolean {
  return (
    (event.key === 'Enter' || event.key === ' ') &&
    event.target instanceof Element &&
    event.target.closest(
      event.key === 'Enter'
        ? 'button, a, input, [role=button], [role=radio], [role=checkbox]'
        : 'button, a, [role=button], [role=radio], [role=checkbox]',
    ) !== null
  );
}

/**
 * Do something when one of the keys is pressed and nothing is being typed. A held key acts once.
 * @param letThrough the key also reaches what has the focus after the action
 * @param keys as in `KeyboardEvent.key`; letters in lower case
 */
export function useShortcut(
  keys: readonly string[],
  action: () => void,
  enabled = true,
  { letThrough = false } = {},
): void {
  const list = keys.join('\u0000');
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
