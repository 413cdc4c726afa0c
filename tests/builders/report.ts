import type { Car } from '#core/car';
import { composeReport, type IdentityTelling, type ReportDocument } from '#core/report';
import type { Entry, Fact } from '#core/walk';
import { testCar } from './car';
import { entriesOf, idOf, WALK } from './entries';

interface ReportWanted {
  car?: Car;
  revision?: number;
  identity?: IdentityTelling;
  /** Known photos by SHA-256. */
  photos?: ReadonlyMap<string, { width: number; height: number }>;
}

/** The report of the test walk with this log, frozen an hour and a half after it began. */
export function reportOfLog(
  entries: readonly Entry[],
  { car = testCar, revision = 1, photos = new Map(), identity }: ReportWanted = {},
): ReportDocument {
  return composeReport({
    id: idOf(0xd00 + revision),
    revision,
    frozenAt: '2026-03-14T11:00:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: 'Port', phone: '1' },
    car,
    ...(identity && { identity }),
    walk: WALK,
    entries,
    photos,
  });
}

/** The same of facts, a second apart. */
export const reportOf = (facts: readonly Fact[], wanted?: ReportWanted): ReportDocument =>
  reportOfLog(entriesOf(facts), wanted);

/** As a reader's page is sent it: its words, without what they were told from. */
export function asRead({ messages: _, ...words }: ReportDocument): ReportDocument {
  return words;
}
