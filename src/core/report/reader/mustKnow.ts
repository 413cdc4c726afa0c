import { vocabularyOf } from '../../car';
import { stopsDriving } from '../../walk';
import { sentence, withinSentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import { reasonsNotToDrive } from './reasonsNotToDrive';
import { type ReaderArea, wasDriven } from './verdicts';

/** Something a buyer has to know before buying, in one line, and where it is told in full. */
export interface MustKnow {
  says: string;
  /** A finding by its number, or the chapter it is in; nowhere where it stands in no other place. */
  to?: { finding: number } | { area: ReaderArea };
  /** The seller's own first line. */
  bySeller?: true;
  /** The car is not to be driven as it is. */
  stopsDrive?: true;
}

/** So many stand on top. */
const FIRST = 5;

/** What stands on top, and what is one line to open below it. What stops the drive is never folded away, whatever the seller tells first. */
export function firstLinesOf(report: ReportDocument): {
  top: MustKnow[];
  more: MustKnow[];
  moreSays: string;
} {
  const all = mustKnow(report);
  const isTop = (line: MustKnow, i: number) => i < FIRST || line.stopsDrive === true;
  const more = all.filter((line, i) => !isTop(line, i));
  return { top: all.filter(isTop), more, moreSays: `${more.length} more to know first` };
}

/** So many questions of one kind are named before the rest is counted. */
const NAMED = 3;

/** What is no finding, reading, function or paper, and yet asks to be settled. */
const besides: ReadonlySet<string> = new Set(['smell', 'brake', 'morning']);

/** The seller's own first lines in their order, then what the rules choose and the seller has not told. */
export function mustKnow(report: ReportDocument): MustKnow[] {
  const chosen = chosenByRule(report);
  const own = (report.toldFirst ?? []).map(({ says, finding, area, isOwn }): MustKnow => {
    const to = finding !== undefined ? { finding } : area && { area };
    // Whatever the rules add to it, that a qualified person looks first, stays with it.
    const rule = finding === undefined ? undefined : chosen.find((each) => isOf(each, finding));
    return {
      says: rule?.says ?? (isOwn ? `“${says}”` : withoutStop(says)),
      ...(to && { to }),
      bySeller: true,
    };
  });
  const isTold = (line: MustKnow) =>
    own.some(({ says, to }) => says === line.says || (to && 'finding' in to && isOf(line, to.finding)));
  return [...own, ...chosen.filter((line) => !isTold(line))];
}

const isOf = ({ to }: MustKnow, number: number): boolean =>
  to !== undefined && 'finding' in to && to.finding === number;

/** What decides, a line each: what stops the drive, what the law or the papers ask, what was painted far thicker, rust that asks for a qualified person, and what nobody has settled. */
function chosenByRule(report: ReportDocument): MustKnow[] {
  const { findings, tyres, functions, paint, screen } = report;
  const told: MustKnow[] = [
    ...(tyres?.rows ?? [])
      .filter(({ mayBeDriven }) => !mayBeDriven)
      .map(
        ({ name, says }): MustKnow => ({
          says: `Not to be driven as it is: ${withinSentence(name)}, ${says.split('; ')[0]}`,
          to: { area: 'tyres' },
          stopsDrive: true,
        }),
      ),
    ...findings
      .filter(({ caution }) => caution)
      .map(
        ({ number, line, partName, suspected, caution = '' }): MustKnow => ({
          says: `${suspected ? 'Suspected: ' : ''}${suspected ? withinSentence(line) : line}, ${partName}: a qualified person looks first`,
          to: { finding: number },
          ...(stopsDriving(caution) && { stopsDrive: true }),
        }),
      ),
    ...(screen?.rows ?? [])
      .filter(({ fails }) => fails)
      .map(
        ({ number, says }): MustKnow => ({
          says: `The screen: ${withinSentence(says)}`,
          to: { finding: number },
        }),
      ),
    ...(functions?.lampsOn?.length
      ? [{ says: functions.lampsSay ?? 'A warning lamp is on', to: { area: 'works' } } as MustKnow]
      : []),
    ...(functions?.faulty ?? [])
      .filter(({ caution }) => caution)
      .map(
        ({ name, says }): MustKnow => ({ says: `${name}${says ? `: ${says}` : ''}`, to: { area: 'works' } }),
      ),
    ...askedOf(report).map((says): MustKnow => ({ says: sentence(says), to: { area: 'papers' } })),
    ...(report.judged ?? [])
      .filter(({ of, weight }) => besides.has(of) && weight !== 'look')
      .map(({ says, area }): MustKnow => ({ says: sentence(says), to: { area } })),
    ...(paint?.rows ?? [])
      .filter((row) => row.class === 'far-thicker')
      .map(
        ({ name, median }): MustKnow => ({
          says: `${name}: paint far thicker than the rest of the car${median ? `, ${median}` : ''}`,
          to: { area: 'paint' },
        }),
      ),
  ];
  const open = findings.filter(({ suspected, caution }) => suspected && !caution);
  const settled = open.slice(0, NAMED).map(
    ({ number, line, partName }): MustKnow => ({
      says: `Not settled: ${withinSentence(line)}, ${partName}`,
      to: { finding: number },
    }),
  );
  const more = open.length - settled.length;
  return [
    ...told,
    ...settled,
    ...(more > 0
      ? [{ says: `${more} more suspicions are not settled`, to: { area: 'body' } } as MustKnow]
      : []),
  ].map((line) => ({ ...line, says: withoutStop(line.says) }));
}

const withoutStop = (says: string): string => says.replace(/\.$/, '');

/** What the papers leave open. A trifle is asked in its chapter; reports of an earlier Zelk do not tell it apart. */
function askedOf({ papers, judged }: ReportDocument): readonly string[] {
  const asks = judged?.filter(({ of }) => of === 'ask') ?? [];
  return asks.length > 0
    ? asks.flatMap(({ weight, says }) => (weight === 'ask' ? [says] : []))
    : (papers?.asks ?? []);
}

/** What the report says nothing of, so that silence is not read as praise. */
export function saidNothingOf(report: ReportDocument): string[] {
  const { functions, papers, kit, odometer, findings, remedies = [] } = report;
  const isUs = vocabularyOf(report.car) === 'us';
  const hasPrice = [...findings, ...remedies].some(({ decision }) => /, for \D*\d/.test(decision ?? ''));
  const saysKeys = (papers?.says ?? []).some((each) => /\bkeys?\b/i.test(each));
  return [
    ...(functions ? [] : ['Nothing was switched on or driven']),
    ...(functions && !wasDriven(report) ? ['It was not driven'] : []),
    ...(papers ? [] : ['The papers are not covered']),
    ...(saysKeys ? [] : ['How many keys there are is not said']),
    ...(kit ? [] : ['What comes with it is not covered']),
    ...(odometer ? [] : [`The ${isUs ? 'mileage' : 'odometer'} was not read`]),
    ...(hasPrice ? [] : ['No prices are given, of the car or of any repair']),
  ];
}

/** That it is no inspection, and what was found that bears on safety: always said. */
export function safetySays(report: ReportDocument): string {
  const reasons = reasonsNotToDrive(report);
  const lead = 'This is no safety inspection';
  return reasons.length > 0
    ? `${lead}. What was found bears on safety: ${reasons.join('; ')}.`
    : `${lead}. Of what was found, nothing is known to stop it from being driven; what was not looked at is not known.`;
}
