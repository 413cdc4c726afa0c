import { resolve } from 'node:path';

/** Settings of one running server, resolved once at start. */
export interface Config {
  port: number;
  /** Loopback only: there is no sign-in. */
  host: '127.0.0.1';
  dataDir: string;
  /** The built interface. */
  webDir: string;
  logLevel: string;
}

export function readConfig(env: NodeJS.ProcessEnv): Config {
  const port = Number(env.PORT ?? 4310);
  if (!Number.isInteger(port) || port < 0 || port > 65535) {
    throw new Error(`PORT must be a whole number from 0 to 65535, not “${env.PORT}”.`);
  }
  return {
    port,
    host: '127.0.0.1',
    dataDir: resolve(env.ZELK_DATA ?? './data'),
    webDir: resolve(env.ZELK_WEB ?? './dist/web'),
    logLevel: env.ZELK_LOG ?? 'warn',
  };
}
