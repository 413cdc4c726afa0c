import { walkJsonSchema } from '../archive/publishedSchemas';
import type { Context } from '../context';
import { describeApi } from './openapi';
import { type AnyRoute, route } from './route';
import { accountRoutes } from './routes/accounts';
import { arrivalRoutes } from './routes/arrivals';
import { boardRoutes } from './routes/board';
import { captionRoutes } from './routes/captions';
import { carRoutes } from './routes/cars';
import { choiceRoutes } from './routes/choices';
import { comingInRoutes } from './routes/comingIn';
import { deviceRoutes } from './routes/devices';
import { erasingRoutes } from './routes/erasing';
import { expectationRoutes } from './routes/expectations';
import { fileRoutes } from './routes/files';
import { healthRoutes } from './routes/health';
import { leavingRoutes } from './routes/leaving';
import { liveRoutes } from './routes/live';
import { messageRoutes } from './routes/messages';
import { morningRoutes } from './routes/morning';
import { morningLookRoutes } from './routes/mornings';
import { ownSecretRoutes } from './routes/ownSecrets';
import { passkeySignInRoutes } from './routes/passkeySignIn';
import { passkeyRoutes } from './routes/passkeys';
import { photoRoutes } from './routes/photos';
import { planRoutes } from './routes/plans';
import { practiceRoutes } from './routes/practice';
import { previewRoutes } from './routes/preview';
import { questionRoutes } from './routes/questions';
import { readingRoutes } from './routes/readings';
import { recordingRoutes } from './routes/recordings';
import { reportRoutes } from './routes/reports';
import { sharedRoutes } from './routes/shared';
import { sharedFileRoutes } from './routes/sharedFiles';
import { sharedPaperRoutes } from './routes/sharedPapers';
import { sheetRoutes } from './routes/sheets';
import { signInRoutes } from './routes/signIn';
import { tradeRoutes } from './routes/trade';
import { walkerRoutes } from './routes/walkers';
import { walkRoutes } from './routes/walks';
import { weakSpotRoutes } from './routes/weakSpots';
import { wordRoutes } from './routes/words';
import { yardRoutes } from './routes/yard';

/** Everything the server answers, as a table; its description is made from the table itself. */
export function routeTable(context: Context): AnyRoute[] {
  const routes = [
    ...signInRoutes(context),
    ...comingInRoutes(context),
    ...ownSecretRoutes(context),
    ...passkeyRoutes(context),
    ...passkeySignInRoutes(context),
    ...accountRoutes(context),
    ...deviceRoutes(context),
    ...carRoutes(context),
    ...boardRoutes(context),
    ...sheetRoutes(context),
    ...tradeRoutes(context),
    ...choiceRoutes(context),
    ...morningRoutes(context),
    ...planRoutes(context),
    ...readingRoutes(context),
    ...walkerRoutes(context),
    ...walkRoutes(context),
    ...photoRoutes(context),
    ...recordingRoutes(context),
    ...captionRoutes(context),
    ...reportRoutes(context),
    ...previewRoutes(context),
    ...sharedRoutes(context),
    ...sharedFileRoutes(context),
    ...sharedPaperRoutes(context),
    ...questionRoutes(context),
    ...arrivalRoutes(context),
    ...liveRoutes(context),
    ...messageRoutes(context),
    ...wordRoutes(context),
    ...expectationRoutes(context),
    ...weakSpotRoutes(context),
    ...morningLookRoutes(context),
    ...practiceRoutes(context),
    ...yardRoutes(context),
    ...fileRoutes(context),
    ...leavingRoutes(context),
    ...erasingRoutes(context),
    ...healthRoutes(context),
  ];
  routes.push(
    route({
      method: 'get',
      path: '/api/schemas/walk.json',
      summary: 'JSON Schema of a walk file',
      needs: 'look',
      gives: 'application/schema+json',
      handle: (_input, _request, response) => {
        response.type('application/schema+json').send(JSON.stringify(walkJsonSchema));
      },
    }),
  );
  // Made when somebody first asks: nobody does on most days, and it takes longer than all the rest of a start.
  let description: string | undefined;
  routes.push(
    route({
      method: 'get',
      path: '/api/openapi.json',
      summary: 'This description',
      needs: 'look',
      gives: 'application/json',
      handle: (_input, _request, response) => {
        description ??= JSON.stringify(describeApi(routes));
        response.type('json').send(description);
      },
    }),
  );
  return routes;
}
