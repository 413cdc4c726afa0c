import type { PaintUnit } from '../measure';
import { listed } from '../told';
import {
  FEWEST_READINGS,
  type PaintLevel,
  type PanelReadings,
  paintLevel,
  robustZ,
  typicalUm,
} from './paintLevel';
import { panelTold } from './paintTold';
import { say } from './say';
import type { EyeEvidence, PaintClass, PanelVerdict } from './verdict';

/** House figures, common practice: see docs. Micrometres and ratios to the car's own level. */
export const PAINT_LIMITS = {
  /** Painted again, and so many of the car's own spreads beyond its level too. */
  thicker: 1.21,
  spreads: 2.6,
  /** So far under the level, the level itself is in doubt. */
  under: 0.8,
  /** Filler possible. */
  fillerUm: 300,
  fillerTimes: 2.6,
  /** Not to be machine-polished. */
  thinUm: 75,
  /** Within one panel: highest over lowest, when the highest is thick for this car. */
  unevenTimes: 1.45,
  /** … and by so much more than one reading scatters. */
  unevenSpreads: 4,
} as const;

export interface PanelToJudge extends PanelReadings {
  /** Plastic and carbon give no reading. */
  isMetal: boolean;
  /** A gauge reads another thickness over aluminium, and works paint it otherwise: panels are compared with their like. Steel when left out. */
  metal?: 'steel' | 'aluminium';
  twin?: string;
  eye?: EyeEvidence;
}

/** Judges every panel against the car's own level, with its numbers spoken in a unit. Says nothing of why a panel was painted. */
export function judgePaint(
  panels: readonly PanelToJudge[],
  unit: PaintUnit = 'um',
): {
  level?: PaintLevel;
  /** Panels that read far under the level: it may be that of panels painted again. */
  doubt?: readonly string[];
  verdicts: PanelVerdict[];
} {
  const levels = new Map(
    (['steel', 'aluminium'] as const).map((metal) => [
      metal,
      paintLevel(panels.filter((each) => each.isMetal && (each.metal ?? 'steel') === metal)),
    ]),
  );
  // Of a car all of aluminium, that is its level.
  const level = levels.get('steel') ?? levels.get('aluminium');
  const medians = new Map(
    panels.flatMap(({ part, um, isMetal }) =>
      isMetal && um.length >= FEWEST_READINGS ? [[part, typicalUm(um)] as const] : [],
    ),
  );
  const verdicts = panels.map((panel): PanelVerdict => {
    const { part, um, isMetal, metal = 'steel', twin, eye } = panel;
    const like = levels.get(metal);
    if (!isMetal) return { part, class: 'cannot-read', says: say('panel.notMetal') };
    if (um.length < FEWEST_READINGS || !like)
      return {
        part,
        class: 'not-enough',
        ...(um.length > 0 && { medianUm: typicalUm(um) }),
        says:
          um.length < FEWEST_READINGS
            ? say('panel.few', { n: um.length, least: FEWEST_READINGS })
            : say(metal === 'aluminium' && level ? 'panel.fewAluminium' : 'panel.fewPanels'),
      };
    const medianUm = medians.get(part) as number;
    const [lowestUm, highestUm] = [Math.min(...um), Math.max(...um)];
    const ratio = medianUm / like.um;
    const z = robustZ(medianUm, like);
    const twinUm = twin === undefined ? undefined : medians.get(twin);
    const numbers = { medianUm, lowestUm, highestUm, ratio, z, ...(twinUm !== undefined && { twinUm }) };
    const found = classOf({ ...numbers }, like);
    return { part, class: found, ...numbers, says: panelTold(found, numbers, like, eye, unit) };
  });
  return { ...(level && { level }), ...doubtOf(verdicts), verdicts: verdicts.map(inDoubt(verdicts)) };
}

type Numbers = Required<Pick<PanelVerdict, 'medianUm' | 'lowestUm' | 'highestUm' | 'ratio' | 'z'>> &
  Pick<PanelVerdict, 'twinUm'>;

function classOf(
  { medianUm, lowestUm, highestUm, ratio, z }: Numbers,
  level: PaintLevel,
): Exclude<PaintClass, 'not-enough' | 'cannot-read'> {
  if (medianUm > Math.max(PAINT_LIMITS.fillerUm, PAINT_LIMITS.fillerTimes * level.um)) return 'far-thicker';
  if (ratio > PAINT_LIMITS.thicker && z > PAINT_LIMITS.spreads) return 'thicker';
  const scatter = Math.hypot(level.noise, level.spreadUm / level.um);
  const isThickSomewhere =
    highestUm / level.um > Math.max(PAINT_LIMITS.unevenTimes, 1 + PAINT_LIMITS.unevenSpreads * scatter);
  if (isThickSomewhere && highestUm / lowestUm > PAINT_LIMITS.unevenTimes) return 'local-repair';
  if (medianUm < PAINT_LIMITS.thinUm) return 'thin';
  if (ratio < PAINT_LIMITS.under && -z > PAINT_LIMITS.spreads) return 'under';
  return 'as-the-rest';
}

const underOf = (verdicts: readonly PanelVerdict[]): string[] =>
  verdicts.flatMap(({ part, class: found }) => (found === 'under' ? [part] : []));

/** A respray only adds: what reads far under the level says that the level may be that of painted panels. */
function doubtOf(verdicts: readonly PanelVerdict[]): { doubt?: readonly string[] } {
  const under = underOf(verdicts);
  return under.length > 0 ? { doubt: under } : {};
}

/** "As the rest" says little where the rest may be painted. */
const inDoubt =
  (all: readonly PanelVerdict[]) =>
  (verdict: PanelVerdict): PanelVerdict =>
    verdict.class === 'as-the-rest' && underOf(all).length > 0
      ? { ...verdict, says: listed('sentences', [verdict.says, say('panel.inDoubt')]) }
      : verdict;
