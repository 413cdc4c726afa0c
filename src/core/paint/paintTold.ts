import { type PaintUnit, paintDepthTold, paintRangeTold } from '../measure';
import { listed, type Message, starting, type Text } from '../told';
import type { PaintLevel } from './paintLevel';
import { say } from './say';
import type { EyeEvidence, PaintClass, PanelVerdict } from './verdict';

type Numbers = Required<Pick<PanelVerdict, 'medianUm' | 'lowestUm' | 'highestUm' | 'ratio'>> &
  Pick<PanelVerdict, 'twinUm'>;

/** What a class rests on, with its numbers. What the eye saw changes the wording, never the numbers. */
export function panelTold(
  found: Exclude<PaintClass, 'not-enough' | 'cannot-read'>,
  n: Numbers,
  level: PaintLevel,
  eye: EyeEvidence | undefined,
  unit: PaintUnit,
): Text {
  const figures = figuresTold(n, level, unit);
  const signs = eye?.signs.length ? listed('comma', eye.signs) : undefined;
  const agrees = signs && say('panel.agrees', { signs });
  switch (found) {
    case 'thicker':
      return listed('sentences', [
        say(signs ? 'panel.thickerSeen' : 'panel.thicker'),
        starting(say('panel.line', { figures })),
        agrees ?? say('panel.nothingSeen'),
      ]);
    case 'far-thicker':
    case 'local-repair':
      return listed('sentences', [say(`panel.${found}`, { figures }), agrees]);
    case 'thin':
    case 'under':
      return say(`panel.${found}`, { figures });
    case 'as-the-rest':
      return listed('sentences', [
        say('panel.as-the-rest', { figures }),
        signs && say('panel.butSeen', { signs }),
      ]);
  }
}

function figuresTold(n: Numbers, level: PaintLevel, unit: PaintUnit): Message {
  const told = (um: number) => paintDepthTold(um, unit);
  const values = {
    median: told(n.medianUm),
    range: paintRangeTold(n.lowestUm, n.highestUm, unit),
    ratio: n.ratio,
    level: told(level.um),
  };
  return n.twinUm === undefined
    ? say('panel.figures', values)
    : say('panel.figuresTwin', { ...values, twin: told(n.twinUm) });
}

/** Of how many panels read enough the level comes, and how far they differ. */
export const levelTold = ({ um, panels, spreadUm }: PaintLevel, read: number, unit: PaintUnit): Message =>
  say('level', { level: paintDepthTold(um, unit), panels, read, spread: paintDepthTold(spreadUm, unit) });

/** That the level may not be that of untouched paint, and why. */
export const doubtTold = (names: readonly Text[]): Message =>
  say('level.doubt', { names: listed('comma', names), n: names.length });

/** What coarse readings cannot tell, and what to do about it; undefined where they are fine. Common practice. */
export const coarseTold = ({ noise, spreadUm, um }: PaintLevel): Message | undefined =>
  noise > COARSE
    ? say('level.coarse', { noise: Math.round(noise * 100), least: Math.round((300 * spreadUm) / um) })
    : undefined;
const COARSE = 0.08;

/** The roof is rarely repaired, and shows whether someone stood on it: it checks the level. Common practice. */
export function roofTold(
  roof: Pick<PanelVerdict, 'class' | 'medianUm' | 'ratio'> | undefined,
  unit: PaintUnit,
): Message | undefined {
  if (roof?.medianUm === undefined || roof.ratio === undefined) return undefined;
  const told = paintDepthTold(roof.medianUm, unit);
  return roof.class === 'as-the-rest'
    ? say('level.roof', { roof: told })
    : say('level.roofNot', { roof: told, ratio: roof.ratio });
}
