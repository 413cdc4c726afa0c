/** One line of the table. */
export interface Row {
  what: string;
  measured: string;
  baseline?: string;
  ratio?: string;
  target?: string;
}

export const ms = (value: number): string =>
  value >= 100 ? `${Math.round(value)} ms` : `${value.toFixed(2)} ms`;
export const times = (value: number): string => `${value.toFixed(2)} ×`;

/** The value below which a share of the samples lies. */
export function quantile(samples: readonly number[], share: number): number {
  const sorted = samples.toSorted((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}

export async function timed(job: () => unknown): Promise<number> {
  const start = performance.now();
  await job();
  return performance.now() - start;
}
