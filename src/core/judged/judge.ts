import type { BodyStyle } from '../car';
import { isConfirmed, type StoodTrend } from '../diary';
import { functionOf, isFunctionId, warningLampOf } from '../functions';
import { smellOf } from '../kit';
import type { PaintTable, PapersTable, ScreenTable, TyreTable } from '../readings';
import { isDangerous, tyreFaults } from '../tyres';
import { findingCaution, findingKindOf, isStanding, stopsDriving, type WalkState } from '../walk';
import { brakeMarks, THIN_PAD_MM } from '../wheels';
import type { Area, Judgement } from './judgement';

/** All that is known of a walked car, thing by thing. */
export interface Facts {
  state: WalkState;
  style: BodyStyle;
  tyres: TyreTable;
  paint: PaintTable;
  papers: PapersTable;
  screen: ScreenTable | undefined;
  /** What repeated on the mornings it stood. */
  trends: readonly StoodTrend[];
}

/** What the facts come to, each judgement with the fact it rests on. Whatever was found has one: nothing found falls out. No words. */
export const judge = (facts: Facts): Judgement[] => [
  ...findings(facts),
  ...smells(facts),
  ...tyres(facts),
  ...brakes(facts),
  ...paint(facts),
  ...works(facts),
  ...papers(facts),
];

/** As heavy as its caution: whether it stops the drive, or somebody qualified looks first. */
const byCaution = (caution: string | undefined): Judgement['weight'] =>
  caution === undefined ? 'look' : stopsDriving(caution) ? 'stop' : 'ask';

const onTyre: ReadonlySet<string> = new Set(['tyre', 'tyre-inner', 'sparekit']);

function findings({ state, style, screen }: Facts): Judgement[] {
  const standing = state.findings.filter(isStanding);
  return [
    ...standing.flatMap((finding): Judgement[] => {
      const part = style.parts.get(finding.part);
      const about = { of: 'finding', finding: finding.number } as const;
      const weight = byCaution(findingCaution(finding, part));
      const found: Area[] = onTyre.has(part?.kind ?? '') ? ['body', 'tyres'] : ['body'];
      return [
        ...found.map((area): Judgement => ({ area, weight, about })),
        ...(findingKindOf(finding.kind).isPaintSign
          ? [{ area: 'paint', weight: 'look', about: { of: 'paint-sign', finding: finding.number } } as const]
          : []),
      ];
    }),
    ...(screen?.rows ?? []).flatMap(({ passes, number }): Judgement[] =>
      passes === false ? [{ area: 'body', weight: 'ask', about: { of: 'screen', finding: number } }] : [],
    ),
  ];
}

const smells = ({ state }: Facts): Judgement[] =>
  (state.kit.smells ?? []).map(({ smell, strength }) => ({
    area: 'body',
    weight: byCaution(strength === 'faint' ? undefined : smellOf(smell).caution),
    about: { of: 'smell', smell },
  }));

/** A tyre by its depth, its age, what was seen on it and how it looks, whichever of these there are. */
function tyres({ state, tyres: { rows, matching } }: Facts): Judgement[] {
  return [
    ...rows.flatMap(({ part, verdict, flags }): Judgement[] => {
      const looks = state.treadLooks.get(part);
      const isWorn = looks === 'worn' || looks === 'needs-replacing';
      const isFound = (verdict?.reasons.length ?? 0) > 0 || tyreFaults(flags).length > 0 || isWorn;
      if (!isFound) return [];
      const isUnsafe = verdict ? !verdict.mayBeDriven : isDangerous(flags);
      const when = verdict && verdict.when !== 'later' ? { when: verdict.when } : {};
      return [
        { area: 'tyres', weight: isUnsafe ? 'stop' : 'look', about: { of: 'tyre', part, flags, ...when } },
      ];
    }),
    ...matching.map(
      ({ parts }): Judgement => ({ area: 'tyres', weight: 'look', about: { of: 'tyres-differ', parts } }),
    ),
  ];
}

/** Seen through the wheel, never tested. */
function brakes({ state }: Facts): Judgement[] {
  return [...state.wheels].flatMap(([part, { lip, grooves, discRust, padMm }]): Judgement[] => {
    const worst = Math.max(...[lip, grooves, discRust].map((mark) => brakeMarks.indexOf(mark ?? 'none')));
    const isThin = padMm !== undefined && padMm < THIN_PAD_MM;
    if (worst === 0 && !isThin) return [];
    const weight = isThin || worst === brakeMarks.indexOf('deep') ? 'ask' : 'look';
    return [{ area: 'tyres', weight, about: { of: 'brake', part } }];
  });
}

const papers = ({ papers: { asks } }: Facts): Judgement[] =>
  asks.map(({ isSmall }, ask) => ({
    area: 'papers',
    weight: isSmall ? 'look' : 'ask',
    about: { of: 'ask', ask },
  }));

const apart: ReadonlySet<string> = new Set(['far-thicker', 'thicker', 'local-repair', 'thin', 'under']);

const paint = ({ state, paint: { rows } }: Facts): Judgement[] => [
  ...rows.flatMap(({ part, class: is }): Judgement[] =>
    apart.has(is)
      ? [{ area: 'paint', weight: is === 'far-thicker' ? 'ask' : 'look', about: { of: 'paint', part, is } }]
      : [],
  ),
  ...[...state.statements].flatMap(([statement, { is }]): Judgement[] =>
    is === 'one-repair' ? [{ area: 'paint', weight: 'look', about: { of: 'one-repair', statement } }] : [],
  ),
];

function works({ state, trends }: Facts): Judgement[] {
  const { tried, lampsOn = [] } = state.functions;
  return [
    ...[...tried].flatMap(([id, { state: found }]): Judgement[] => {
      if (found !== 'faulty') return [];
      const caution = isFunctionId(id) ? functionOf(id).facts.caution : undefined;
      return [{ area: 'works', weight: byCaution(caution), about: { of: 'function', function: id } }];
    }),
    ...lampsOn.map((lamp): Judgement => {
      const { caution } = warningLampOf(lamp);
      return {
        area: 'works',
        weight: caution && stopsDriving(caution) ? 'stop' : 'ask',
        about: { of: 'lamp', lamp },
      };
    }),
    ...[...state.drove].flatMap(([group, { fine }]): Judgement[] =>
      fine ? [] : [{ area: 'works', weight: 'look', about: { of: 'drive', group } }],
    ),
    ...trends.flatMap((trend, i): Judgement[] =>
      isConfirmed(trend, state) ? [] : [{ area: 'works', weight: 'ask', about: { of: 'morning', trend: i } }],
    ),
  ];
}
