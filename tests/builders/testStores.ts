import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { carDetailsSchema } from '#core/car';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { openDatabase } from '../../src/server/store/openDatabase';
import { makeStores, type Stores } from '../../src/server/store/stores';
import { details } from './car';
import { begun, CAR, entriesOf, START, WALK, WHO } from './entries';
import { putFreshDatabase } from './freshDatabase';
import { reportOfLog } from './report';

export interface TestStores {
  stores: Stores;
  /** Closes and opens the same file again, as a server that was started anew. */
  reopen: () => Stores;
  close: () => void;
}

/** Stores over a real database file in a folder of its own. */
export function openTestStores(): TestStores {
  const dir = mkdtempSync(join(tmpdir(), 'zelk-stores-'));
  putFreshDatabase(dir);
  const open = () => makeStores(openDatabase(join(dir, 'zelk.db')));
  let stores = open();
  return {
    get stores() {
      return stores;
    },
    reopen: () => {
      stores.db.close();
      stores = open();
      return stores;
    },
    close: () => {
      stores.db.close();
      rmSync(dir, { recursive: true, force: true });
    },
  };
}

export const NOW = new Date(START + 3_600_000);
export const nowIso = NOW.toISOString();
export const carDetails = carDetailsSchema.parse(details);

/** A person, a car and a walk of it with these facts. */
export function withWalk({ people, cars, walks }: Stores, ...facts: Fact[]): void {
  people.put({ id: WHO, name: 'Nell Harrick' });
  cars.add(CAR, carDetails, nowIso);
  walks.append(WALK, entriesOf([begun, ...facts]), NOW);
}

/** That walk frozen, so and so often. */
export function freezeIn({ walks, reports }: Stores, revision = 1): ReportDocument {
  const report = reportOfLog(walks.entriesOf(WALK), { revision });
  reports.add(report);
  return report;
}
