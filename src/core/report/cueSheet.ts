import {
  type BodyStyle,
  type FaceId,
  faceName,
  type Part,
  partNameForAnyone,
  partNames,
  type Speech,
  type Vocabulary,
  vocabularyOf,
} from '../car';
import {
  adviceLine,
  decisionLine,
  driveGroups,
  driveSays,
  type Finding,
  findingLine,
  isPromised,
  isStanding,
  lookWords,
  noticeWords,
  partStatus,
  type Remedy,
  routeOf,
  standingLooks,
  statementSays,
  storySays,
  testLine,
  type WalkState,
  workLine,
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

/** What is said at the end, standing before the whole car: statements, story, drive. */
function carAloud(state: WalkState, style: BodyStyle, speech: Speech): Cue[] {
  const nameOf = partNames(style, speech);
  const sideOf = (face: FaceId) => sentence(faceName(face, speech));
  const statements = [...state.statements.values()].map(
    (made) => `${sentence(statementSays(made, { vocabulary: vocabularyOf(speech), nameOf, sideOf }))}.`,
  );
  const story = [...state.story.values()].map((told) => `${storySays(told)}.`);
  const drove = driveGroups.flatMap((group) => {
    const told = state.drove.get(group);
    return told ? [`On the drive, ${driveSays(group, told)}.`] : [];
  });
  const lines = [...statements, ...story, ...drove];
  return lines.length > 0 ? [{ heading: 'The whole car', lines }] : [];
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

/** As one says it aloud: "It should polish out." "We will have that put right before collection: touch in." */
function remedyAloud(remedy: Remedy, vocabulary: Vocabulary): string[] {
  const work = workLine(remedy, vocabulary).toLowerCase();
  if (isPromised(remedy)) return [`${decisionLine(remedy, vocabulary)}${work && `: ${work}`}.`];
  const advice = adviceLine(remedy, vocabulary);
  const isTold = remedy.cures?.[0]?.sure !== undefined;
  const decision = decisionLine(remedy, vocabulary);
  return [
    ...(advice ? [isTold ? `It ${advice}.` : `What would mend it: ${advice}.`] : []),
    ...(decision ? [`${decision}.`] : []),
  ];
}
