import { shareOf } from '../weakSpots';
import type { Skill } from './exercise';
import type { PracticeScore } from './score';

/** A share with the interval it lies in 95 times in 100. */
export type Rate = ReturnType<typeof shareOf>;

/** How somebody does on one kind, with how sure that is. */
export interface SkillResult {
  skill: Skill;
  /** Faults found, or dirt and nothing left alone. */
  seen: Rate;
  /** Of those found and named, the kind right. */
  kind?: Rate;
  /** Size said against the true one, as the middle of all with its interval: 1.2 is a fifth too large. Absent under three sizes. */
  size?: { ratio: number; low: number; high: number; of: number };
  /** Half of the answers took no longer. */
  middleMs: number;
}

export interface PracticeResults {
  answers: number;
  skills: SkillResult[];
  /** Faults marked where there is none, per picture. */
  falseAlarms: { count: number; pictures: Rate; byKind: { kind: string; count: number }[] };
  sides?: Rate;
  severity?: Rate;
  notice?: Rate;
}

export interface Scored {
  skill: Skill;
  score: PracticeScore;
}

/** What the answers of one person come to; every share and middle with its interval. */
export function practiceResults(scored: readonly Scored[]): PracticeResults {
  const skills = [...new Set(scored.map(({ skill }) => skill))].map((skill): SkillResult => {
    const mine = scored.filter((each) => each.skill === skill).map(({ score }) => score);
    const kinds = mine.flatMap(({ isKindRight }) => isKindRight ?? []);
    const size = sizeOf(mine.flatMap(({ sizeRatio }) => sizeRatio ?? []));
    return {
      skill,
      seen: rateOf(mine.map(({ outcome }) => ['found', 'known-dirt', 'left-alone'].includes(outcome))),
      ...(kinds.length > 0 && { kind: rateOf(kinds) }),
      ...(size && { size }),
      middleMs: middle(mine.map(({ ms }) => ms)),
    };
  });
  const alarms = scored.flatMap(({ score }) => score.falseAlarms);
  const byKind = new Map<string, number>();
  for (const kind of alarms) byKind.set(kind, (byKind.get(kind) ?? 0) + 1);
  return {
    answers: scored.length,
    skills: skills.sort((a, b) => a.seen.met / a.seen.of - b.seen.met / b.seen.of),
    falseAlarms: {
      count: alarms.length,
      pictures: rateOf(scored.map(({ score }) => score.falseAlarms.length > 0)),
      byKind: [...byKind].map(([kind, count]) => ({ kind, count })).sort((a, b) => b.count - a.count),
    },
    ...some('sides', scored, ({ isSideRight }) => isSideRight),
    ...some('severity', scored, ({ isSeverityRight }) => isSeverityRight),
    ...some('notice', scored, ({ isNoticeRight }) => isNoticeRight),
  };
}

function some<N extends 'sides' | 'severity' | 'notice'>(
  name: N,
  scored: readonly Scored[],
  of: (score: PracticeScore) => boolean | undefined,
): Partial<Record<N, Rate>> {
  const said = scored.flatMap(({ score }) => of(score) ?? []);
  return said.length === 0 ? {} : ({ [name]: rateOf(said) } as Partial<Record<N, Rate>>);
}

const rateOf = (right: readonly boolean[]): Rate => shareOf(right.filter(Boolean).length, right.length);

function middle(values: readonly number[]): number {
  const inOrder = values.toSorted((a, b) => a - b);
  return inOrder[Math.floor(inOrder.length / 2)] ?? 0;
}

/** Two-sided 95 % points of Student's t by degrees of freedom (NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.2). */
const T = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131,
  2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
];
const FEWEST_SIZES = 3;
const NORMAL = 1.959964;
/** Nobody says sizes closer together than this, of the logarithm: a few that happen to be alike are not certain. House figure. */
const LEAST_SPREAD = 0.05;

/** Student's point for more degrees of freedom than the table has, by the first term of Fisher's expansion (Abramowitz and Stegun, 26.7.5). */
const studentPoint = (degrees: number): number =>
  T[degrees - 1] ?? NORMAL + (NORMAL ** 3 + NORMAL) / (4 * degrees);

/** The geometric mean of ratios with Student's interval of its logarithm. */
function sizeOf(ratios: readonly number[]): SkillResult['size'] {
  if (ratios.length < FEWEST_SIZES) return undefined;
  const logs = ratios.map(Math.log);
  const mean = logs.reduce((sum, each) => sum + each, 0) / logs.length;
  const spread = Math.sqrt(logs.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (logs.length - 1));
  const half = (studentPoint(logs.length - 1) * Math.max(spread, LEAST_SPREAD)) / Math.sqrt(logs.length);
  return {
    ratio: Math.exp(mean),
    low: Math.exp(mean - half),
    high: Math.exp(mean + half),
    of: ratios.length,
  };
}
