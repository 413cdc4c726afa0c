import { z } from 'zod';
import { keptPictureSchema } from '#core/api';
import { sha256Schema } from '#core/walk';
import { yardSchema } from '#core/yard';
import type { Context } from '../../context';
import { witnessed } from '../../people/witnessed';
import { unprocessable } from '../../problems';
import { takeInLogo } from '../../yard/takeInLogo';
import { sendLogo } from '../answers/sendLogo';
import { type AnyRoute, route } from '../route';

const logoTypes = ['image/png', 'image/jpeg', 'image/webp'] as const;

/** Who stands behind the reports. */
export function yardRoutes(context: Context): AnyRoute[] {
  const { people } = context.stores;
  return [
    route({
      method: 'get',
      path: '/api/yard',
      summary: 'The yard as its reports name it',
      needs: 'look',
      gives: yardSchema,
      handle: () => people.yard(),
    }),
    route({
      method: 'put',
      path: '/api/yard',
      summary: 'Change what reports frozen from now on say of the yard',
      needs: 'manage',
      body: yardSchema,
      gives: yardSchema,
      handle: ({ body, by }) => {
        if (body.logo && !people.logo(body.logo))
          throw unprocessable('logo-unknown', 'That logo is not here. Choose the picture again.');
        people.setYard(body);
        witnessed(context, by, 'yard-changed');
        return people.yard();
      },
    }),
    route({
      method: 'put',
      path: '/api/yard/logo',
      summary: 'Send a picture as logo; it is painted anew and kept under its content',
      needs: 'manage',
      takes: logoTypes,
      gives: keptPictureSchema,
      handle: (_input, request) => takeInLogo(context, request),
    }),
    route({
      method: 'get',
      path: '/api/logos/:sha256',
      summary: 'A logo',
      needs: 'look',
      params: z.object({ sha256: sha256Schema }),
      gives: 'image/png',
      handle: ({ params }, _request, response) => sendLogo(context, params.sha256, response),
    }),
  ];
}
