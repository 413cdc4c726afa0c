import { subPartName, type Vocabulary } from '../car';
import { speakSize } from '../measure';
import type { MeasureWarning } from '../picture';
import { repairWords, testWords } from './choices';
import type { FindingDetails } from './families/findings/bodies';
import { findingKindName, findingKindOf } from './findingKinds';
import { hasDepths, howBadWords } from './howBad';
import { clockWords, rimShareWords } from './measureExtent';
import { amountWords, type Severity, type SeverityWords, severities } from './severity';
import type { Finding, MeasuredSize } from './walkState';

type Described = Pick<Finding, 'kind' | 'sub' | 'details' | 'measured'>;

/** Size in words: "40 mm", "12 × 8 mm", "about 5 mm across". Empty when not measured. */
export function sizeWords({ kind, details, measured }: Described, vocabulary: Vocabulary): string {
  const isRough = measured?.of === 'length' && measured.plusMinus === undefined;
  const size = plainSize({ kind, details: isRough ? roughly(details) : details }, vocabulary);
  const area = details.areaMm2 === undefined ? '' : areaWords(details.areaMm2, vocabulary);
  if (!measured) return [size, area].filter(Boolean).join(', ');
  const told = (value: string) => asMeasured(value, measured, vocabulary);
  return (measured.of === 'area' ? [size, told(area)] : [told(size), area]).filter(Boolean).join(', ');
}

/** A length of which nobody can say how true it is has no third figure. */
const roughly = (details: FindingDetails): FindingDetails =>
  details.lengthMm === undefined ? details : { ...details, lengthMm: tidy(details.lengthMm) };

/** How a size was taken from a picture and what makes it doubtful go with it: "145 mm long ± 2 mm (by a card)", "about 36 mm long (…)". */
function asMeasured(value: string, measured: MeasuredSize, vocabulary: Vocabulary): string {
  const { by, plusMinus, warnings } = measured;
  const how = [
    by === 'card' ? 'by a card' : 'by a length on the photo',
    ...warnings.map((warning) => warningWords[warning]),
  ].join(', ');
  return plusMinus === undefined
    ? `about ${value} (${how})`
    : `${value} ± ${withinWords({ ...measured, plusMinus }, vocabulary)} (${how})`;
}

const warningWords: Record<MeasureWarning, string> = {
  'too-oblique': 'seen far from the side',
  'scale-too-small': 'the scale small on it',
  'far-from-scale': 'far from the card',
  'lean-unknown': 'true only if seen straight on',
};

/** "16 cm²"; small ones in mm². */
function areaWords(mm2: number, vocabulary: Vocabulary): string {
  const metric = mm2 < 100 ? `${tidy(mm2)} mm²` : `${tidy(mm2 / 100)} cm²`;
  return vocabulary === 'uk' ? metric : `${Number((mm2 / 645.16).toPrecision(2))} sq in (${metric})`;
}

const withinWords = (
  { of, plusMinus }: MeasuredSize & { plusMinus: number },
  vocabulary: Vocabulary,
): string => {
  if (of === 'area') return areaWords(plusMinus, 'uk');
  // A tenth of a millimetre is the finest anyone reads.
  return vocabulary === 'uk'
    ? `${tidy(Math.max(0.1, plusMinus))} mm`
    : speakSize(Math.max(0.1, plusMinus), 'uk');
};

const tidy = (value: number): number => Number(value.toPrecision(2));

function plainSize({ kind, details }: Described, vocabulary: Vocabulary): string {
  const { lengthMm, widthMm, extent } = details;
  if (findingKindOf(kind).measuredBy === 'gap') return gapWords(details, vocabulary);
  if (extent?.form === 'arc') {
    const where = `${rimShareWords(extent.spanDeg)}, ${clockWords(extent.fromDeg, extent.spanDeg)}`;
    return lengthMm === undefined ? where : `${speakSize(lengthMm, vocabulary)}, ${where}`;
  }
  if (lengthMm === undefined) return '';
  if (widthMm !== undefined) return `${speakSize(lengthMm, vocabulary)} × ${speakSize(widthMm, vocabulary)}`;
  switch (findingKindOf(kind).measuredBy) {
    case 'length':
      return `${speakSize(lengthMm, vocabulary)} long`;
    case 'diameter':
      return `${speakSize(lengthMm, vocabulary)} across`;
    case 'count':
      return `largest ${speakSize(lengthMm, vocabulary)}`;
    case 'area':
    case 'gap':
      return speakSize(lengthMm, vocabulary);
  }
}

/** "5 mm here, 3.5 mm on the other side; stands 2 mm proud". */
function gapWords({ gapMm, otherGapMm, flushMm }: FindingDetails, vocabulary: Vocabulary): string {
  const said: string[] = [];
  if (gapMm !== undefined)
    said.push(
      otherGapMm === undefined
        ? `${speakSize(gapMm, vocabulary)} wide`
        : `${speakSize(gapMm, vocabulary)} here, ${speakSize(otherGapMm, vocabulary)} on the other side`,
    );
  if (flushMm !== undefined && flushMm !== 0)
    said.push(
      flushMm > 0
        ? `stands ${speakSize(flushMm, vocabulary)} proud`
        : `sits in by ${speakSize(-flushMm, vocabulary)}`,
    );
  return said.join('; ');
}

const PLAIN_WORDS: SeverityWords = ['slight', 'plain', 'heavy'];

/** How deep or how far gone, in the words of its kind: "to the primer", "hairline". */
export function severityWords(kind: Finding['kind'], severity: Severity, vocabulary: Vocabulary): string {
  const { howFar = PLAIN_WORDS, howFarUs } = findingKindOf(kind);
  const words = vocabulary === 'us' ? (howFarUs ?? howFar) : howFar;
  return words[severities.indexOf(severity)] as string;
}

/** What it is, in one line: "Stone chip × 6, largest 3 mm", "Scratch, bad, to the primer, 90 mm long", "Stone chip, a few". */
export function findingLine(finding: Described, vocabulary: Vocabulary): string {
  const { count, amount, howBad, severity } = finding.details;
  // Of a kind without depths early logs say how bad it is there: said anew, that stands.
  const isSaidAnew = howBad !== undefined && !hasDepths(finding.kind);
  const name = findingKindName(finding.kind, vocabulary);
  const counted = count !== undefined && count > 1 ? `${name} × ${count}` : name;
  return [
    counted,
    finding.sub && `on the ${subPartName(finding.sub, vocabulary)}`,
    count === undefined && amount && amountWords[amount],
    howBad && howBadWords[howBad],
    severity && !isSaidAnew && severityWords(finding.kind, severity, vocabulary),
    sizeWords(finding, vocabulary),
  ]
    .filter(Boolean)
    .join(', ');
}

/** The tests done and what they said: "nail just catches; wiped: stays". */
export function testLine({ details }: Pick<Finding, 'details'>): string {
  const said: string[] = [];
  if (details.firm) said.push(`${details.firm} when pressed`);
  if (details.hole !== undefined) said.push(details.hole ? 'there is a hole' : 'no hole');
  if (details.repair) said.push(`repaired before: ${repairWords[details.repair]}`);
  if (details.wipe) said.push(`wiped: ${testWords.wipe[details.wipe]}`);
  if (details.feel) said.push(`felt: ${testWords.feel[details.feel]}`);
  if (details.nail) said.push(`nail ${testWords.nail[details.nail]}`);
  return said.join('; ');
}
