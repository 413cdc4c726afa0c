import type { Part } from '../car';
import { type FindingKind, isOdd, kindFits } from '../walk';
import type { Subject } from './clause';
import type { FindingDraft } from './drafts';
import { askNumber } from './size';
import type { Talk } from './talk';
import { whyAsked } from './whyAsked';

/** The part with the kind that suits it, and what is still open. */
export function placed(kinds: readonly FindingKind[], part: Part | undefined, open: Subject['open']) {
  const usual =
    part && (kinds.find((kind) => kindFits(kind, part)) ?? kinds.find((kind) => !isOdd(kind, part)));
  const kind = part ? usual : kinds.length === 1 ? kinds[0] : undefined;
  const questions: FindingDraft['questions'] = [];
  if (!part) questions.push(open?.question ?? 'which-part');
  if (kinds.length === 0) questions.push('which-kind');
  else if (part && !kind) questions.push('kind-does-not-fit');
  return {
    ...(part && { part: part.id }),
    ...(kind && { kind }),
    kinds: [...kinds],
    ...(!part && open && { choices: [...open.choices] }),
    questions,
    sure: questions.length > 0 ? ('ask' as const) : ('said' as const),
    why: questions.length > 0 ? [whyAsked[questions[0] ?? 'which-part']] : [],
  };
}

/** Puts findings on the part that was named behind them. */
export function retarget(talk: Talk, findings: readonly FindingDraft[], subject: Subject | undefined): void {
  if (!subject) return;
  const [part] = subject.parts;
  for (const finding of findings) {
    const from = finding.part;
    const kinds = talk.kindsSaid.get(finding) ?? [];
    const isBad = finding.questions.includes('impossible-number');
    Object.assign(finding, placed(kinds, part, subject.open));
    if (isBad) askNumber(finding);
    if (!part) delete finding.part;
    else delete finding.choices;
    if (!finding.kind) delete finding.kind;
    if (from !== undefined && from !== finding.part) clearAgain(talk, from);
  }
}

/** "The tailgate's good, and there's a scratch on the bumper": the tailgate is fine after all. */
function clearAgain(talk: Talk, part: string): void {
  const clear = talk.uncleared.get(part);
  if (!clear || talk.drafts.some((draft) => draft.is === 'finding' && draft.part === part)) return;
  talk.uncleared.delete(part);
  talk.cleared.set(part, clear);
  talk.drafts.push(clear);
}

/** Puts a finding on every part that was named behind it. */
export function spread(talk: Talk, findings: readonly FindingDraft[], subject: Subject | undefined): void {
  retarget(talk, findings, subject);
  for (const part of subject?.parts.slice(1) ?? [])
    for (const finding of findings) {
      const kinds = talk.kindsSaid.get(finding) ?? [];
      const more: FindingDraft = { ...finding, ...placed(kinds, part, undefined) };
      talk.kindsSaid.set(more, kinds);
      talk.drafts.push(more);
      talk.clause.findings.push(more);
    }
}

/** Takes a finding back: it was asked, and denied. */
export function drop(talk: Talk, finding: FindingDraft): void {
  talk.drafts.splice(talk.drafts.indexOf(finding), 1);
  talk.clause.findings = talk.clause.findings.filter((each) => each !== finding);
  talk.lastFinding = undefined;
}
