import { existsSync } from 'node:fs';

/** Debian's headless shell: the same engine without windows, a quarter faster to test with. Where it is not to be had, the whole browser does. */
const HEADLESS = '/usr/bin/chromium-headless-shell';

export const browserPath = existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium';
