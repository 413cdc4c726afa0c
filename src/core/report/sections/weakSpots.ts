import { listed, own, starting, type Text, type Told } from '../../told';
import { spotStanding } from '../../walk';
import { withinSentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { say } from '../words';

type Spots = Told<NonNullable<ReportDocument['weakSpots']>>;

/** What is said of a spot, and of which parts. */
interface Placed {
  says: Text;
  at: Text[];
}

/** What such cars are known for: looked for and not there, there, not to be told, and not looked for. */
export function weakSpotsTold({ state, nameOf }: WalkTold): Told<Pick<ReportDocument, 'weakSpots'>> {
  const asked = [...state.weakSpots.values()];
  if (asked.length === 0) return {};
  const told: Spots = { notThere: [], found: [], couldNotTell: [], left: [] };
  const places = new Map<string, number>();
  for (const { spot } of asked) places.set(spot, (places.get(spot) ?? 0) + 1);
  const notThere = new Map<string, Placed>();
  const left = new Map<string, Placed>();
  const put = (into: Map<string, Placed>, spot: string, says: string, part: string) => {
    const here = into.get(spot) ?? { says: own(withinSentence(says)), at: [] };
    here.at.push(nameOf(part));
    into.set(spot, here);
  };
  for (const each of asked) {
    const { spot, part, title, fine } = each;
    const standing = spotStanding(state, each);
    // Where a thing is asked at one place alone, its words say where.
    const isOneOfMany = (places.get(spot) ?? 0) > 1;
    const what = own(title);
    const there = isOneOfMany ? say('what.where', { what, where: nameOf(part) }) : what;
    if (standing.status === 'not-there') put(notThere, spot, fine, part);
    else if (standing.status === 'there')
      told.found.push({
        // A suspicion is told as one.
        says: standing.findings.every((finding) => finding.standing.status === 'suspected')
          ? say('suspected', { what: there })
          : there,
        findings: standing.findings.map(({ number }) => number),
      });
    else if (standing.status === 'could-not-tell')
      told.couldNotTell.push(
        standing.why ? say('where.says', { where: there, says: own(standing.why) }) : there,
      );
    else put(left, spot, title, part);
  }
  /** Said once; with where, unless it holds wherever it was asked. */
  const lines = (of: ReadonlyMap<string, Placed>) =>
    [...of].map(([spot, { says, at }]) =>
      at.length === places.get(spot)
        ? starting(says)
        : starting(say('with', { what: says, more: listed('comma', at) })),
    );
  told.notThere.push(...lines(notThere));
  told.left.push(...lines(left));
  return { weakSpots: told };
}
