import type { CarErasing } from '#core/api';
import { type Car, carTitle } from '#core/car';
import type { Context } from '../context';
import { rememberNamed } from '../photos/namedCount';
import { notFound, unprocessable } from '../problems';
import { deleteCar, filesOfCar, overwriting, ownFiles } from './carRows';
import { eraseFiles } from './eraseFiles';

function carOf({ stores }: Pick<Context, 'stores'>, id: string): Car {
  const car = stores.cars.get(id);
  if (!car) throw notFound('car');
  return car;
}

/** What would go with a car: told before anything is asked. */
export function whatGoes(context: Pick<Context, 'stores' | 'now'>, id: string): CarErasing {
  const { stores, now } = context;
  const car = carOf(context, id);
  const walks = stores.walks.ofCar(car.id);
  const reports = walks.flatMap((walk) => stores.reports.ofWalk(walk.id));
  const at = now().toISOString();
  const links = walks
    .flatMap((walk) => {
      const [report] = stores.reports.ofWalk(walk.id);
      return report ? stores.shares.beside(report.id) : [];
    })
    .filter(({ revokedAt, expiresAt }) => !revokedAt && !(expiresAt && expiresAt < at));
  const files = filesOfCar(
    stores.db,
    walks.map((walk) => walk.id),
    stores.walks.entriesOf,
  );
  return {
    stockNumber: car.stockNumber,
    walks: walks.length,
    reports: reports.length,
    openLinks: links.length,
    files: files.size,
  };
}

/**
 * Erases a car for good: walks, reports, links, questions, checks and messages, and the photos and recordings that nothing else shows. `stockNumber` is typed by
 * who does it. Gives back what it was called. The database comes first: files without a name are swept up should this be cut off.
 */
export async function eraseCar(context: Context, id: string, stockNumber: string): Promise<string> {
  const { stores } = context;
  const car = carOf(context, id);
  if (stockNumber.trim().toLowerCase() !== car.stockNumber.toLowerCase())
    throw unprocessable(
      'other-car',
      `This is ${car.stockNumber}, not “${stockNumber}”. Type the stock number of the car that is to be erased.`,
    );
  const walks = stores.walks.ofCar(car.id).map((walk) => walk.id);
  const reports = walks.flatMap((walk) => stores.reports.ofWalk(walk).map(({ id }) => id));
  // What was opened lately is written down before it is gone.
  stores.shares.flush();
  const own = await ownFiles(stores.db, walks, filesOfCar(stores.db, walks, stores.walks.entriesOf));
  await overwriting(stores.db, async () => {
    deleteCar(stores.db, car.id, walks, own);
    for (const walk of walks) stores.walks.forget(walk);
    for (const report of reports) stores.reports.forget(report);
    rememberNamed(context);
    for (const hash of own) await eraseFiles(context, hash);
    await context.pdfs.forget();
  });
  return `${carTitle(car)}, ${car.stockNumber}`;
}
