import type { Vocabulary } from '../car';
import { adviceLine, decisionLine, isPromised, type Remedy, workLine } from '../walk';

/** As one says it aloud: "It should polish out." "We will have that put right before collection: touch in." */
export function remedyAloud(remedy: Remedy, vocabulary: Vocabulary): string[] {
  const work = workLine(remedy, vocabulary).toLowerCase();
  if (isPromised(remedy)) return [`${decisionLine(remedy, vocabulary)}${work && `: ${work}`}.`];
  const advice = adviceLine(remedy, vocabulary);
  const isTold = remedy.cures?.[0]?.sure !== undefined;
  const decision = decisionLine(remedy, vocabulary);
  return [
    ...(advice ? [isTold ? `It ${advice}.` : `What would mend it: ${advice}.`] : []),
    ...(decision ? [`${decision}.`] : []),
  ];
}
