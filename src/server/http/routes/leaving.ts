import { z } from 'zod';
import { yardTakenInSchema } from '#core/api';
import type { Context } from '../../context';
import { everything } from '../../leaving/everything';
import { takeInYard } from '../../leaving/takeInYard';
import { witnessed } from '../../people/witnessed';
import { sendZip } from '../answers/sendZip';
import { type AnyRoute, route } from '../route';

/** All of a yard out in one archive, and in again elsewhere. */
export function leavingRoutes(context: Context): AnyRoute[] {
  return [
    route({
      method: 'get',
      path: '/api/yard/everything.zip',
      summary: 'Cars, walks, reports, photos as they were taken and recordings, in open formats',
      needs: 'people',
      params: z.object({}),
      gives: 'application/zip',
      writes: true,
      handle: async ({ by }, _request, response) => {
        witnessed(context, by, 'data-taken', 'everything');
        await sendZip(response, () => {
          const contents = everything(context);
          return { name: `zelk-yard-${contents.at.toISOString().slice(0, 10)}.zip`, contents };
        });
      },
    }),
    route({
      method: 'post',
      path: '/api/imports/yard',
      summary: 'Take in all that another Zelk gave out; repeating it adds what is missing',
      needs: 'people',
      takes: ['application/zip', 'application/x-zip-compressed'],
      status: 201,
      gives: yardTakenInSchema,
      handle: async ({ by }, request) => {
        const taken = await takeInYard(context, request);
        witnessed(context, by, 'data-brought', `a whole yard: ${taken.cars} cars, ${taken.walks} walks`);
        return taken;
      },
    }),
  ];
}
