import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';

/** What a monitor reads of a running server, in Prometheus' text format. */
export function makeMeasures() {
  const registry = new Registry();
  const answers = new Histogram({
    name: 'zelk_answer_seconds',
    help: 'How long answers took, by route and status',
    labelNames: ['method', 'route', 'status'],
    buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 10],
    registers: [registry],
  });
  const gauge = (name: string, help: string) => new Gauge({ name, help, registers: [registry] });
  const gauges = {
    free: gauge('zelk_disk_free_bytes', 'Room left where photos are kept'),
    filesWaiting: gauge('zelk_files_waiting', 'Files that wait to be opened'),
    picturesWaiting: gauge('zelk_pictures_waiting', 'Pictures that wait to be judged'),
    broken: gauge('zelk_files_broken', 'Files of photos and recordings that are missing or damaged'),
    backupAge: gauge('zelk_backup_age_seconds', 'Since the last whole backup the server made by itself'),
  };
  let isWatched = false;
  return {
    observe: ({ method, path }: { method: string; path: string }, status: number, seconds: number): void => {
      // A route's pattern, never an address: that may hold a token.
      answers.observe({ method, route: path, status: String(status) }, seconds);
    },
    text: async (now: {
      free: number;
      filesWaiting: number;
      picturesWaiting: number;
      broken: number;
      backupAge?: number;
    }): Promise<string> => {
      // The process itself is measured from when somebody first asks.
      if (!isWatched) collectDefaultMetrics({ register: registry });
      isWatched = true;
      for (const [name, value] of Object.entries(now)) gauges[name as keyof typeof gauges].set(value);
      return registry.metrics();
    },
    type: registry.contentType,
  };
}

export type Measures = ReturnType<typeof makeMeasures>;
