import { type FindingKind, findingKindOf } from './findingKinds';
import { type Severity, severities } from './severity';

/** How bad it is to look at, as it was said; nothing of how deep it goes or how big it is. */
export const howBads = ['slight', 'plain', 'bad'] as const;
export type HowBad = (typeof howBads)[number];
export const howBadWords: Record<HowBad, string> = { slight: 'slight', plain: 'medium', bad: 'bad' };

const asSeverity: Record<HowBad, Severity> = { slight: 'slight', plain: 'plain', bad: 'heavy' };

/** How it weighs where both count alike: the worse of how bad and how far gone; undefined where neither was said. */
export function weightOf({ howBad, severity }: Said): Severity | undefined {
  const said = [howBad && asSeverity[howBad], severity].filter((each) => each !== undefined);
  return said.toSorted((a, b) => severities.indexOf(b) - severities.indexOf(a))[0];
}

/** How bad it was said to be; early logs said it in the steps of depth where a kind has no words for them. */
export function howBadOf(kind: FindingKind, { howBad, severity }: Said): HowBad | undefined {
  if (howBad || !severity || hasDepths(kind)) return howBad;
  return severity === 'heavy' ? 'bad' : severity;
}

/** Whether a kind has words for how deep or how far gone it is. */
export const hasDepths = (kind: FindingKind): boolean => findingKindOf(kind).howFar !== undefined;

interface Said {
  howBad?: HowBad | undefined;
  severity?: Severity | undefined;
}
