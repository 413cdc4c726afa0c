import {
  type DehydratedState,
  dehydrate,
  hydrate,
  type Query,
  type QueryClient,
} from '@tanstack/react-query';
import { whoIsHere } from '../people/me';
import { keptOrNot } from '../sync/keptOrNot';
import type { OutboxStore } from '../sync/outboxStore';

/** Asked for on the way to a walk: without signal they are shown as they last were. */
const CARRIED = [
  'cars',
  'car',
  'people',
  'routes',
  'pace',
  'yard',
  'words',
  'weak-spots',
  'mornings',
] as const;
const KEY = 'queries';
const WEEK_MS = 7 * 24 * 3_600_000;
/** Kept so long after the last of several answers. */
const SETTLE_MS = 1000;

interface Kept {
  /** Whose they are: what one may see another may not. */
  person: string;
  state: DehydratedState;
}

const isCarried = ({ queryKey: [name, asked], state }: Query): boolean =>
  state.data !== undefined &&
  CARRIED.some((each) => each === name) &&
  // Of the stock list the whole, not what somebody searched for.
  (name !== 'cars' || asked === '');

/** Shows what this device kept of the server's answers, and keeps what comes. */
export async function carryAnswers(client: QueryClient, store: OutboxStore | undefined): Promise<void> {
  for (const name of CARRIED) client.setQueryDefaults([name], { gcTime: WEEK_MS });
  await keptOrNot(store, async (open) => {
    const kept = (await open.get('answers', KEY)) as Kept | undefined;
    if (kept && kept.person === whoIsHere.get()?.person) hydrate(client, kept.state);
  });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const keep = () => {
    const person = whoIsHere.get()?.person;
    if (!person) return;
    const state = dehydrate(client, { shouldDehydrateQuery: isCarried });
    // That it could not be asked for again lately makes what was told no worse; but it is asked for again when it is shown, however fresh it was.
    for (const query of state.queries)
      query.state = {
        ...query.state,
        status: 'success',
        fetchStatus: 'idle',
        isInvalidated: true,
        error: null,
        fetchFailureReason: null,
      };
    void keptOrNot(store, (open) => open.put('answers', { person, state } satisfies Kept, KEY));
  };
  client.getQueryCache().subscribe((event) => {
    if (event.type !== 'updated' || event.action.type !== 'success' || !isCarried(event.query)) return;
    clearTimeout(timer);
    timer = setTimeout(keep, SETTLE_MS);
  });
}
