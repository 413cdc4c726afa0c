import { z } from 'zod';
import { withinSentence } from '../wording';
import type { ReportDocument, ReportFinding } from './reportDocument';

const text = z.string();
const number = z.int().positive();

/** What a later revision says that an earlier one did not. */
export const reportChangesSchema = z.object({
  /** The earlier revision. */
  since: number,
  /** Findings by number: new ones, ones that are told otherwise now, and ones that turned out to be nothing. */
  added: z.array(number),
  changed: z.array(z.object({ number, says: z.array(text) })),
  putRight: z.array(z.object({ number, line: text, says: text })).default([]),
  withdrawn: z.array(z.object({ number, line: text, why: text })),
  /** Everything else, in sentences: parts looked at since, odometer, readings. */
  others: z.array(text),
});
export type ReportChanges = z.output<typeof reportChangesSchema>;

/** By what a finding is known through revisions: reports frozen by an earlier Zelk have numbers alone. */
const keyOf = ({ id, number }: { id?: string | undefined; number: number }): string => id ?? String(number);

/** The difference between two revisions of a walk's report. Numbers are those of the later one, of what is withdrawn those of the earlier. */
export function compareReports(before: ReportDocument, after: ReportDocument): ReportChanges {
  const had = new Map(before.findings.map((finding) => [keyOf(finding), finding]));
  const has = new Map(after.findings.map((finding) => [keyOf(finding), finding]));
  const mended = new Set((after.putRight ?? []).map(keyOf));
  const dismissed = new Map(after.dismissed.map((finding) => [keyOf(finding), finding]));
  return {
    since: before.revision,
    added: after.findings.flatMap((finding) => (had.has(keyOf(finding)) ? [] : [finding.number])),
    changed: after.findings.flatMap((finding) => {
      const was = had.get(keyOf(finding));
      const says = was ? changesOf(was, finding) : [];
      return says.length > 0 ? [{ number: finding.number, says }] : [];
    }),
    putRight: (after.putRight ?? []).flatMap((mended) => {
      const { number, line, partName, says, kept } = mended;
      const wasSo = before.putRight?.some((each) => keyOf(each) === keyOf(mended));
      return wasSo ? [] : [{ number, line: `${partName}: ${line}`, says: kept ? `${says}; ${kept}` : says }];
    }),
    withdrawn: before.findings.flatMap((finding) => {
      const { number, line, partName } = finding;
      if (has.has(keyOf(finding)) || mended.has(keyOf(finding))) return [];
      const why = dismissed.get(keyOf(finding))?.why ?? 'it was taken back';
      return [{ number, line: `${partName}: ${line}`, why }];
    }),
    others: othersOf(before, after),
  };
}

function changesOf(was: ReportFinding, is: ReportFinding): string[] {
  const says: string[] = [];
  if (was.line !== is.line) says.push(`was “${was.line}”, is “${is.line}”`);
  if (was.partName !== is.partName) says.push(`was on the ${was.partName}`);
  if (was.suspected && !is.suspected) says.push('confirmed');
  if (!was.suspected && is.suspected) says.push('not sure any more');
  if (was.notice !== is.notice) says.push('noticed from another distance');
  says.push(...remedyChanges(was, is));
  if (is.checkedAgain && was.checkedAgain !== is.checkedAgain) says.push(withinSentence(is.checkedAgain));
  if (was.tests !== is.tests && is.tests !== '') says.push(is.tests);
  if (was.note !== is.note) says.push(is.note === '' ? 'note taken back' : `note: ${is.note}`);
  const more = is.photos.length - was.photos.length;
  if (more > 0) says.push(more === 1 ? 'one more photo' : `${more} more photos`);
  return says;
}

function remedyChanges(was: ReportFinding, is: ReportFinding): string[] {
  if (was.action === is.action && was.decision === is.decision && was.advice === is.advice) return [];
  if (is.promised)
    return was.promised && was.action === is.action
      ? [decisionOf(is)]
      : [`promised: ${is.action || decisionOf(is)}`];
  if (was.promised) return ['promised no more'];
  const now = [is.advice, is.decision && decisionOf(is)].filter(Boolean).join('; ');
  return [now || 'nothing is decided any more'];
}

const decisionOf = ({ decision, action }: ReportFinding): string => withinSentence(decision ?? action);

function othersOf(before: ReportDocument, after: ReportDocument): string[] {
  const newly = after.parts.filter(
    ({ part, status }) =>
      status !== 'not-looked-at' && before.parts.find((was) => was.part === part)?.status === 'not-looked-at',
  );
  const readings = [
    ['Tyres', before.tyres, after.tyres],
    ['Wheels', before.wheels, after.wheels],
    ['Paint depth', before.paint, after.paint],
    ['The screen', before.screen, after.screen],
    ['What works', before.functions, after.functions],
    ['What comes with it', before.kit, after.kit],
    ['Papers', before.papers, after.papers],
    ['What such cars are known for', before.weakSpots, after.weakSpots],
    ['The days it stood', before.stood?.looks, after.stood?.looks],
  ] as const;
  const hadMended = new Set((before.othersPutRight ?? []).map(({ what }) => what));
  const mended = (after.othersPutRight ?? []).filter(({ what }) => !hadMended.has(what));
  return [
    ...mended.map(({ what, says, kept }) => `${what}: put right, ${says}${kept ? `; ${kept}` : ''}.`),
    ...(newly.length > 0
      ? [`Looked at since: ${newly.map(({ name }) => withinSentence(name)).join(', ')}.`]
      : []),
    ...(before.odometer !== after.odometer
      ? [`Odometer: was ${before.odometer ?? 'not read'}, is ${after.odometer ?? 'not read'}.`]
      : []),
    ...readings.flatMap(([name, was, is]) =>
      JSON.stringify(was) === JSON.stringify(is)
        ? []
        : [
            was === undefined
              ? `${name}: added.`
              : is === undefined
                ? `${name}: taken out.`
                : `${name}: changed.`,
          ],
    ),
  ];
}
