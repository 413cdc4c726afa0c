import type { BodyStyle } from '../car';
import type { Facts } from '../judged';
import { paintDepthTold } from '../measure';
import { screenRepairTold, wheelTable } from '../readings';
import { inside, listed, orEmpty, own, starting, type Text, type Told } from '../told';
import { isDangerous, type TreadLook, tyreFaults, tyreMarks } from '../tyres';
import type { WalkState } from '../walk';
import type { ReportReadings } from './reportReadingsShape';
import { type Seen, secondHalf } from './secondHalf';
import type { WalkTold } from './walkTold';
import { say } from './words';

/** The readings of a walk in words and figures. */
export function reportReadings({ facts, state, style, inputs, nameOf }: WalkTold, seen: Seen): Readings {
  const { car } = inputs;
  const name = (part: string) => starting(nameOf(part));
  return {
    ...(state.treads.size + state.tyres.size + state.treadLooks.size > 0 && {
      tyres: tyres(facts, name),
    }),
    ...wheels(state, style, name),
    ...(state.paint.size > 0 && { paint: paint(facts, name) }),
    ...screen(facts),
    ...secondHalf(facts, car, seen),
  };
}

const isWornByEye = (looks: TreadLook | undefined) => looks === 'worn' || looks === 'needs-replacing';

type Named = (part: string) => Text;
type Readings = Told<ReportReadings>;

function tyres({ state, tyres: table }: Facts, name: Named): Readings['tyres'] {
  return {
    law: table.lawSays,
    summary: orEmpty(table.summary),
    rows: table.rows.map(
      ({ part, brand, size, made, flags, depths, verdict, share, distance, isPractice, byEye, retread }) => ({
        part,
        name: name(part),
        make: [brand, size].filter(Boolean).join(' '),
        made: made ? starting(made) : '',
        whole: depths.whole ?? '',
        outer: depths.outer ?? '',
        centre: depths.centre ?? '',
        inner: depths.inner ?? '',
        ...(verdict && { when: verdict.when }),
        mayBeDriven: verdict ? verdict.mayBeDriven : !isDangerous(flags),
        ...(share !== undefined && { left: Math.round(share * 100) }),
        says: orEmpty(
          listed('semicolon', [
            ...(verdict
              ? verdict.reasons.length > 0
                ? verdict.reasons
                : isWornByEye(state.treadLooks.get(part))
                  ? []
                  : [say('tyre.inOrder')]
              : [...tyreFaults(flags), say('tyre.notMeasured')]),
            byEye,
            retread,
            ...tyreMarks(flags),
            distance ? say('tyre.left', { distance }) : undefined,
            isPractice ? say('tyre.practice') : undefined,
          ]),
        ),
      }),
    ),
    matching: table.matching.map(({ says }) => starting(says)),
    toBuy: table.toBuy.map(({ count, size, when, parts }) =>
      say('tyre.toBuy', {
        count,
        size: size ? own(size) : say('tyre.noSize'),
        when,
        tyres: listed(
          'comma',
          parts.map((part) => inside(name(part))),
        ),
      }),
    ),
  };
}

function wheels(state: WalkState, style: BodyStyle, name: Named): Pick<Readings, 'wheels'> {
  const { rows, setSays } = wheelTable(state, style);
  if (rows.length === 0) return {};
  return {
    wheels: {
      rows: rows.map(({ part, rimIn, finish, rimShare, damagedMm, isUnmeasured, says, brake }) => ({
        part,
        name: name(part),
        rim: orEmpty(
          listed('comma', [
            rimIn ? say('wheel.inches', { inches: rimIn }) : undefined,
            finish && say(`finish.${finish}`),
          ]),
        ),
        damage:
          damagedMm > 0
            ? say(isUnmeasured ? 'wheel.damageAtLeast' : 'wheel.damage', {
                mm: damagedMm,
                percent: Math.round(rimShare * 100),
              })
            : '',
        says,
        brake: orEmpty(brake),
      })),
      set: orEmpty(setSays),
    },
  };
}

function paint({ paint: table }: Facts, name: Named): Readings['paint'] {
  const { unit, level, says, rows, practice } = table;
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    unit,
    ...(level && { levelUm: round(level.um), spreadUm: round(level.spreadUm) }),
    says: [...says, ...(practice > 0 ? [say('paint.practice')] : []), say('paint.caution')],
    rows: rows.map((row) => ({
      part: row.part,
      name: name(row.part),
      class: row.class,
      className: starting(say(`paintClass.${row.class}`)),
      um: [...row.um],
      median: row.medianUm === undefined ? '' : paintDepthTold(row.medianUm, unit),
      ...(row.medianUm !== undefined && { medianUm: round(row.medianUm) }),
      ...(row.ratio !== undefined && { ratio: round(row.ratio) }),
      says: row.says,
    })),
  };
}

function screen({ state, screen: table }: Facts): Pick<Readings, 'screen'> {
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
      summary: orEmpty(summary),
      rows: rows.map(({ number, damage, drawnMm, passes, says, repair }) => ({
        number,
        at: at(damage.at),
        ...(damage.to && { to: at(damage.to) }),
        acrossMm: Math.round(drawnMm),
        fails: passes === false,
        says: starting(says),
        repair: screenRepairTold(repair),
      })),
    },
  };
}
