/** Runs once the next picture is on the screen: what makes the browser lay out anew does not keep a tap waiting. Returns how to call it off. */
export function afterPaint(run: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const frame = requestAnimationFrame(() => {
    timer = setTimeout(run);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

/** Long enough that whatever a person came for is there. */
const REST_MS = 4000;

/** Runs once the first screen has come to rest, when the browser has nothing better to do. What fails then is tried at the next opening. */
export function whenAtRest(run: () => Promise<unknown>): void {
  const quietly = () => void run().catch(() => undefined);
  setTimeout(() => ('requestIdleCallback' in window ? requestIdleCallback(quietly) : quietly()), REST_MS);
}
