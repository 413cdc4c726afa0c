/** Runs at most `size` jobs at once; the rest wait their turn. */
export function makeSlots(size: number) {
  let free = size;
  const waiting: (() => void)[] = [];
  return async function run<T>(job: () => Promise<T>): Promise<T> {
    if (free > 0) free--;
    else await new Promise<void>((resolve) => waiting.push(resolve));
    try {
      return await job();
    } finally {
      const next = waiting.shift();
      if (next) next();
      else free++;
    }
  };
}
