import type { BoardPage } from '#core/api';

interface Yard {
  get: (path: string) => Promise<unknown>;
  post: (path: string, body: unknown) => Promise<unknown>;
  send: (path: string, body: unknown) => Promise<unknown>;
}

/** A few jobs are said to be done, one cannot be, and the board is planned for the rest. */
export async function workAt({ get, post, send }: Yard): Promise<void> {
  const board = (await get('/api/board')) as BoardPage;
  const of = (stockNumber: string, trade: string) => {
    const walk = board.cars.find((car) => car.stockNumber === stockNumber)?.walk;
    return board.tasks.find((task) => task.walk === walk && task.trade === trade)?.id;
  };
  const say = async (task: string | undefined, says: 'done' | 'cannot', why: string) => {
    if (task) await send('/api/board/work', { task, said: { says, why } });
  };
  await say(of('BT-151', 'dent-specialist'), 'done', 'pressed out from inside the door');
  await say(of('BT-157', 'valeter'), 'done', 'two stages, wiped down');
  await say(of('BT-153', 'paint-specialist'), 'cannot', 'the rust goes deeper than it looked');
  await post('/api/board/planned', {});
}
