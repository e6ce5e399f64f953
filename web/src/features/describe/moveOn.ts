import type { KeyboardEvent } from 'react';

/** Fields that are typed in: not what is ticked or picked, which has keys of its own. */
const TYPED = 'input:not([type=checkbox], [type=radio], [type=file], [disabled])';

/**
 * Enter in a field leads to the next one, and behind the last to what the job is for: nobody books a job in by a key pressed
 * out of habit before that was read.
 */
export function moveOn(event: KeyboardEvent<HTMLFormElement>): void {
  const field = event.target;
  if (event.key !== 'Enter' || !(field instanceof HTMLInputElement)) return;
  if (!field.matches(TYPED)) return;
  event.preventDefault();
  const form = event.currentTarget;
  const fields = [...form.querySelectorAll<HTMLInputElement>(TYPED)];
  const next = fields[fields.indexOf(field) + 1];
  (next ?? form.querySelector<HTMLElement>('[aria-label="The job"]'))?.focus();
}
