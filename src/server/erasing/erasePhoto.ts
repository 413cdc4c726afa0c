import { replay } from '#core/walk';
import type { Context } from '../context';
import { rememberNamed } from '../photos/namedCount';
import { conflict, notFound } from '../problems';
import { overwriting } from './carRows';
import { eraseFiles } from './eraseFiles';

/**
 * Erases the file of a photo, and every copy of it. It must have been withdrawn on each walk that shows it: reports frozen before then say that it was, which
 * stays true. What the walks say of it stays in their logs.
 */
export async function erasePhoto(context: Context, sha256: string): Promise<void> {
  const { stores } = context;
  if (!stores.photos.get(sha256)?.stored) throw notFound('photo', 'Its file is not here.');
  for (const { id, car_id } of stores.walks.naming(sha256)) {
    if (replay(id, stores.walks.entriesOf(id)).withdrawn.has(sha256)) continue;
    const car = stores.cars.get(car_id)?.stockNumber ?? 'a car';
    throw conflict('photo-shown', `It is shown on a walk of ${car}. Withdraw the whole photo there first.`);
  }
  await overwriting(stores.db, async () => {
    stores.photos.erased(sha256);
    rememberNamed(context);
    await eraseFiles(context, sha256);
  });
}
