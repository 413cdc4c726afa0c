import { spotStanding } from '../../walk';
import { sentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';

type Told = NonNullable<ReportDocument['weakSpots']>;

/** What is said of a spot, and of which parts. */
interface Placed {
  says: string;
  at: string[];
}

/** What such cars are known for: looked for and not there, there, not to be told, and not looked for. */
export function weakSpotsTold({ state, nameOf }: WalkTold): Pick<ReportDocument, 'weakSpots'> {
  const asked = [...state.weakSpots.values()];
  if (asked.length === 0) return {};
  const told: Told = { notThere: [], found: [], couldNotTell: [], left: [] };
  const places = new Map<string, number>();
  for (const { spot } of asked) places.set(spot, (places.get(spot) ?? 0) + 1);
  const notThere = new Map<string, Placed>();
  const left = new Map<string, Placed>();
  const put = (into: Map<string, Placed>, spot: string, says: string, part: string) => {
    const here = into.get(spot) ?? { says, at: [] };
    here.at.push(nameOf(part));
    into.set(spot, here);
  };
  for (const each of asked) {
    const { spot, part, title, fine } = each;
    const standing = spotStanding(state, each);
    // Where a thing is asked at one place alone, its words say where.
    const where = (places.get(spot) ?? 0) > 1 ? `, ${nameOf(part)}` : '';
    if (standing.status === 'not-there') put(notThere, spot, fine, part);
    else if (standing.status === 'there')
      told.found.push({
        // A suspicion is told as one.
        says: `${standing.findings.every((finding) => finding.standing.status === 'suspected') ? 'suspected: ' : ''}${title}${where}`,
        findings: standing.findings.map(({ number }) => number),
      });
    else if (standing.status === 'could-not-tell')
      told.couldNotTell.push(`${title}${where}${standing.why ? `: ${standing.why}` : ''}`);
    else put(left, spot, title, part);
  }
  /** Said once; with where, unless it holds wherever it was asked. */
  const lines = (of: ReadonlyMap<string, Placed>) =>
    [...of].map(([spot, { says, at }]) =>
      at.length === places.get(spot) ? sentence(says) : `${sentence(says)} (${at.join(', ')})`,
    );
  told.notThere.push(...lines(notThere));
  told.left.push(...lines(left));
  return { weakSpots: told };
}
