import {
  type BodyStyle,
  type FaceId,
  faceName,
  type Part,
  partNameForAnyone,
  type Speech,
  vocabularyOf,
} from '../car';
import {
  actionLine,
  type Finding,
  findingLine,
  isStanding,
  noticeWords,
  partStatus,
  routeOf,
  testLine,
  type WalkState,
} from '../walk';
import { sentence, withinSentence } from '../wording';

/** What to say while one stands at one side of the car. */
export interface Cue {
  heading: string;
  lines: readonly string[];
}

/**
 * A talk track for whoever still films the walk: what was found in route order, in plain sentences with the right sides. Clear parts that
 * follow each other are said in one breath; suspicions that came to nothing are not said at all.
 */
export function cueSheet(state: WalkState, style: BodyStyle, speech: Speech): Cue[] {
  const cues: { face: FaceId | undefined; heading: string; lines: string[] }[] = [];
  let clear: string[] = [];
  const endClear = () => {
    if (clear.length > 0) cues.at(-1)?.lines.push(`Clear: ${clear.join(', ')}.`);
    clear = [];
  };
  for (const { part: id, face } of routeOf(state, style)) {
    const part = style.parts.get(id);
    if (!part) continue;
    if (cues.length === 0 || cues.at(-1)?.face !== face) {
      endClear();
      cues.push({ face, heading: face ? sentence(faceName(face, speech)) : 'Papers and figures', lines: [] });
    }
    const name = partNameForAnyone(part, speech);
    const here = state.findings.filter((finding) => finding.part === id && isStanding(finding));
    const look = state.looks.get(id);
    if (here.length > 0) {
      endClear();
      for (const finding of here) cues.at(-1)?.lines.push(lineOf(finding, part, speech));
    } else if (look?.status === 'not-seen') {
      endClear();
      cues.at(-1)?.lines.push(`${sentence(name)}: could not be seen, ${look.why}.`);
    } else if (partStatus(state, id) === 'clear') clear.push(name);
  }
  endClear();
  return cues.filter(({ lines }) => lines.length > 0).map(({ heading, lines }) => ({ heading, lines }));
}

function lineOf(finding: Finding, part: Part, speech: Speech): string {
  const vocabulary = vocabularyOf(speech);
  const { notice, action } = finding.details;
  const line = findingLine(finding, vocabulary);
  return [
    `${sentence(partNameForAnyone(part, speech))}: ${withinSentence(line)}.`,
    finding.standing.status === 'suspected' ? 'Not sure yet.' : '',
    testLine(finding) && `${sentence(testLine(finding))}.`,
    notice &&
      `Noticed ${notice === 'up-close' ? 'only ' : 'from '}${noticeWords[notice].name.toLowerCase()}.`,
    action && action !== 'leave' ? `Will be done: ${actionLine(finding, vocabulary).toLowerCase()}.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}
