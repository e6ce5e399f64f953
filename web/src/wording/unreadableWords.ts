import type { Unreadable } from '@wendaxis/core/plan';

/** Why a job cannot be read, and what can be done. */
export function unreadableWords(unreadable: Unreadable): string {
  return unreadable.code === 'newerVersion'
    ? `It holds entries of version ${unreadable.version}, which a newer Wendaxis wrote. Update this one to open it; nothing of it is changed meanwhile.`
    : `Something in its log cannot be worked out: ${unreadable.fault}. Undo takes back what was entered last; its log can be saved as a file.`;
}
