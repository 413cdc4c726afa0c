import type { PaintUnit } from '../measure';
import { Z_LIMIT } from './modifiedZ';
import {
  FEWEST_READINGS,
  median,
  type PaintLevel,
  type PanelReadings,
  paintLevel,
  robustZ,
} from './paintLevel';
import { paintSentence } from './paintWords';
import type { EyeEvidence, PaintClass, PanelVerdict } from './verdict';

/** House figures, common practice: see docs. Micrometres and ratios to the car's own level. */
export const PAINT_LIMITS = {
  /** Painted again, with a z beyond the limit too. */
  thicker: 1.22,
  /** Filler possible. */
  fillerUm: 300,
  fillerTimes: 2.6,
  /** Not to be machine-polished. */
  thinUm: 75,
  /** Within one panel: highest over lowest, when the highest is thick for this car. */
  unevenTimes: 1.45,
} as const;

export interface PanelToJudge extends PanelReadings {
  /** Plastic and carbon give no reading. */
  isMetal: boolean;
  twin?: string;
  eye?: EyeEvidence;
}

/** Judges every panel against the car's own level, with its numbers spoken in a unit. Says nothing of why a panel was painted. */
export function judgePaint(
  panels: readonly PanelToJudge[],
  unit: PaintUnit = 'um',
): {
  level?: PaintLevel;
  verdicts: PanelVerdict[];
} {
  const metal = panels.filter(({ isMetal }) => isMetal);
  const level = paintLevel(metal);
  const medians = new Map(
    metal.flatMap(({ part, um }) => (um.length >= FEWEST_READINGS ? [[part, median(um)] as const] : [])),
  );
  const verdicts = panels.map((panel): PanelVerdict => {
    const { part, um, isMetal, twin, eye } = panel;
    if (!isMetal)
      return {
        part,
        class: 'cannot-read',
        says: 'Not metal: a gauge reads nothing here. Judged by eye alone.',
      };
    if (um.length < FEWEST_READINGS || !level)
      return {
        part,
        class: 'not-enough',
        ...(um.length > 0 && { medianUm: median(um) }),
        says:
          um.length < FEWEST_READINGS
            ? `${um.length} of at least ${FEWEST_READINGS} readings.`
            : 'Too few panels were read to know this car’s own level.',
      };
    const medianUm = medians.get(part) as number;
    const [lowestUm, highestUm] = [Math.min(...um), Math.max(...um)];
    const ratio = medianUm / level.um;
    const z = robustZ(medianUm, level);
    const twinUm = twin === undefined ? undefined : medians.get(twin);
    const numbers = { medianUm, lowestUm, highestUm, ratio, z, ...(twinUm !== undefined && { twinUm }) };
    const found = classOf({ ...numbers }, level);
    return { part, class: found, ...numbers, says: paintSentence(found, numbers, level, eye, unit) };
  });
  return { ...(level && { level }), verdicts };
}

type Numbers = Required<Pick<PanelVerdict, 'medianUm' | 'lowestUm' | 'highestUm' | 'ratio' | 'z'>> &
  Pick<PanelVerdict, 'twinUm'>;

function classOf({ medianUm, lowestUm, highestUm, ratio, z }: Numbers, level: PaintLevel): PaintClass {
  if (medianUm > Math.max(PAINT_LIMITS.fillerUm, PAINT_LIMITS.fillerTimes * level.um)) return 'far-thicker';
  if (ratio > PAINT_LIMITS.thicker && z > Z_LIMIT) return 'thicker';
  const isThickSomewhere = highestUm / level.um > PAINT_LIMITS.unevenTimes;
  if (isThickSomewhere && highestUm / lowestUm > PAINT_LIMITS.unevenTimes) return 'local-repair';
  if (medianUm < PAINT_LIMITS.thinUm) return 'thin';
  return 'as-the-rest';
}
