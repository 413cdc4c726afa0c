import { morningSchema } from '#core/api';
import { arrivalCheckSchema } from '#core/arrival';
import { carTitle } from '#core/car';
import type { Context } from '../../context';
import { type AnyRoute, route } from '../route';

const DAY_MS = 86_400_000;
/** Checks are news for so long. */
const NEWS_DAYS = 14;
const SHOWN = 12;

interface Told {
  walk?: string;
  car: string;
  named: Parameters<typeof carTitle>[0] & { stockNumber: string };
}
const carOf = <T extends Told>({ named, ...rest }: T) => ({
  ...rest,
  stockNumber: named.stockNumber,
  title: carTitle(named),
});

/** What waits for somebody this morning. */
export function morningRoutes({ stores, now }: Context): AnyRoute[] {
  const { morning } = stores;
  return [
    route({
      method: 'get',
      path: '/api/morning',
      summary:
        'What waits for somebody of the yard: questions, what was different on arrival, promises, reports, walks',
      needs: 'look',
      gives: morningSchema,
      handle: () => {
        morning.settle();
        const today = now().toISOString().slice(0, 10);
        const { walked, open } = morning.unsigned();
        const promised = morning.promised();
        const toAnswer = morning.toAnswer();
        const toWalk = morning.toWalk();
        const chosen = morning.chosen();
        const different = morning
          .checksSince(new Date(now().getTime() - NEWS_DAYS * DAY_MS).toISOString())
          .flatMap(({ document, ...row }) => {
            const { parts: checked } = arrivalCheckSchema.parse(JSON.parse(document));
            const parts = checked.filter(({ verdict }) => verdict === 'different').length;
            return parts > 0 ? [carOf({ ...row, parts })] : [];
          });
        return {
          today,
          toAnswer: { count: toAnswer.count, rows: toAnswer.rows.map(carOf) },
          chosen: { count: chosen.count, rows: chosen.rows.map(carOf) },
          different: { count: different.length, rows: different.slice(0, SHOWN) },
          promised: {
            count: promised.count,
            rows: promised.rows.map(({ due, ...row }) => ({
              ...carOf(row),
              ...(due && { due }),
              isLate: due !== undefined && due < today,
            })),
          },
          toSend: { count: walked.count, rows: walked.rows.map(({ left: _, ...row }) => carOf(row)) },
          inHand: { count: open.count, rows: open.rows.map(carOf) },
          toWalk: {
            count: toWalk.count,
            rows: toWalk.rows.map(({ since, ...row }) => ({
              ...carOf(row),
              daysInStock: Math.max(0, Math.floor((now().getTime() - Date.parse(since)) / DAY_MS)),
            })),
          },
        };
      },
    }),
  ];
}
