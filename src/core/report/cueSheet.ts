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
  type Finding,
  findingLine,
  isStanding,
  lookWords,
  noticeWords,
  partStatus,
  routeOf,
  standingLooks,
  testLine,
  type WalkState,
} from '../walk';
import { sentence, withinSentence } from '../wording';
import { type CueCar, carAloud } from './carAloud';
import { remedyAloud } from './remedyAloud';

/** What to say while one stands at one side of the car. */
export interface Cue {
  heading: string;
  lines: readonly string[];
}

/**
 * A talk track for whoever still films the walk: what was found in route order, in plain sentences with the right sides. Clear parts that
 * follow each other are said in one breath; suspicions that came to nothing are not said at all.
 */
export function cueSheet(state: WalkState, style: BodyStyle, speech: CueCar): Cue[] {
  const cues: { face: FaceId | undefined; heading: string; lines: string[] }[] = [];
  let clear: ClearPart[] = [];
  const endClear = () => {
    if (clear.length > 0) cues.at(-1)?.lines.push(...clearAloud(clear));
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
    } else if (partStatus(state, id) === 'clear') {
      const said = look?.status === 'clear' ? [...look.absent, ...(look.swept ?? [])] : [];
      clear.push({
        name,
        looks: standingLooks(said, part, state.findings).map((look) => lookWords(look, vocabularyOf(speech))),
      });
    }
  }
  endClear();
  const told = cues.filter(({ lines }) => lines.length > 0).map(({ heading, lines }) => ({ heading, lines }));
  return [...told, ...carAloud(state, style, speech)];
}

interface ClearPart {
  name: string;
  looks: readonly string[];
}

/** As one says it aloud: which parts are clear, then what was looked for on them. */
function clearAloud(parts: readonly ClearPart[]): string[] {
  const looks = [...new Set(parts.flatMap((part) => part.looks))];
  return [
    `Clear: ${parts.map(({ name }) => name).join(', ')}.`,
    ...looks.map((says) => {
      const on = parts.filter((part) => part.looks.includes(says));
      return on.length === parts.length && parts.length > 1
        ? `All of them: ${says}.`
        : `${sentence(on.map(({ name }) => name).join(', '))}: ${says}.`;
    }),
  ];
}

function lineOf(finding: Finding, part: Part, speech: Speech): string {
  const vocabulary = vocabularyOf(speech);
  const { notice } = finding.details;
  const line = findingLine(finding, vocabulary);
  return [
    `${sentence(partNameForAnyone(part, speech))}: ${withinSentence(line)}.`,
    finding.standing.status === 'suspected' ? 'Not sure yet.' : '',
    testLine(finding) && `${sentence(testLine(finding))}.`,
    notice &&
      `Noticed ${notice === 'up-close' ? 'only ' : 'from '}${noticeWords[notice].name.toLowerCase()}.`,
    ...remedyAloud(finding.details, vocabulary),
  ]
    .filter(Boolean)
    .join(' ');
}
