import type { KeyboardEvent } from 'react';

/**
 * Enter in a field leads to the next one, and behind the last to what the job is for: nobody books a job in by a key pressed
 * out of habit before that was read.
 */
export function moveOn(event: KeyboardEvent<HTMLFormElement>): void {
  const field = event.target;
  if (event.key !== 'Enter' || !(field instanceof HTMLInputElement)) return;
  if (field.type === 'checkbox' || field.type === 'file') return;
  event.preventDefault();
  const form = event.currentTarget;
  const fields = [
    ...form.querySelectorAll<HTMLInputElement>(
      'input:not([type=checkbox], [type=file], [disabled])',
    ),
  ];
  const next = fields[fields.indexOf(field) + 1];
  (next ?? form.querySelector<HTMLElement>('[aria-label="The job"]'))?.focus();
}
