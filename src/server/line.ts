/** Does so many jobs at once, each known by a key; the rest wait in the order they came. */
export function makeLine(size: number) {
  const underWay: string[] = [];
  const waiting: { key: string; begin: () => void }[] = [];
  return {
    async run<T>(key: string, job: () => Promise<T>): Promise<T> {
      if (underWay.length < size) underWay.push(key);
      else
        await new Promise<void>((begin) => {
          waiting.push({ key, begin });
        });
      try {
        return await job();
      } finally {
        underWay.splice(underWay.indexOf(key), 1);
        const next = waiting.shift();
        // The place is handed over at once: nobody who comes in between takes it.
        if (next) underWay.push(next.key);
        next?.begin();
      }
    },
    /** How many are done before that of a key; 0 while it is under way, undefined for one that is not here. */
    before: (key: string): number | undefined => {
      if (underWay.includes(key)) return 0;
      const at = waiting.findIndex((each) => each.key === key);
      return at < 0 ? undefined : at + 1;
    },
  };
}
