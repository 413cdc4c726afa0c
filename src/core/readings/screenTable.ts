import type { BodyStyle, Part, Speech, Steering } from '../car';
import {
  judgeScreen,
  type ScreenDamage,
  type ScreenPlace,
  type ScreenPlan,
  type ScreenRule,
  type ScreenVerdict,
  sayOfScreens,
  ukScreenRule,
  usualScreen,
} from '../glass';
import { listed, type Message, type Text } from '../told';
import {
  type Finding,
  type FindingKind,
  findingKindOf,
  isStanding,
  type ScreenPlanned,
  type Spot,
  type WalkState,
} from '../walk';

export interface ScreenRow extends ScreenVerdict {
  finding: string;
  number: number;
  kind: FindingKind;
  damage: ScreenDamage;
  /** How large it is drawn, millimetres. */
  drawnMm: number;
}

export interface ScreenTable {
  plan: ScreenPlan;
  planned: ScreenPlanned;
  rule: ScreenRule;
  rows: readonly ScreenRow[];
  /** "2 chips and 1 crack, 1 of them over what is allowed"; absent when nothing was found. */
  summary?: Text;
  /** Findings on the screen that no zone decides: delamination, old fillings, light scratches. */
  others: readonly Finding[];
}

/** What a finding is judged as; a scratch a nail glides over is no damage of the glass. */
function judgedAs({ kind, details }: Finding): ScreenDamage['kind'] | undefined {
  const as = findingKindOf(kind).onScreen?.judgedAs;
  return as === 'scratch' && details.nail === 'glides' ? undefined : as;
}

/** A damage that was not measured is drawn as large as this, millimetres: a thumb’s width. */
const DRAWN_MM = 20;

/** The screen of a car as it is planned: as set for it, or usual for its size and steering side. */
export function screenPlannedOf(
  { screen }: Pick<WalkState, 'screen'>,
  { box }: Pick<Part, 'box'>,
  car: Pick<Speech, 'country'> & { steering: Steering },
): ScreenPlanned {
  if (screen) return screen;
  const [widthMm, heightMm] = [Math.round(box.width), Math.round(box.height)];
  const { band } = usualScreen(widthMm, heightMm, car.steering);
  return {
    widthMm,
    heightMm,
    bandMiddleMm: Math.round(band.middle),
    bandWidthMm: band.width,
    rule: car.country === 'GB' ? 'uk' : 'none',
  };
}

export function ruleOf({ rule, ownBandMm, ownSweptMm }: ScreenPlanned): ScreenRule {
  switch (rule) {
    case 'uk':
      return ukScreenRule;
    case 'own':
      return {
        says: sayOfScreens('rule.own', { band: ownBandMm ?? 0, swept: ownSweptMm ?? 0 }),
        most: { 'driver-band': ownBandMm ?? 0, swept: ownSweptMm ?? 0, outside: undefined },
      };
    case 'none':
      return {
        says: sayOfScreens('rule.none'),
        most: { 'driver-band': undefined, swept: undefined, outside: undefined },
      };
  }
}

/** The screen's damages, placed and judged; undefined on a body without a screen. */
export function screenTable(state: WalkState, style: BodyStyle, car: Speech): ScreenTable | undefined {
  const part = style.parts.get('windscreen');
  if (!part?.face) return undefined;
  const planned = screenPlannedOf(state, part, car);
  const { widthMm, heightMm, bandMiddleMm, bandWidthMm } = planned;
  const plan: ScreenPlan = {
    ...usualScreen(widthMm, heightMm, car.steering),
    band: { middle: bandMiddleMm, width: bandWidthMm },
  };
  const rule = ruleOf(planned);
  const isTurned = style.faces[part.face].mirrored;
  const placeOf = ({ u, v }: Spot): ScreenPlace => [(isTurned ? 1 - u : u) * widthMm, (1 - v) * heightMm];
  const here = state.findings.filter((finding) => finding.part === part.id && isStanding(finding));
  const rows = here.flatMap((finding): ScreenRow[] => {
    const kind = judgedAs(finding);
    if (!kind) return [];
    const { extent, lengthMm, widthMm: across } = finding.details;
    const measured = Math.max(lengthMm ?? 0, across ?? 0);
    const isLine = kind !== 'chip' && extent?.form === 'line';
    const damage: ScreenDamage = {
      at: placeOf(isLine ? extent.from : finding.spot),
      ...(isLine && { to: placeOf(extent.to) }),
      ...(measured > 0 && { acrossMm: measured }),
      kind,
    };
    return [
      {
        finding: finding.id,
        number: finding.number,
        kind: finding.kind,
        damage,
        drawnMm: measured || DRAWN_MM,
        ...judgeScreen(damage, plan, rule),
      },
    ];
  });
  return {
    plan,
    planned,
    rule,
    rows,
    ...(rows.length > 0 && { summary: summaryOf(rows) }),
    others: here.filter((finding) => judgedAs(finding) === undefined),
  };
}

function summaryOf(rows: readonly ScreenRow[]): Text {
  const counts = (['chip', 'crack', 'scratch'] as const).flatMap((kind) => {
    const n = rows.filter(({ damage }) => damage.kind === kind).length;
    return n > 0 ? [sayOfScreens(`screen.${kind}`, { n })] : [];
  });
  const over = rows.filter(({ passes }) => passes === false).length;
  return listed('comma', [
    listed('and', counts),
    over > 0 ? sayOfScreens('screen.overAllowed', { n: over }) : undefined,
  ]);
}

/** What may be done about it. */
export const screenRepairTold = (repair: ScreenVerdict['repair']): Message => sayOfScreens(`mend.${repair}`);
