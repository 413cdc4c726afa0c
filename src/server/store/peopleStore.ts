import { type Person, personSchema } from '#core/exchange';
import type { ReportDocument } from '#core/report';
import type { Db } from './openDatabase';

export type Yard = ReportDocument['yard'];

export function makePeopleStore(db: Db) {
  const list = db.prepare<[], { id: string; name: string }>('SELECT id, name FROM people ORDER BY name, id');
  const one = db.prepare<[string], { id: string; name: string }>('SELECT id, name FROM people WHERE id = ?');
  const put = db.prepare('INSERT INTO people (id, name) VALUES (?, ?) ON CONFLICT (id) DO NOTHING');
  const yard = db.prepare<[], Yard>('SELECT name, place, phone FROM yard');
  const setYard = db.prepare('UPDATE yard SET name = ?, place = ?, phone = ?');
  return {
    list: (): Person[] => list.all().map((row) => personSchema.parse(row)),
    get: (id: string): Person | undefined => one.get(id),
    /** Keeps what is already there under the same id. */
    put: (person: Person): void => {
      put.run(person.id, person.name);
    },
    yard: (): Yard => yard.get() as Yard,
    setYard: ({ name, place, phone }: Yard): void => {
      setYard.run(name, place, phone);
    },
  };
}

export type PeopleStore = ReturnType<typeof makePeopleStore>;
