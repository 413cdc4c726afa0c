declare global {
  /** Where schemas keep their settings, so that these hold for those fetched later and need not be fetched now. */
  var __zod_globalConfig: { jitless?: boolean } | undefined;
}

// Schemas try once whether they may compile themselves. The content policy forbids that, and to report it the browser reads the whole script
// again: a third of a second on a phone.
globalThis.__zod_globalConfig ??= {};
globalThis.__zod_globalConfig.jitless = true;

export {};
