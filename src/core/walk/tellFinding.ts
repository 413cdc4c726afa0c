import { type Part, subPartTold, type Vocabulary } from '../car';
import { areaTold, roughMm, sizeTold, tidy } from '../measure';
import { isNothing, listed, own, starting, type Text } from '../told';
import type { FindingDetails } from './families/findings/bodies';
import { cautionIdOf } from './findingCaution';
import { findingKindOf } from './findingKinds';
import { hasDepths } from './howBad';
import type { Severity } from './severity';
import { clockTold, rimShareTold } from './tellExtent';
import type { Finding, MeasuredSize } from './walkState';
import { inEnglish, say } from './words';

type Described = Pick<Finding, 'kind' | 'sub' | 'details' | 'measured'>;

/** Size: "40 mm", "12 × 8 mm", "about 5 mm across". Nothing in it when not measured. */
function sizeOf({ kind, details, measured }: Described): Text {
  const isRough = measured?.of === 'length' && measured.plusMinus === undefined;
  const size = plainSize({ kind, details: isRough ? roughly(details) : details });
  const area = details.areaMm2 === undefined ? undefined : areaTold(details.areaMm2);
  if (!measured) {
    const sizes = listed('comma', [size, area]);
    return details.isAbout && !isNothing(sizes) ? say('size.byEye', { size: sizes }) : sizes;
  }
  const told = (value: Text | undefined) => value && asMeasured(value, measured);
  return measured.of === 'area' ? listed('comma', [size, told(area)]) : listed('comma', [told(size), area]);
}

/** A length of which nobody can say how true it is has no third figure. */
const roughly = (details: FindingDetails): FindingDetails =>
  details.lengthMm === undefined ? details : { ...details, lengthMm: tidy(details.lengthMm) };

/** How a size was taken from a picture and what makes it doubtful go with it: "145 mm long ± 2 mm (by a card)", "about 36 mm long (…)". */
function asMeasured(size: Text, { of, by, plusMinus, warnings }: MeasuredSize): Text {
  const how = listed('comma', [
    say(by === 'card' ? 'size.by.card' : 'size.by.length'),
    ...warnings.map((warning) => say(`size.warning.${warning}`)),
  ]);
  if (plusMinus === undefined) return say('size.about', { size, how });
  // A tenth of a millimetre is the finest anyone reads.
  const within = of === 'area' ? areaTold(plusMinus) : roughMm(Math.max(0.1, plusMinus));
  return say('size.measured', { size, within, how });
}

function plainSize({ kind, details }: Described): Text | undefined {
  const { lengthMm, widthMm, extent } = details;
  if (findingKindOf(kind).measuredBy === 'gap') return gapOf(details);
  const size = lengthMm === undefined ? undefined : sizeTold(lengthMm);
  if (extent?.form === 'arc')
    return listed('comma', [size, rimShareTold(extent.spanDeg), clockTold(extent.fromDeg, extent.spanDeg)]);
  if (!size) return undefined;
  if (widthMm !== undefined) return say('size.twoSides', { length: size, width: sizeTold(widthMm) });
  switch (findingKindOf(kind).measuredBy) {
    case 'length':
      return say('size.long', { size });
    case 'diameter':
      return say('size.across', { size });
    case 'count':
      return say('size.largest', { size });
    case 'area':
    case 'gap':
      return size;
  }
}

/** "5 mm here, 3.5 mm on the other side; stands 2 mm proud". */
function gapOf({ gapMm, otherGapMm, flushMm }: FindingDetails): Text | undefined {
  const wide =
    gapMm === undefined
      ? undefined
      : otherGapMm === undefined
        ? say('size.wide', { size: sizeTold(gapMm) })
        : say('size.twoGaps', { here: sizeTold(gapMm), other: sizeTold(otherGapMm) });
  const flush = flushMm
    ? say(flushMm > 0 ? 'size.proud' : 'size.sunk', { size: sizeTold(Math.abs(flushMm)) })
    : undefined;
  return wide || flush ? listed('semicolon', [wide, flush]) : undefined;
}

/** How deep or how far gone, in the words of its kind: "to the primer", "hairline". */
export const severityWords = (kind: Finding['kind'], severity: Severity, vocabulary: Vocabulary): string =>
  inEnglish(say(`howFar.${kind}.${severity}`), vocabulary);

/** What it is, within a sentence: "stone chip × 6, largest 3 mm", "scratch, bad, to the primer, 90 mm long", "stone chip, a few". */
export function findingTold(finding: Described): Text {
  const { kind, sub } = finding;
  const { count, amount, howBad, severity } = finding.details;
  // Of a kind without depths early logs say how bad it is there: said anew, that stands.
  const isSaidAnew = howBad !== undefined && !hasDepths(kind);
  const name = say(`kind.${kind}`);
  const size = sizeOf(finding);
  return listed('comma', [
    count !== undefined && count > 1 ? say('finding.counted', { name, count }) : name,
    sub && say('finding.on', { name: subPartTold(sub) }),
    count === undefined && amount ? say(`amount.${amount}`) : undefined,
    howBad && say(`howBad.${howBad}`),
    severity && !isSaidAnew ? say(`howFar.${kind}.${severity}`) : undefined,
    isNothing(size) ? undefined : size,
  ]);
}

/** The same in one line: "Stone chip × 6, largest 3 mm". */
export const findingLine = (finding: Described, vocabulary: Vocabulary): string =>
  inEnglish(starting(findingTold(finding)), vocabulary);

/** The tests done and what they said, and what somebody guesses it comes from: "nail just catches; wiped: stays". */
export function testsTold({ details }: Pick<Finding, 'details'>): Text {
  const { firm, hole, repair, wipe, feel, nail, cause } = details;
  return listed('semicolon', [
    firm && say('test.firm', { firm }),
    hole === undefined ? undefined : say('test.hole', { hole: hole ? 'yes' : 'no' }),
    repair && say('test.repaired', { how: say(`repair.${repair}`) }),
    wipe && say('test.wiped', { answer: say(`wipe.${wipe}`) }),
    feel && say('test.felt', { answer: say(`feel.${feel}`) }),
    nail && say('test.nail', { answer: say(`nail.${nail}`) }),
    cause ? say('test.cause', { cause: own(cause) }) : undefined,
  ]);
}
export const testLine = (finding: Pick<Finding, 'details'>): string => inEnglish(testsTold(finding), 'uk');

/** What to heed at a finding; undefined where there is nothing. */
export const cautionTold = (
  finding: Pick<Finding, 'kind' | 'details'>,
  part: Pick<Part, 'kind'> | undefined,
): Text | undefined => {
  const id = cautionIdOf(finding, part);
  return id && say(`caution.${id}`);
};
