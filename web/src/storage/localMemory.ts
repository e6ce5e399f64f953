/**
 * Small things that a browser remembers: how a screen is set, what was last seen. Where the browser refuses to, or has
 * no room, they last as long as the page; nothing fails by it.
 */
const page = new Map<string, string>();

/** In the shape of the browser's own, so that it can stand wherever that does. */
export const localMemory = {
  getItem(name: string): string | null {
    try {
      return page.get(name) ?? localStorage.getItem(name);
    } catch {
      return page.get(name) ?? null;
    }
  },
  setItem(name: string, value: string): void {
    try {
      localStorage.setItem(name, value);
      page.delete(name);
    } catch {
      page.set(name, value);
    }
  },
  removeItem(name: string): void {
    page.delete(name);
    try {
      localStorage.removeItem(name);
    } catch {
      // Refused: then nothing is there to remove.
    }
  },
};

/** What is half typed: kept over a reload of this tab. */
export const draftMemory = {
  get(name: string): string {
    try {
      return sessionStorage.getItem(`wendaxis.draft.${name}`) ?? '';
    } catch {
      return '';
    }
  },
  set(name: string, text: string): void {
    try {
      if (text === '') sessionStorage.removeItem(`wendaxis.draft.${name}`);
      else sessionStorage.setItem(`wendaxis.draft.${name}`, text);
    } catch {
      // Refused: a reload then loses what is half typed, and nothing else.
    }
  },
};
