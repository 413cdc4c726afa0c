import { z } from 'zod';
import { MOST_TAUGHT, taughtWordSchema, taughtWordsSchema } from '#core/speech';
import type { Context } from '../../context';
import { notFound, unprocessable } from '../../problems';
import { type AnyRoute, route } from '../route';

/** Words of the house, taught where one was not understood. */
export function wordRoutes({ stores, now }: Context): AnyRoute[] {
  const { words } = stores;
  return [
    route({
      method: 'get',
      path: '/api/words',
      summary: 'Words of the house for what is said of a car, and what each stands for',
      needs: 'look',
      gives: taughtWordsSchema,
      handle: () => words.all(),
    }),
    route({
      method: 'put',
      path: '/api/words',
      summary: 'Teach a word by one that is understood; taught again, it stands for the new one',
      needs: 'work',
      body: taughtWordSchema,
      gives: taughtWordsSchema,
      handle: ({ body, by }) => {
        if (words.all().length >= MOST_TAUGHT)
          throw unprocessable(
            'words-full',
            `At most ${MOST_TAUGHT} words. Take one out that nobody says any more.`,
          );
        words.put(body, by.person, now().toISOString());
        return words.all();
      },
    }),
    route({
      method: 'delete',
      path: '/api/words/:word',
      summary: 'Forget a word of the house',
      needs: 'work',
      params: z.object({ word: z.string().min(1).max(40) }),
      gives: taughtWordsSchema,
      handle: ({ params }) => {
        if (!words.remove(params.word)) throw notFound('word', 'Load the list again.');
        return words.all();
      },
    }),
  ];
}
