import type { Page } from '@playwright/test';

/** A browser's speech recognition that hears what a test says: late, in pieces, and gives up as real ones do. */
export async function fakeRecognition(page: Page) {
  await page.addInitScript(() => {
    class Fake {
      onresult: ((event: unknown) => void) | null = null;
      onerror: ((event: unknown) => void) | null = null;
      onend: (() => void) | null = null;
      start() {
        Object.assign(window, {
          hear: (text: string, isFinal: boolean) =>
            this.onresult?.({
              resultIndex: 0,
              results: [Object.assign([{ transcript: text }], { isFinal })],
            }),
          fail: (error: string) => {
            this.onerror?.({ error });
            this.onend?.();
          },
          giveUp: () => this.onend?.(),
        });
      }
      stop() {
        this.onend?.();
      }
    }
    Object.assign(window, { SpeechRecognition: Fake });
  });
}

/** Lets the browser hear something. */
export const hear = (page: Page, text: string, isFinal = true) =>
  page.evaluate(
    ([said, final]) =>
      (window as never as { hear: (t: string, f: boolean) => void }).hear(said as string, final as boolean),
    [text, isFinal],
  );
