import type { Context } from '../context';

const DAY_MS = 86_400_000;
/** How long a browser's passphrase lasts, and how long a sent message can be read here with its link. */
const KEEP_MS = 30 * DAY_MS;

/** Forgets what is over: tries, unlocked browsers, links in old messages. */
export function tidy({ stores, files, now }: Pick<Context, 'stores' | 'files' | 'now'>): void {
  const before = new Date(now().getTime() - KEEP_MS).toISOString();
  stores.shares.forgetUnlocks(before);
  stores.messages.forgetLinks(before);
  stores.sessions.forget(now());
  stores.oneTime.forget(before);
  files.quarantine.removeOld(now());
}

/** Tidies now and every day. Gives back how to stop. */
export function keepTidy(context: Context): () => void {
  const run = () => {
    try {
      tidy(context);
    } catch (error) {
      context.log.warn({ err: error }, 'tidying up failed');
    }
  };
  run();
  const timer = setInterval(run, DAY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
