import {
  type FaceId,
  faceName,
  handOf,
  type Part,
  partIdOf,
  partNameWithoutSide,
  styleOf,
  twinPosition,
} from '../car';
import { sentence, withinSentence } from '../wording';
import type { ReportDocument } from './reportDocument';
import { findingsAlone, isSimplyClear } from './wording';

type ReportPart = ReportDocument['parts'][number];
/** Names several parts of one place in few words. */
type Namer = (parts: readonly ReportPart[]) => string;

/** The parts of one side or place in walking order, as few lines as say everything. */
export interface PartGroup {
  face: FaceId | undefined;
  title: string;
  /** Which parts are clear, what was looked for and is not there, where findings are; then what needs a line of its own. */
  lines: readonly string[];
  parts: readonly ReportPart[];
}

/** Every part of a report, grouped: reassurance in one breath, what needs a word of its own line by line. */
export function partGroups({ parts, car }: Pick<ReportDocument, 'parts' | 'car'>): PartGroup[] {
  const style = styleOf(car);
  const faces = [...new Set(parts.map(({ face }) => face))];
  return faces.map((face) => {
    const here = parts.filter((part) => part.face === face);
    const named: Namer = (list) => shortNames(list, face, (id) => style.parts.get(id), car).join(', ');
    return {
      face,
      title: face ? sentence(faceName(face, car)) : 'Figures and papers',
      lines: linesOf(here, named),
      parts: here,
    };
  });
}

/** The side is in the title, and two of a pair are told as both. */
function shortNames(
  list: readonly ReportPart[],
  face: FaceId | undefined,
  partOf: (id: string) => Part | undefined,
  car: ReportDocument['car'],
): string[] {
  const isSide = face === 'left' || face === 'right';
  const ids = new Set(list.map(({ part }) => part));
  return list.flatMap(({ part: id, name }) => {
    const part = partOf(id);
    if (!part?.position) return [withinSentence(name)];
    const short = partNameWithoutSide(part, car);
    if (isSide) return [short];
    if (!ids.has(partIdOf(part.kind, twinPosition(part.position)))) return [withinSentence(name)];
    // The pair is named once, where its left one stands.
    return handOf(part.position) === 'l' ? [`${short} (both)`] : [];
  });
}

function linesOf(parts: readonly ReportPart[], named: Namer): string[] {
  const plain = parts.filter(isSimplyClear);
  const swept = plain.filter(({ look }) => look === 'swept');
  const own = plain.filter(({ look }) => look !== 'swept');
  const found = (isRestClear: boolean, title: string): string[] => {
    const here = parts.filter((part) => findingsAlone(part)?.isRestClear === isRestClear);
    const told = here.map((part) => `${named([part])} (${part.findings.join(', ')})`);
    return told.length > 0 ? [`${title}: ${told.join(', ')}.`] : [];
  };
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
    ...reassurance(parts, 'absent', 'Looked for, and not there', named),
    ...reassurance(parts, 'swept', 'In the sweep', named),
    ...found(false, 'With findings'),
    ...found(true, 'With findings, the rest of it clear'),
    ...parts
      .filter((part) => !isSimplyClear(part) && !findingsAlone(part))
      .map((part) => `${sentence(named([part]))}: ${part.says}`),
  ];
}

/** "Looked for, and not there: straight, no dents (wing, front door); door edge free of nicks (front door)". */
function reassurance(
  parts: readonly ReportPart[],
  of: 'absent' | 'swept',
  title: string,
  named: Namer,
): string[] {
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
