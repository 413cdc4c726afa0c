/** A page that is not looked at draws no picture: so long one is waited for. */
const UNSEEN_MS = 250;

/** Runs once the next picture is on the screen, or none comes: what makes the browser lay out anew does not keep a tap waiting. Returns how to call it off. */
export function afterPaint(run: () => void): () => void {
  const callOff = () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    timer = setTimeout(run);
  });
  let timer = setTimeout(() => {
    cancelAnimationFrame(frame);
    run();
  }, UNSEEN_MS);
  return callOff;
}

/** Long enough that whatever a person came for is there. */
const REST_MS = 4000;

/** Runs once the first screen has come to rest, when the browser has nothing better to do. What fails then is tried at the next opening. */
export function whenAtRest(run: () => Promise<unknown>): void {
  setTimeout(() => whenIdle(() => void run().catch(() => undefined)), REST_MS);
}

/** Runs all of them, each when the browser has nothing better to do once the one before is done. Returns how to call off what has not begun. */
export function oneByOneAtRest(runs: readonly (() => Promise<unknown>)[]): () => void {
  let isOff = false;
  const next = (at: number) => {
    const run = runs[at];
    if (isOff || !run) return;
    whenIdle(() => void run().finally(() => next(at + 1)));
  };
  const timer = setTimeout(() => next(0), REST_MS);
  return () => {
    isOff = true;
    clearTimeout(timer);
  };
}

const whenIdle = (run: () => void): void => {
  if ('requestIdleCallback' in window) requestIdleCallback(run);
  else setTimeout(run);
};
