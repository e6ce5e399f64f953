import { existsSync } from 'node:fs';

import { ensureDebian } from './packages.mjs';

/** Without the windows of a desktop: they cost a quarter of the processor, and no test looks at them. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, for the browser tests. */
export function ensureChromium() {
  const remedy = "Install Debian's chromium-headless-shell package for the browser tests.";
  return ensureDebian(['chromium-headless-shell'], () => existsSync(CHROMIUM), remedy);
}
