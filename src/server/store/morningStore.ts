import { z } from 'zod';
import type { Db } from './openDatabase';

/** So many of each list are told; how many there are is told apart. */
const SHOWN = 12;

/** A car’s newest walk: older ones are told by the car. */
const NEWEST = `walks.id = (SELECT id FROM walks AS other WHERE other.car_id = walks.car_id ORDER BY begun_at DESC, id DESC LIMIT 1)`;

interface CarRow {
  walk_id: string | null;
  car_id: string;
  details: string;
}

/** The statements of the morning, by list; each goes along an index. */
export const morningSql = {
  toAnswer: `
    SELECT walks.id AS walk_id, cars.id AS car_id, details, sender, text, asked_at
    FROM questions JOIN walks ON walks.id = questions.walk_id JOIN cars ON cars.id = walks.car_id
    WHERE is_open = 1 ORDER BY asked_at LIMIT ${SHOWN}`,
  chosen: `
    SELECT walks.id AS walk_id, cars.id AS car_id, details, count(*) AS n, min(chosen_at) AS since
    FROM choices INDEXED BY choices_open JOIN walks ON walks.id = choices.walk_id JOIN cars ON cars.id = walks.car_id
    WHERE answer IS NULL GROUP BY walks.id ORDER BY since LIMIT ${SHOWN}`,
  promised: `
    SELECT walks.id AS walk_id, cars.id AS car_id, details, promises, due
    FROM walks INDEXED BY walks_promised JOIN cars ON cars.id = walks.car_id
    WHERE promises > 0 AND ${NEWEST} ORDER BY due IS NULL, due LIMIT ${SHOWN}`,
  inHand: `
    SELECT walks.id AS walk_id, cars.id AS car_id, details, parts - visited AS "left"
    FROM cars JOIN walks ON walks.car_id = cars.id AND ${NEWEST}
    WHERE standing = 'in-hand' ORDER BY cars.created_at LIMIT 200`,
  toWalk: `
    SELECT NULL AS walk_id, id AS car_id, details, created_at FROM cars
    WHERE standing = 'to-walk' ORDER BY created_at LIMIT ${SHOWN}`,
  checks: `
    SELECT walks.id AS walk_id, cars.id AS car_id, details, document, received_at
    FROM arrival_checks JOIN walks ON walks.id = arrival_checks.walk_id JOIN cars ON cars.id = walks.car_id
    WHERE received_at >= ? ORDER BY received_at DESC LIMIT 100`,
} as const;

const namedSchema = z.object({
  stockNumber: z.string(),
  make: z.string(),
  model: z.string(),
  variant: z.string().default(''),
  year: z.number(),
});

/** What waits for somebody, over all cars. */
export function makeMorningStore(db: Db, settle: () => void) {
  const toAnswer = db.prepare<[], CarRow & { sender: string; text: string; asked_at: string }>(
    morningSql.toAnswer,
  );
  const chosen = db.prepare<[], CarRow & { n: number; since: string }>(morningSql.chosen);
  const promised = db.prepare<[], CarRow & { promises: number; due: string | null }>(morningSql.promised);
  const inHand = db.prepare<[], CarRow & { left: number }>(morningSql.inHand);
  const toWalk = db.prepare<[], CarRow & { created_at: string }>(morningSql.toWalk);
  const checks = db.prepare<[string], CarRow & { document: string; received_at: string }>(morningSql.checks);
  const counts = {
    toAnswer: db.prepare<[], { n: number }>('SELECT count(*) AS n FROM questions WHERE is_open = 1'),
    promised: db.prepare<[], { n: number }>(
      `SELECT count(*) AS n FROM walks INDEXED BY walks_promised WHERE promises > 0 AND ${NEWEST}`,
    ),
    toWalk: db.prepare<[], { n: number }>("SELECT count(*) AS n FROM cars WHERE standing = 'to-walk'"),
  };
  const nameOf = ({ walk_id, car_id, details }: CarRow) => ({
    ...(walk_id && { walk: walk_id }),
    car: car_id,
    named: namedSchema.parse(JSON.parse(details)),
  });
  return {
    /** Brings the figures of walks up to date; before anything else is asked. */
    settle,
    toAnswer: () => ({
      count: counts.toAnswer.get()?.n ?? 0,
      rows: toAnswer
        .all()
        .map((row) => ({ ...nameOf(row), from: row.sender, text: row.text, askedAt: row.asked_at })),
    }),
    /** Cars of which a buyer chose something that has no answer. */
    chosen: () => {
      const rows = chosen.all().map((row) => ({ ...nameOf(row), choices: row.n, since: row.since }));
      return { count: rows.length, rows };
    },
    promised: () => {
      return {
        count: counts.promised.get()?.n ?? 0,
        rows: promised
          .all()
          .map((row) => ({ ...nameOf(row), promises: row.promises, due: row.due ?? undefined })),
      };
    },
    /** Walks without a signed report, those that are walked to the end apart; of the first two hundred. */
    unsigned: () => {
      const rows = inHand.all().map((row) => ({ ...nameOf(row), left: row.left }));
      const of = (all: typeof rows) => ({ count: all.length, rows: all.slice(0, SHOWN) });
      return {
        walked: of(rows.filter(({ left }) => left === 0)),
        open: of(rows.filter(({ left }) => left > 0)),
      };
    },
    toWalk: () => ({
      count: counts.toWalk.get()?.n ?? 0,
      rows: toWalk.all().map((row) => ({ ...nameOf(row), since: row.created_at })),
    }),
    /** Checks signed since, with their documents. */
    checksSince: (since: string) =>
      checks.all(since).map((row) => ({ ...nameOf(row), document: row.document, at: row.received_at })),
  };
}
