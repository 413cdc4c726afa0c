import { type BodyStyle, type Car, type Vocabulary, vocabularyOf } from '../car';
import type { Facts } from '../judged';
import { speakPaint } from '../measure';
import { paintClassWords } from '../paint';
import { repairWords, wheelTable } from '../readings';
import { isDangerous, type TreadLook, tyreFaults } from '../tyres';
import type { WalkState } from '../walk';
import { finishNames } from '../wheels';
import { sentence, withinSentence } from '../wording';
import type { ReportReadings } from './reportReadingsShape';
import { type Seen, secondHalf } from './secondHalf';
import type { WalkTold } from './walkTold';

/** What is said of paint readings wherever they are shown. */
const paintCaution = (vocabulary: Vocabulary): string =>
  `Paint readings support what the eye saw; they do not tell why a panel was painted. Some makers’ ${vocabulary === 'us' ? 'colors' : 'colours'} and pillars run thicker.`;

/** The readings of a walk in words and figures. */
export function reportReadings(
  { facts, state, style, inputs, nameOf }: WalkTold,
  seen: Seen,
): ReportReadings {
  const { car } = inputs;
  const name = (part: string) => sentence(nameOf(part));
  return {
    ...(state.treads.size + state.tyres.size + state.treadLooks.size > 0 && {
      tyres: tyres(facts, name),
    }),
    ...wheels(state, style, car, name),
    ...(state.paint.size > 0 && { paint: paint(facts, car, name) }),
    ...screen(facts),
    ...secondHalf(facts, car, seen),
  };
}

const isWornByEye = (looks: TreadLook | undefined) => looks === 'worn' || looks === 'needs-replacing';

type Named = (part: string) => string;
type Spoken = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

function tyres({ state, tyres: table }: Facts, name: Named): ReportReadings['tyres'] {
  return {
    law: table.lawSays,
    summary: table.summary,
    rows: table.rows.map(
      ({ part, brand, size, made, flags, depths, verdict, share, distance, isPractice, byEye, retread }) => ({
        part,
        name: name(part),
        make: [brand, size].filter(Boolean).join(' '),
        made: made ?? '',
        whole: depths.whole ?? '',
        outer: depths.outer ?? '',
        centre: depths.centre ?? '',
        inner: depths.inner ?? '',
        ...(verdict && { when: verdict.when }),
        mayBeDriven: verdict ? verdict.mayBeDriven : !isDangerous(flags),
        ...(share !== undefined && { left: Math.round(share * 100) }),
        says: [
          ...(verdict
            ? verdict.reasons.length > 0
              ? verdict.reasons
              : isWornByEye(state.treadLooks.get(part))
                ? []
                : ['in order']
            : [...tyreFaults(flags), 'not measured']),
          ...(byEye ? [byEye] : []),
          ...(retread ? [retread] : []),
          ...flags.filter(
            (flag) => flag === 'repair' || flag === 'run-flat' || flag === 'new' || flag === 'odd',
          ),
          ...(distance ? [`about ${distance} left at the rate worn so far`] : []),
          ...(isPractice ? ['read with the practice gauge: not a measurement'] : []),
        ].join('; '),
      }),
    ),
    matching: table.matching.map(({ says }) => says),
    toBuy: table.toBuy.map(
      ({ count, size, when, parts }) =>
        `${count} × ${size}, ${when === 'now' ? 'now' : 'within the year'}: ${parts.map((part) => withinSentence(name(part))).join(', ')}`,
    ),
  };
}

function wheels(
  state: WalkState,
  style: BodyStyle,
  car: Spoken,
  name: Named,
): Pick<ReportReadings, 'wheels'> {
  const { rows, setSays } = wheelTable(state, style, car);
  if (rows.length === 0) return {};
  return {
    wheels: {
      rows: rows.map(({ part, rimIn, finish, rimShare, damagedMm, isUnmeasured, says, brake }) => ({
        part,
        name: name(part),
        rim: [rimIn && `${rimIn} in`, finish && finishNames[finish].toLowerCase()].filter(Boolean).join(', '),
        damage:
          damagedMm > 0
            ? `${damagedMm} mm of the rim, ${Math.round(rimShare * 100)} %${isUnmeasured ? ' at least' : ''}`
            : '',
        says,
        brake,
      })),
      set: setSays,
    },
  };
}

function paint({ paint: table }: Facts, car: Spoken, name: Named): ReportReadings['paint'] {
  const { unit, level, says, rows, practice } = table;
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    unit,
    ...(level && { levelUm: round(level.um), spreadUm: round(level.spreadUm) }),
    says: [
      ...says,
      ...(practice > 0
        ? ['Some of these figures come from the practice gauge, which measures nothing.']
        : []),
      paintCaution(vocabularyOf(car)),
    ],
    rows: rows.map((row) => ({
      part: row.part,
      name: name(row.part),
      class: row.class,
      className: paintClassWords[row.class],
      um: [...row.um],
      median: row.medianUm === undefined ? '' : speakPaint(row.medianUm, unit),
      ...(row.medianUm !== undefined && { medianUm: round(row.medianUm) }),
      ...(row.ratio !== undefined && { ratio: round(row.ratio) }),
      says: row.says,
    })),
  };
}

function screen({ state, screen: table }: Facts): Pick<ReportReadings, 'screen'> {
  if (!table || (table.rows.length === 0 && !state.screen)) return {};
  const { plan, rule, rows, summary } = table;
  const at = ([x, y]: readonly [number, number]): [number, number] => [Math.round(x), Math.round(y)];
  return {
    screen: {
      widthMm: plan.width,
      heightMm: plan.height,
      swept: plan.swept.map(at),
      bandMm: [plan.band.middle - plan.band.width / 2, plan.band.middle + plan.band.width / 2],
      rule: rule.says,
      summary,
      rows: rows.map(({ number, damage, drawnMm, passes, says, repair }) => ({
        number,
        at: at(damage.at),
        ...(damage.to && { to: at(damage.to) }),
        acrossMm: Math.round(drawnMm),
        fails: passes === false,
        says,
        repair: repairWords[repair],
      })),
    },
  };
}
