import { type WalkerRoutes, walkerRoutesSchema } from '#core/api';
import { type Person, personSchema } from '#core/exchange';
import { type Yard, yardSchema } from '#core/yard';
import type { Db } from './openDatabase';

export function makePeopleStore(db: Db) {
  const list = db.prepare<[], { id: string; name: string }>('SELECT id, name FROM people ORDER BY name, id');
  const one = db.prepare<[string], { id: string; name: string }>('SELECT id, name FROM people WHERE id = ?');
  const put = db.prepare('INSERT INTO people (id, name) VALUES (?, ?) ON CONFLICT (id) DO NOTHING');
  const yard = db.prepare<
    [],
    Record<Exclude<keyof Yard, 'sharesFilm'>, string | null> & { sharesFilm: 0 | 1 }
  >(
    'SELECT name, place, phone, mail, on_arrival AS onArrival, policy, colour, logo, shares_film AS sharesFilm FROM yard',
  );
  const setYard = db.prepare(
    'UPDATE yard SET name = ?, place = ?, phone = ?, mail = ?, on_arrival = ?, policy = ?, colour = ?, logo = ?, shares_film = ?',
  );
  const putLogo = db.prepare('INSERT INTO logos (sha256, png) VALUES (?, ?) ON CONFLICT DO NOTHING');
  const logo = db.prepare<[string], { png: Buffer }>('SELECT png FROM logos WHERE sha256 = ?');
  const routes = db.prepare<[string], { saved: string }>('SELECT saved FROM routes WHERE person_id = ?');
  const setRoutes = db.prepare(
    'INSERT INTO routes (person_id, saved) VALUES (?, ?) ON CONFLICT (person_id) DO UPDATE SET saved = excluded.saved',
  );
  return {
    list: (): Person[] => list.all().map((row) => personSchema.parse(row)),
    get: (id: string): Person | undefined => one.get(id),
    /** Keeps what is already there under the same id. */
    put: (person: Person): void => {
      put.run(person.id, person.name);
    },
    /** The routes a person keeps; none yet is an empty list. */
    routesOf: (person: string): WalkerRoutes => {
      const row = routes.get(person);
      return walkerRoutesSchema.parse(row ? JSON.parse(row.saved) : { saved: [] });
    },
    keepRoutes: (person: string, kept: WalkerRoutes): void => {
      setRoutes.run(person, JSON.stringify(kept));
    },
    yard: (): Yard => {
      const { sharesFilm, ...kept } = yard.get() ?? {};
      const row = Object.entries(kept);
      // What was never told is left out.
      const told = row.filter(([key, value]) => value !== null && (key !== 'mail' || value !== ''));
      return yardSchema.parse({ ...Object.fromEntries(told), ...(sharesFilm === 1 && { sharesFilm: true }) });
    },
    setYard: ({ name, place, phone, mail = '', onArrival, policy, colour, logo, sharesFilm }: Yard): void => {
      setYard.run(
        name,
        place,
        phone,
        mail,
        onArrival || null,
        policy || null,
        colour ?? null,
        logo ?? null,
        sharesFilm ? 1 : 0,
      );
    },
    putLogo: (sha256: string, png: Buffer): void => {
      putLogo.run(sha256, png);
    },
    logo: (sha256: string): Buffer | undefined => logo.get(sha256)?.png,
  };
}
