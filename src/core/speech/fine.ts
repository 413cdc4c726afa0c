import { clear } from './clauses';
import type { FindingDraft } from './drafts';
import type { Phrase } from './phrases';
import { drop } from './placed';
import type { Talk } from './talk';
import { hearResult } from './things';

/** All is well: with the function in hand, or the part. */
export function hearFine(talk: Talk): void {
  const { clause } = talk;
  if (clause.functions.length > 0) {
    hearResult(talk, !clause.denied);
    return;
  }
  if (clause.denied) return;
  clause.isFine = true;
  const subject = clause.subject ?? talk.subject;
  if (!subject || clause.findings.length > 0) return;
  clear(talk, subject);
}

/** There is none: of what follows, or of what was just asked. */
export function hearDeny(talk: Talk, { text, before, to }: Phrase): void {
  talk.clause.deniedKinds.push(...talk.clause.lookedFor.splice(0));
  const next = talk.words[to];
  const isAlone = next === undefined || next.before !== 'none';
  // "Bent? No, that is straight"; "is it a scratch, no, it wipes off".
  if (
    isAlone &&
    /^(no|nope)$/i.test(text) &&
    (talk.wasQuestion || before === 'comma') &&
    talk.lastFinding &&
    isFresh(talk, talk.lastFinding)
  ) {
    drop(talk, talk.lastFinding);
    return;
  }
  // "Roof, no."
  if (isAlone && /(^no|none|^nothing|^nope)$/i.test(text)) {
    const { subject, findings } = talk.clause;
    // "I looked for chips and there are none."
    if (/none$/i.test(text)) for (const finding of [...findings]) drop(talk, finding);
    if (subject && talk.clause.findings.length === 0) clear(talk, subject);
    return;
  }
  if (/^neither$/i.test(text)) talk.clause.both = true;
  if (/^nothing$/i.test(text)) talk.clause.isNothing = true;
  talk.clause.denied = true;
}

function isFresh(talk: Talk, finding: FindingDraft): boolean {
  return finding.words[1] >= (talk.phrase?.from ?? 0) - 6;
}
