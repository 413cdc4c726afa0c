/** Of migration 14: how far a car has come, by its newest walk. */
const STANDING = `coalesce((
          SELECT CASE WHEN EXISTS (SELECT 1 FROM reports WHERE walk_id = walks.id) THEN 'reported' ELSE 'in-hand' END
          FROM walks WHERE car_id = cars.id ORDER BY begun_at DESC, id DESC LIMIT 1
        ), 'to-walk')`;

/** Append only: a released migration is never edited. Each is applied once, in its own transaction. */
export const migrations: readonly { number: number; sql: string }[] = [
  {
    number: 1,
    sql: `
      CREATE TABLE yard (
        only INTEGER PRIMARY KEY CHECK (only = 1),
        name TEXT NOT NULL,
        place TEXT NOT NULL,
        phone TEXT NOT NULL
      ) STRICT;
      INSERT INTO yard VALUES (1, 'The yard', '', '');

      CREATE TABLE people (
        id TEXT PRIMARY KEY,
        name TEXT NOT NULL
      ) STRICT;

      CREATE TABLE cars (
        id TEXT PRIMARY KEY,
        details TEXT NOT NULL,
        -- Lower-case words a search looks in.
        search TEXT NOT NULL,
        created_at TEXT NOT NULL,
        updated_at TEXT NOT NULL
      ) STRICT;
      CREATE INDEX cars_newest ON cars (created_at DESC, id DESC);

      CREATE TABLE walks (
        id TEXT PRIMARY KEY,
        car_id TEXT NOT NULL REFERENCES cars (id),
        body_style TEXT NOT NULL,
        begun_at TEXT NOT NULL,
        -- Projection of the log, rewritten in the transaction that appends to it.
        last_entry_at TEXT NOT NULL,
        entries INTEGER NOT NULL,
        parts INTEGER NOT NULL,
        visited INTEGER NOT NULL,
        findings INTEGER NOT NULL,
        photos INTEGER NOT NULL
      ) STRICT;
      CREATE INDEX walks_of_car ON walks (car_id, begun_at DESC);

      CREATE TABLE entries (
        walk_id TEXT NOT NULL REFERENCES walks (id),
        position INTEGER NOT NULL,
        id TEXT NOT NULL UNIQUE,
        json TEXT NOT NULL,
        received_at TEXT NOT NULL,
        PRIMARY KEY (walk_id, position)
      ) STRICT, WITHOUT ROWID;

      CREATE TABLE photos (
        sha256 TEXT PRIMARY KEY,
        record TEXT NOT NULL,
        -- 0 while only named by an imported walk: its pixels have not come yet.
        stored INTEGER NOT NULL,
        created_at TEXT NOT NULL
      ) STRICT;

      CREATE TABLE reports (
        id TEXT PRIMARY KEY,
        walk_id TEXT NOT NULL REFERENCES walks (id),
        revision INTEGER NOT NULL,
        position INTEGER NOT NULL,
        frozen_at TEXT NOT NULL,
        document TEXT NOT NULL,
        UNIQUE (walk_id, revision)
      ) STRICT;

      CREATE TABLE shares (
        id TEXT PRIMARY KEY,
        report_id TEXT NOT NULL REFERENCES reports (id),
        -- SHA-256 of the token: the token itself is shown once and never kept.
        token_hash TEXT NOT NULL UNIQUE,
        label TEXT NOT NULL,
        created_at TEXT NOT NULL,
        revoked_at TEXT
      ) STRICT;
      CREATE INDEX shares_of_report ON shares (report_id, created_at);
    `,
  },
  {
    number: 2,
    sql: `
      -- What the car of a walk has beyond its body style: a JSON list of extras.
      ALTER TABLE walks ADD COLUMN extras TEXT NOT NULL DEFAULT '[]';

      -- Routes a person keeps, and the one their walks begin with.
      CREATE TABLE routes (
        person_id TEXT PRIMARY KEY REFERENCES people (id),
        saved TEXT NOT NULL
      ) STRICT;
    `,
  },
  {
    number: 3,
    sql: `
      -- Sounds and short videos of functions.
      CREATE TABLE recordings (
        sha256 TEXT PRIMARY KEY,
        record TEXT NOT NULL,
        -- 0 while only named by an imported walk.
        stored INTEGER NOT NULL,
        created_at TEXT NOT NULL
      ) STRICT;
    `,
  },
  {
    number: 4,
    sql: `
      -- SHA-256 of the canonical form; NULL for reports frozen before it was kept.
      ALTER TABLE reports ADD COLUMN sha256 TEXT;

      ALTER TABLE shares ADD COLUMN expires_at TEXT;
      -- scrypt, with its salt; NULL for a link that asks for none.
      ALTER TABLE shares ADD COLUMN passphrase TEXT;
      ALTER TABLE shares ADD COLUMN opened INTEGER NOT NULL DEFAULT 0;
      ALTER TABLE shares ADD COLUMN first_opened_at TEXT;
      ALTER TABLE shares ADD COLUMN last_opened_at TEXT;

      -- Browsers that gave a link's passphrase: SHA-256 of what their cookie holds.
      CREATE TABLE unlocks (
        hash TEXT PRIMARY KEY,
        share_id TEXT NOT NULL REFERENCES shares (id),
        created_at TEXT NOT NULL
      ) STRICT, WITHOUT ROWID;
    `,
  },
  {
    number: 5,
    sql: `
      -- What buyers ask, and what worries them before a walk. Answers stand in the log.
      CREATE TABLE questions (
        id TEXT PRIMARY KEY,
        walk_id TEXT NOT NULL REFERENCES walks (id),
        -- NULL for a worry the yard noted itself.
        share_id TEXT REFERENCES shares (id),
        sender TEXT NOT NULL,
        text TEXT NOT NULL,
        about TEXT NOT NULL,
        wants_look INTEGER NOT NULL,
        asked_at TEXT NOT NULL
      ) STRICT;
      CREATE INDEX questions_of_walk ON questions (walk_id, asked_at);
    `,
  },
  {
    number: 6,
    sql: `
      -- Signed statements of cars held against their reports, never changed.
      CREATE TABLE arrival_checks (
        id TEXT PRIMARY KEY,
        walk_id TEXT NOT NULL REFERENCES walks (id),
        share_id TEXT NOT NULL REFERENCES shares (id),
        document TEXT NOT NULL,
        -- SHA-256 of the canonical form.
        sha256 TEXT NOT NULL,
        received_at TEXT NOT NULL
      ) STRICT;
      CREATE INDEX arrival_checks_of_walk ON arrival_checks (walk_id, received_at);

      -- Photos that came by a link: it may show them again, and no other link may.
      CREATE TABLE share_photos (
        share_id TEXT NOT NULL REFERENCES shares (id),
        sha256 TEXT NOT NULL,
        created_at TEXT NOT NULL,
        PRIMARY KEY (share_id, sha256)
      ) STRICT, WITHOUT ROWID;
    `,
  },
  {
    number: 7,
    sql: `
      ALTER TABLE yard ADD COLUMN mail TEXT NOT NULL DEFAULT '';
      -- #rrggbb; NULL for the colour of Zelk.
      ALTER TABLE yard ADD COLUMN colour TEXT;
      ALTER TABLE yard ADD COLUMN logo TEXT;

      -- Every logo a report may still show, by its content.
      CREATE TABLE logos (
        sha256 TEXT PRIMARY KEY,
        png BLOB NOT NULL
      ) STRICT;

      -- What went out to lead to a report, or would have. Like any sent mail it holds the link in plain words.
      CREATE TABLE messages (
        id TEXT PRIMARY KEY,
        report_id TEXT NOT NULL REFERENCES reports (id),
        kind TEXT NOT NULL,
        recipient TEXT NOT NULL,
        subject TEXT NOT NULL,
        text TEXT NOT NULL,
        eml BLOB,
        created_at TEXT NOT NULL,
        sent_at TEXT,
        problem TEXT
      ) STRICT;
      CREATE INDEX messages_newest ON messages (created_at DESC, id DESC);
    `,
  },
  {
    number: 8,
    sql: `
      -- What the files of photos and recordings ought to hold, so that a damaged one is found before a reader finds it.
      CREATE TABLE kept_files (
        -- Within the photo folder.
        path TEXT PRIMARY KEY,
        -- Of its bytes; NULL for files from before, until they are first looked at.
        sha256 TEXT,
        checked_at TEXT,
        problem TEXT CHECK (problem IN ('missing', 'damaged'))
      ) STRICT, WITHOUT ROWID;
      CREATE INDEX kept_files_due ON kept_files (checked_at);
      CREATE INDEX kept_files_broken ON kept_files (path) WHERE problem IS NOT NULL;
    `,
  },
  {
    number: 9,
    sql: `
      -- Who began a walk, out of its first entry: a person's latest walks are found without reading every log.
      ALTER TABLE walks ADD COLUMN begun_by TEXT;
      UPDATE walks SET begun_by = (
        SELECT CASE WHEN json_valid(json) THEN json_extract(json, '$.who') END
        FROM entries WHERE walk_id = walks.id AND position = 1
      );
      CREATE INDEX walks_of_person ON walks (begun_by, begun_at DESC);
    `,
  },
  {
    number: 10,
    sql: `
      -- Who of the yard's people signs in, and what they are here to do. Others are names on entries alone.
      CREATE TABLE accounts (
        person_id TEXT PRIMARY KEY REFERENCES people (id),
        -- The name in small letters, so that two who sign in are never called alike.
        sign_in_name TEXT NOT NULL UNIQUE,
        role TEXT NOT NULL CHECK (role IN ('walk', 'workshop', 'manager', 'owner')),
        -- Argon2id.
        password TEXT NOT NULL,
        created_at TEXT NOT NULL,
        ended_at TEXT
      ) STRICT;

      -- Phones and computers somebody signed in on. What they keep to be known again is here as its hash.
      CREATE TABLE devices (
        id TEXT PRIMARY KEY,
        hash TEXT NOT NULL UNIQUE,
        name TEXT NOT NULL,
        created_at TEXT NOT NULL,
        seen_at TEXT NOT NULL,
        ended_at TEXT
      ) STRICT;

      -- Who ever signed in on a device: entries made there may name them. With a PIN they take over from each other.
      CREATE TABLE device_people (
        device_id TEXT NOT NULL REFERENCES devices (id),
        person_id TEXT NOT NULL REFERENCES people (id),
        since TEXT NOT NULL,
        -- Argon2id.
        pin TEXT,
        wrong_pins INTEGER NOT NULL DEFAULT 0,
        PRIMARY KEY (device_id, person_id)
      ) STRICT, WITHOUT ROWID;

      CREATE TABLE sessions (
        -- SHA-256 of what the cookie holds.
        hash TEXT PRIMARY KEY,
        person_id TEXT NOT NULL REFERENCES accounts (person_id),
        device_id TEXT NOT NULL REFERENCES devices (id),
        created_at TEXT NOT NULL,
        seen_at TEXT NOT NULL
      ) STRICT, WITHOUT ROWID;
      CREATE INDEX sessions_of_person ON sessions (person_id);
      CREATE INDEX sessions_of_device ON sessions (device_id);

      -- Addresses that open something once: the first owner's, an invitation, a phone brought along.
      CREATE TABLE one_time (
        id TEXT PRIMARY KEY,
        hash TEXT NOT NULL UNIQUE,
        opens TEXT NOT NULL CHECK (opens IN ('first', 'invite', 'enter')),
        -- Of an invitation; of an entrance who enters.
        person_id TEXT,
        name TEXT,
        role TEXT,
        made_by TEXT,
        created_at TEXT NOT NULL,
        expires_at TEXT NOT NULL,
        used_at TEXT
      ) STRICT;

      -- Keys a device or a password keeper holds for somebody (WebAuthn); here is their public half.
      CREATE TABLE passkeys (
        id TEXT PRIMARY KEY,
        person_id TEXT NOT NULL REFERENCES accounts (person_id),
        public_key BLOB NOT NULL,
        counter INTEGER NOT NULL,
        transports TEXT NOT NULL,
        name TEXT NOT NULL,
        created_at TEXT NOT NULL,
        used_at TEXT
      ) STRICT;
      CREATE INDEX passkeys_of_person ON passkeys (person_id, created_at);

      CREATE TABLE audit (
        id INTEGER PRIMARY KEY AUTOINCREMENT,
        at TEXT NOT NULL,
        -- NULL for somebody who is not known.
        who TEXT,
        device TEXT,
        what TEXT NOT NULL,
        about TEXT NOT NULL
      ) STRICT;
      CREATE TRIGGER audit_is_never_changed BEFORE UPDATE ON audit BEGIN SELECT raise(ABORT, 'audit rows stay'); END;
      CREATE TRIGGER audit_is_never_shortened BEFORE DELETE ON audit BEGIN SELECT raise(ABORT, 'audit rows stay'); END;
    `,
  },
  {
    number: 11,
    sql: `
      -- A number of its own, by which the index of words knows a car: row ids may change when the file is copied.
      ALTER TABLE cars ADD COLUMN number INTEGER;
      UPDATE cars SET number = rowid;
      CREATE UNIQUE INDEX cars_number ON cars (number);

      -- Every three letters in a row, so that a word is found wherever it stands in another.
      CREATE VIRTUAL TABLE cars_words USING fts5 (words, tokenize = 'trigram', content = '', contentless_delete = 1);
      INSERT INTO cars_words (rowid, words) SELECT number, search FROM cars;
      CREATE TRIGGER car_words_added AFTER INSERT ON cars BEGIN
        INSERT INTO cars_words (rowid, words) VALUES (new.number, new.search);
      END;
      CREATE TRIGGER car_words_changed AFTER UPDATE OF search ON cars BEGIN
        DELETE FROM cars_words WHERE rowid = old.number;
        INSERT INTO cars_words (rowid, words) VALUES (new.number, new.search);
      END;
      CREATE TRIGGER car_words_taken_out AFTER DELETE ON cars BEGIN
        DELETE FROM cars_words WHERE rowid = old.number;
      END;
    `,
  },
  {
    number: 12,
    sql: `
      -- How many entries the figures of a walk were worked out of; behind its entries they are due.
      ALTER TABLE walks ADD COLUMN projected INTEGER NOT NULL DEFAULT 0;
      UPDATE walks SET projected = entries;
      CREATE INDEX walks_to_project ON walks (id) WHERE projected <> entries;
    `,
  },
  {
    number: 13,
    sql: `
      -- When a file was put into the bucket to lie there alone; and when it was fetched back since, so that it lies here too.
      ALTER TABLE kept_files ADD COLUMN away_at TEXT;
      ALTER TABLE kept_files ADD COLUMN back_at TEXT;
      CREATE INDEX kept_files_away ON kept_files (sha256) WHERE away_at IS NOT NULL;
    `,
  },
  {
    number: 14,
    sql: `
      -- How far a car has come, kept beside it so that the list can go along an index of those asked for.
      ALTER TABLE cars ADD COLUMN standing TEXT NOT NULL DEFAULT 'to-walk';
      UPDATE cars SET standing = ${STANDING} WHERE id IN (SELECT car_id FROM walks);
      CREATE INDEX photos_stored ON photos (stored);
      CREATE INDEX photos_unjudged ON photos (sha256) WHERE stored = 1 AND record ->> 'quality' IS NULL;
      CREATE INDEX cars_by_standing ON cars (standing, created_at DESC, id DESC);
      CREATE TRIGGER standing_by_walk AFTER INSERT ON walks BEGIN
        UPDATE cars SET standing = ${STANDING} WHERE id = new.car_id;
      END;
      CREATE TRIGGER standing_by_report AFTER INSERT ON reports BEGIN
        UPDATE cars SET standing = ${STANDING} WHERE id = (SELECT car_id FROM walks WHERE id = new.walk_id);
      END;
    `,
  },
  {
    number: 15,
    sql: `
      -- What the house sets for planning: its prices, its rules. Documents, each with a version of its own.
      CREATE TABLE house (
        name TEXT PRIMARY KEY,
        document TEXT NOT NULL,
        changed_at TEXT NOT NULL
      ) STRICT;
      -- What somebody wants put right of a walk's car.
      CREATE TABLE plans (
        walk_id TEXT PRIMARY KEY REFERENCES walks (id),
        wish TEXT NOT NULL,
        changed_at TEXT NOT NULL
      ) STRICT;
    `,
  },
  {
    number: 16,
    sql: `
      -- Of a walk's log, worked out with its figures: promises that are not kept yet, the day of the soonest, and questions without an answer.
      ALTER TABLE walks ADD COLUMN promises INTEGER NOT NULL DEFAULT 0;
      ALTER TABLE walks ADD COLUMN due TEXT;
      CREATE INDEX walks_promised ON walks (due) WHERE promises > 0;
      ALTER TABLE questions ADD COLUMN is_open INTEGER NOT NULL DEFAULT 1;
      CREATE INDEX questions_open ON questions (asked_at) WHERE is_open = 1;
      CREATE INDEX arrival_checks_newest ON arrival_checks (received_at);
      -- Logs that may hold either are looked at again.
      UPDATE walks SET projected = -1 WHERE id IN (SELECT walk_id FROM questions)
        OR id IN (SELECT walk_id FROM entries WHERE json LIKE '%"promised"%' OR json LIKE '%"action":%');
    `,
  },
  {
    number: 17,
    sql: `
      -- What buyers chose to have put right by their links, at the price they were told; the yard's answer is a promise in the log, or none.
      CREATE TABLE choices (
        id TEXT PRIMARY KEY,
        walk_id TEXT NOT NULL REFERENCES walks (id),
        share_id TEXT NOT NULL REFERENCES shares (id),
        fault TEXT NOT NULL,
        amount INTEGER NOT NULL,
        currency TEXT NOT NULL,
        chosen_at TEXT NOT NULL,
        answer TEXT CHECK (answer IN ('confirmed', 'declined')),
        answered_at TEXT
      ) STRICT;
      CREATE INDEX choices_of_walk ON choices (walk_id, chosen_at);
      CREATE INDEX choices_of_share ON choices (share_id, chosen_at);
      CREATE INDEX choices_open ON choices (chosen_at) WHERE answer IS NULL;
    `,
  },
  {
    number: 18,
    sql: `
      -- What whoever does a job says of it: done, or that it cannot be done and why. By the task of the board; until it is said otherwise.
      CREATE TABLE work_said (
        walk_id TEXT NOT NULL REFERENCES walks (id),
        task TEXT NOT NULL,
        crew TEXT NOT NULL,
        name TEXT NOT NULL,
        -- Ids of the faults it was to put right.
        mends TEXT NOT NULL,
        said TEXT NOT NULL,
        by TEXT NOT NULL,
        at TEXT NOT NULL,
        PRIMARY KEY (walk_id, task)
      ) STRICT;
      -- Links by which a visiting trade sees its jobs, and the pictures that came by them.
      CREATE TABLE trade_links (
        id TEXT PRIMARY KEY,
        crew TEXT NOT NULL,
        label TEXT NOT NULL,
        token_hash TEXT NOT NULL UNIQUE,
        created_at TEXT NOT NULL,
        expires_at TEXT NOT NULL,
        withdrawn_at TEXT,
        last_opened_at TEXT
      ) STRICT;
      CREATE TABLE trade_photos (
        link_id TEXT NOT NULL REFERENCES trade_links (id),
        sha256 TEXT NOT NULL,
        created_at TEXT NOT NULL,
        PRIMARY KEY (link_id, sha256)
      ) STRICT;
      -- The picture a walk is known by in the list, worked out with its figures.
      ALTER TABLE walks ADD COLUMN cover TEXT;
      UPDATE walks SET projected = -1 WHERE photos > 0;
    `,
  },
  {
    number: 19,
    sql: `
      -- What the yard says of a car that differs from its report when it arrives, in its own words.
      ALTER TABLE yard ADD COLUMN on_arrival TEXT;
    `,
  },
  {
    number: 20,
    sql: `
      -- Words of the house for what is said of a car, each taught by a word that is understood.
      CREATE TABLE taught_words (
        word TEXT PRIMARY KEY,
        means TEXT NOT NULL,
        by TEXT NOT NULL,
        at TEXT NOT NULL
      ) STRICT;
    `,
  },
  {
    number: 21,
    sql: `
      -- Whether readers may see what was said of a finding in the film of the walk, and what was cut of it for them.
      ALTER TABLE yard ADD COLUMN shares_film INTEGER NOT NULL DEFAULT 0;
    `,
  },
  {
    number: 22,
    sql: `
      -- What a walk with a report counted of its car, for what is usual and what is typical; worked out of its log when it is asked for.
      CREATE TABLE walk_facts (
        walk_id TEXT PRIMARY KEY REFERENCES walks (id),
        position INTEGER NOT NULL,
        facts TEXT NOT NULL
      ) STRICT;
      -- Looks at standing cars, morning by morning, outside any walk. One that was taken back stays, and counts for nothing.
      CREATE TABLE morning_looks (
        id TEXT PRIMARY KEY,
        car_id TEXT NOT NULL REFERENCES cars (id),
        day TEXT NOT NULL,
        at TEXT NOT NULL,
        who TEXT NOT NULL,
        look TEXT NOT NULL,
        received_at TEXT NOT NULL,
        taken_back_at TEXT
      ) STRICT;
      CREATE INDEX morning_looks_of_car ON morning_looks (car_id, day);
      -- Answers of the practice yard, which are whoever's they are; when each kind comes round again; and who shares theirs with the managers.
      CREATE TABLE practice_answers (
        id TEXT PRIMARY KEY,
        person TEXT NOT NULL,
        exercise TEXT NOT NULL,
        skill TEXT NOT NULL,
        at TEXT NOT NULL,
        score TEXT NOT NULL
      ) STRICT;
      CREATE INDEX practice_answers_of ON practice_answers (person, at);
      CREATE TABLE practice_cards (
        person TEXT NOT NULL,
        skill TEXT NOT NULL,
        card TEXT NOT NULL,
        PRIMARY KEY (person, skill)
      ) STRICT;
      CREATE TABLE practice_shared (
        person TEXT PRIMARY KEY,
        since TEXT NOT NULL
      ) STRICT;
    `,
  },
  {
    number: 23,
    sql: `
      -- In the yard's own words: what it does with every car, and what it never does.
      ALTER TABLE yard ADD COLUMN policy TEXT;
    `,
  },
];
