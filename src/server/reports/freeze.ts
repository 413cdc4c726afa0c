import type { UsualFor } from '#core/judge';
import { odometerOfWalks, type WalkFigure } from '#core/readings';
import { composeReport, type IdentityTelling, type ReportDocument, type ReportInputs } from '#core/report';
import { replay } from '#core/walk';
import { badRequest, conflict, notFound } from '../problems';
import type { Stores } from '../store/stores';

/** Freezes a walk at its present end into the next revision. The same id again gives the same report. */
export function freeze(
  stores: Stores,
  walkId: string,
  id: string,
  signer: string,
  now: Date,
  identity: IdentityTelling,
  usual?: UsualFor,
): ReportDocument {
  return stores.db
    .transaction(() => {
      const before = stores.reports.get(id);
      if (before) {
        if (before.walk === walkId) return before;
        throw conflict('id-taken', 'That report id belongs to another walk. Make a new one.');
      }
      const walk = stores.walks.get(walkId);
      const car = walk && stores.cars.get(walk.car_id);
      if (!walk || !car) throw notFound('walk');
      const person = stores.people.get(signer);
      if (!person) throw badRequest('unknown-person', 'Choose who signs the report.');
      const entries = stores.walks.entriesOf(walkId);
      const state = replay(walkId, entries);
      if (!state.begun)
        throw conflict(
          'walk-not-begun',
          'The beginning of this walk was taken back, so there is nothing to sign. Begin a new walk of the car.',
        );
      const hashes = state.photos.map((photo) => photo.sha256);
      const document = composeReport({
        id,
        revision: stores.reports.ofWalk(walkId).length + 1,
        frozenAt: now.toISOString(),
        signedBy: person.name,
        yard: stores.people.yard(),
        car,
        identity,
        walk: walkId,
        entries,
        otherWalks: otherWalksOf(stores, walk.car_id, walkId),
        usual,
        mornings: morningsOf(stores, walk.car_id, now),
        photos: new Map(stores.photos.known(hashes).map(({ record }) => [record.sha256, record])),
      });
      stores.reports.add(document);
      return document;
    })
    .immediate();
}

/** How it was found while it stood, without who looked. */
export const morningsOf = ({ diary }: Stores, car: string, now: Date): ReportInputs['mornings'] =>
  diary
    .ofCar(car)
    .filter(({ at }) => at <= now.toISOString())
    .map(({ id: _, car: _c, who: _w, note: _n, photos: _p, ...look }) => look);

/** What the car's other walks read off its odometer. */
export const otherWalksOf = ({ walks }: Stores, car: string, walk: string): WalkFigure[] =>
  odometerOfWalks(walks.logsOfCar(car).filter((other) => other.walk !== walk));
