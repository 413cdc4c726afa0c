/** Does one piece of work after another, in the order they are asked for: what reads something, thinks and writes it back must not lose what came between. */
export function makeTurns() {
  let last: Promise<unknown> = Promise.resolve();
  return <T>(work: () => Promise<T>): Promise<T> => {
    const mine = last.then(work);
    last = mine.catch(() => {});
    return mine;
  };
}
