import { type FaceId, faceName } from '../car';
import { sentence, withinSentence } from '../wording';
import type { ReportDocument } from './reportDocument';
import { isSimplyClear } from './wording';

type ReportPart = ReportDocument['parts'][number];

/** The parts of one side or place in walking order, as few lines as say everything. */
export interface PartGroup {
  face: FaceId | undefined;
  title: string;
  /** What was looked for and is not there, and which parts are clear; then, part by part, what is not simply clear. */
  lines: readonly string[];
  parts: readonly ReportPart[];
}

/** Every part of a report, grouped: reassurance in one breath, what needs a word of its own line by line. */
export function partGroups({ parts, car }: Pick<ReportDocument, 'parts' | 'car'>): PartGroup[] {
  const faces = [...new Set(parts.map(({ face }) => face))];
  return faces.map((face) => {
    const here = parts.filter((part) => part.face === face);
    return {
      face,
      title: face ? sentence(faceName(face, car)) : 'Figures and papers',
      lines: linesOf(here),
      parts: here,
    };
  });
}

/** Clear, and nothing else to say of it. */
const isPlain = ({ status, says }: ReportPart): boolean => status === 'clear' && isSimplyClear(says);

function linesOf(parts: readonly ReportPart[]): string[] {
  const plain = parts.filter(isPlain);
  const swept = plain.filter(({ look }) => look === 'swept');
  const own = plain.filter(({ look }) => look !== 'swept');
  const isAll = own.length === parts.length && own.length > 1;
  return [
    ...(own.length > 0
      ? [
          isAll
            ? `All ${own.length} parts looked at one by one and clear.`
            : `Looked at one by one and clear: ${named(own)}.`,
        ]
      : []),
    ...(swept.length > 0 ? [`Looked at in a sweep and clear: ${named(swept)}.`] : []),
    ...reassurance(parts, 'absent', 'Looked for, and not there'),
    ...reassurance(parts, 'swept', 'In the sweep'),
    ...parts.filter((part) => !isPlain(part)).map(({ name, says }) => `${name}: ${says}`),
  ];
}

/** "Looked for, and not there: straight, no dents (wing, front door); door edge free of nicks (front door)". */
function reassurance(parts: readonly ReportPart[], of: 'absent' | 'swept', title: string): string[] {
  const told = parts.filter((part) => (part[of] ?? []).length > 0);
  if (told.length === 0) return [];
  // What was said of the same parts is said of them together.
  const byParts = new Map<string, { on: ReportPart[]; says: string[] }>();
  for (const says of new Set(told.flatMap((part) => part[of] ?? []))) {
    const on = told.filter((part) => part[of]?.includes(says));
    const key = on.map(({ part }) => part).join(' ');
    const group = byParts.get(key) ?? { on, says: [] };
    group.says.push(says);
    byParts.set(key, group);
  }
  const groups = [...byParts.values()].map(({ on, says }) => `${says.join(', ')} (${named(on)})`);
  return [`${title}: ${groups.join('; ')}.`];
}

const named = (parts: readonly ReportPart[]): string =>
  parts.map(({ name }) => withinSentence(name)).join(', ');
