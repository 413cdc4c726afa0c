import type { Fault } from '#core/cures';
import { type Job, minorUnits } from '#core/plan';
import type { Fact, RemedyAbout, StoredDecision } from '#core/walk';

/** What a job is called in the log: the same cure and decision at everything it puts right. */
export function agreedFacts(job: Job, faults: readonly Fault[], decision: StoredDecision): Fact[] {
  return faults.flatMap((fault): Fact[] => {
    const cures = [{ cure: job.cure, sure: job.sure }];
    const [what, id = ''] = fault.id.split(/ (.*)/);
    if (what === 'finding')
      return [{ kind: 'finding-amended', body: { finding: id, changes: { cures, decision } } }];
    const about = aboutOf(what as string, id);
    return about ? [{ kind: 'remedy-noted', body: { about, cures, decision } }] : [];
  });
}

function aboutOf(what: string, id: string): RemedyAbout | undefined {
  switch (what) {
    case 'part':
      return { of: 'part', part: id } as RemedyAbout;
    case 'function':
      return { of: 'function', function: id } as RemedyAbout;
    case 'item':
      return { of: 'item', item: id } as RemedyAbout;
    case 'side':
      return { of: 'side', side: id } as RemedyAbout;
    case 'papers':
    case 'smell':
    case 'cabin':
    case 'car':
      return { of: what };
    default:
      return undefined;
  }
}

/** What a buyer is asked for a job: its most, in whole units, up. */
export const askedFor = ({ cost }: Job, currency: string): number | undefined =>
  cost && Math.ceil(cost.high / minorUnits(currency));
