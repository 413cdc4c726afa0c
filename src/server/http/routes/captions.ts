import { captionsOfferedSchema, captionsWrittenSchema } from '#core/api';
import type { Context } from '../../context';
import { notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

export function captionRoutes({ writeCaptions }: Context): AnyRoute[] {
  return [
    route({
      method: 'get',
      path: '/api/captions',
      summary: 'Whether the yard has something that writes down what is said in a film',
      needs: 'walk',
      gives: captionsOfferedSchema,
      handle: () => ({ isOffered: writeCaptions !== undefined }),
    }),
    route({
      method: 'post',
      path: '/api/captions',
      summary: 'Have what is said in a film or a sound written down; the file is not kept',
      needs: 'walk',
      takes: ['video/*', 'audio/*', 'application/octet-stream'],
      gives: captionsWrittenSchema,
      handle: async (_input, request) => {
        if (!writeCaptions) {
          request.resume();
          throw notFound('speech-to-text', 'This yard has none. Bring captions of the film instead.');
        }
        return { text: await writeCaptions(request) };
      },
    }),
  ];
}
