import { z } from 'zod';
import { receivedSchema } from '#core/api';
import { recordingMimes, recordingRecordSchema } from '#core/exchange';
import { sha256Schema } from '#core/walk';
import type { Context } from '../../context';
import { sendRecording } from '../answers/sendRecording';
import { type AnyRoute, route } from '../route';

const hashParams = z.object({ sha256: sha256Schema });

export function recordingRoutes(context: Context): AnyRoute[] {
  const { stores, files, keeper, takeInRecording, now } = context;
  const storedOf = async (sha256: string) => {
    const known = stores.recordings.get(sha256);
    const isHere =
      known?.stored &&
      (await keeper.isSound(files.original(sha256))) &&
      (await keeper.isSound(files.recording(sha256)));
    return isHere ? known.record : undefined;
  };
  return [
    route({
      method: 'put',
      path: '/api/recordings/:sha256',
      summary: 'Send a sound or short video, or the rest of one `from` a byte on; repeating it is harmless',
      needs: 'walk',
      params: hashParams,
      query: z.object({
        from: z.coerce.number().int().min(0).default(0),
        /** A film of a whole walk may be longer and larger. */
        as: z.enum(['recording', 'film']).default('recording'),
      }),
      takes: recordingMimes,
      gives: recordingRecordSchema,
      handle: async ({ params, query }, request) => {
        const known = await storedOf(params.sha256);
        if (known) {
          request.resume();
          return known;
        }
        const record = await takeInRecording(request, params.sha256, query.from, query.as);
        stores.recordings.put(record, true, now().toISOString());
        return record;
      },
    }),
    route({
      method: 'get',
      path: '/api/recordings/:sha256/received',
      summary: 'How many bytes of a recording are here from an upload that was cut; all once it is stored',
      needs: 'look',
      params: hashParams,
      gives: receivedSchema,
      handle: async ({ params }) => {
        const known = await storedOf(params.sha256);
        return known
          ? { bytes: known.bytes, stored: true }
          : { bytes: await files.received(params.sha256), stored: false };
      },
    }),
    route({
      method: 'get',
      path: '/api/recordings/:sha256',
      summary: 'A sound or video as it may be played: without what its device wrote of place and person',
      needs: 'look',
      params: hashParams,
      gives: 'application/octet-stream',
      handle: ({ params }, _request, response) => sendRecording(context, response, params.sha256),
    }),
  ];
}
