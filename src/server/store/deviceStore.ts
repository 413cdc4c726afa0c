import { randomUUID } from 'node:crypto';
import type { Db } from './openDatabase';
import { hashOfToken, newToken } from './tokens';

interface DeviceRow {
  id: string;
  name: string;
  created_at: string;
  seen_at: string;
  ended_at: string | null;
}

export interface Device {
  id: string;
  name: string;
  createdAt: string;
  seenAt: string;
}

export interface DevicePerson {
  person: string;
  name: string;
  hasPin: boolean;
}

interface PinRow {
  pin: string | null;
  wrong_pins: number;
}

const toDevice = (row: DeviceRow): Device => ({
  id: row.id,
  name: row.name,
  createdAt: row.created_at,
  seenAt: row.seen_at,
});

/** Phones and computers of the yard, who signed in on them, and the PINs by which these take over from each other. */
export function makeDeviceStore(db: Db) {
  const byHash = db.prepare<[string], DeviceRow>('SELECT * FROM devices WHERE hash = ? AND ended_at IS NULL');
  const one = db.prepare<[string], DeviceRow>('SELECT * FROM devices WHERE id = ? AND ended_at IS NULL');
  const insert = db.prepare(
    'INSERT INTO devices (id, hash, name, created_at, seen_at) VALUES (?, ?, ?, ?, ?)',
  );
  const seen = db.prepare('UPDATE devices SET seen_at = ? WHERE id = ?');
  const rename = db.prepare('UPDATE devices SET name = ? WHERE id = ?');
  const end = db.prepare('UPDATE devices SET ended_at = ? WHERE id = ?');
  const all = db.prepare<[], DeviceRow>(
    'SELECT * FROM devices WHERE ended_at IS NULL ORDER BY seen_at DESC, id',
  );
  const people = db.prepare<[string], { person_id: string; name: string; pin: string | null }>(
    `SELECT person_id, people.name, pin FROM device_people JOIN people ON people.id = person_id
     JOIN accounts USING (person_id) WHERE device_id = ? AND accounts.ended_at IS NULL ORDER BY people.name, person_id`,
  );
  const was = db
    .prepare<[string, string], number>('SELECT 1 FROM device_people WHERE device_id = ? AND person_id = ?')
    .pluck();
  const remember = db.prepare(
    'INSERT INTO device_people (device_id, person_id, since) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
  );
  const pinOf = db.prepare<[string, string], PinRow>(
    'SELECT pin, wrong_pins FROM device_people WHERE device_id = ? AND person_id = ?',
  );
  const setPin = db.prepare(
    'UPDATE device_people SET pin = ?, wrong_pins = 0 WHERE device_id = ? AND person_id = ?',
  );
  const wrongPin = db.prepare(
    'UPDATE device_people SET wrong_pins = wrong_pins + 1 WHERE device_id = ? AND person_id = ?',
  );
  const forgetPins = db.prepare('UPDATE device_people SET pin = NULL WHERE device_id = ?');
  const forgetPinsOf = db.prepare('UPDATE device_people SET pin = NULL WHERE person_id = ?');
  return {
    /** A device that was not known; what it keeps to be known again is told once. */
    add: (name: string, at: string): { device: Device; secret: string } => {
      const secret = newToken();
      const id = randomUUID();
      insert.run(id, hashOfToken(secret), name, at, at);
      return { device: { id, name, createdAt: at, seenAt: at }, secret };
    },
    known: (secret: string): Device | undefined => {
      const row = byHash.get(hashOfToken(secret));
      return row && toDevice(row);
    },
    get: (id: string): Device | undefined => {
      const row = one.get(id);
      return row && toDevice(row);
    },
    list: (): Device[] => all.all().map(toDevice),
    seen: (id: string, at: string): void => {
      seen.run(at, id);
    },
    rename: (id: string, name: string): void => {
      rename.run(name, id);
    },
    /** It is not known any more; its PINs open nothing. */
    end: (id: string, at: string): void => {
      end.run(at, id);
      forgetPins.run(id);
    },
    /** Who ever signed in there and still may. */
    peopleOn: (id: string): DevicePerson[] =>
      people.all(id).map(({ person_id, name, pin }) => ({ person: person_id, name, hasPin: pin !== null })),
    /** Whether somebody ever signed in there: what was made there may name them. */
    isOf: (id: string, person: string): boolean => was.get(id, person) !== undefined,
    remember: (id: string, person: string, at: string): void => {
      remember.run(id, person, at);
    },
    pinOf: (id: string, person: string): { pin: string | null; wrong: number } | undefined => {
      const row = pinOf.get(id, person);
      return row && { pin: row.pin, wrong: row.wrong_pins };
    },
    setPin: (id: string, person: string, pin: string | null): void => {
      setPin.run(pin, id, person);
    },
    countWrongPin: (id: string, person: string): void => {
      wrongPin.run(id, person);
    },
    /** Everywhere: the account ended, or its password was changed. */
    forgetPinsOf: (person: string): void => {
      forgetPinsOf.run(person);
    },
  };
}
