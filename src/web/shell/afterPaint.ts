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
