import type { PartId } from '../car';
import type { Stop } from '../route';
import type { Finding } from '../walk';
import { byText } from '../wording';
import type { AskedQuestion, Question } from './questionSchema';

/** The part one stands at to answer: the one named, or the one the finding or photo belongs to. */
export function partAsked(
  { about }: Pick<Question, 'about'>,
  findings: readonly Pick<Finding, 'id' | 'part'>[],
  photos: readonly { sha256: string; part?: PartId | undefined; finding?: string | undefined }[],
): PartId | undefined {
  if (about.part) return about.part;
  const partOf = (finding: string | undefined) => findings.find(({ id }) => id === finding)?.part;
  if (about.finding) return partOf(about.finding);
  const photo = photos.find(({ sha256 }) => sha256 === about.photo);
  return photo?.part ?? partOf(photo?.finding);
}

export const isOpen = ({ answers }: Pick<Question, 'answers'>): boolean => answers.length === 0;

/** Questions without an answer in the order they are walked past; those about no part come last, the oldest first. */
export function secondLooks<Q extends AskedQuestion>(
  questions: readonly Q[],
  route: readonly Stop[],
  partOf: (question: Q) => PartId | undefined,
): Q[] {
  const rankOf = new Map(route.map(({ part }, i) => [part, i]));
  const rank = (question: Q) => rankOf.get(partOf(question) ?? '') ?? route.length;
  return questions
    .filter(isOpen)
    .toSorted((a, b) => rank(a) - rank(b) || byText(a.askedAt, b.askedAt) || byText(a.id, b.id));
}

const HOUR_MS = 3_600_000;

/** How long a question has waited: "3 hours", "2 days". */
export function waitedWords(askedAt: string, now: Date): string {
  const hours = Math.max(0, Math.floor((now.getTime() - Date.parse(askedAt)) / HOUR_MS));
  if (hours < 1) return 'less than an hour';
  if (hours < 48) return hours === 1 ? '1 hour' : `${hours} hours`;
  return `${Math.floor(hours / 24)} days`;
}
