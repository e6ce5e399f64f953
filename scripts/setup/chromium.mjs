import { existsSync } from 'node:fs';

import { ensureDebian } from './packages.mjs';

export const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium, for the browser tests. */
export function ensureChromium() {
  const remedy = "Install Debian's chromium package for the browser tests.";
  return ensureDebian(['chromium'], () => existsSync(CHROMIUM), remedy);
}
