import type { Part, PartId, Vocabulary } from '../../car';
import { speakTread } from '../../measure';
import { type Finding, type LookId, lookWords, type PartLook, partStatus, standingLooks } from '../../walk';
import { sentence } from '../../wording';
import type { ReportDocument, ReportFinding } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { statusSays } from '../wording';

/** Every part in walk order, clear ones said to be clear. */
export function partsInOrder(
  { state, style, vocabulary, route, concerns, nameOf }: WalkTold,
  findings: readonly ReportFinding[],
  putRight: NonNullable<ReportDocument['putRight']>,
): ReportDocument['parts'] {
  return route.map(({ part, face }) => {
    const here = findings.filter((finding) => finding.part === part).map(({ number }) => number);
    const look = state.looks.get(part);
    const status = partStatus(state, part, concerns);
    const known = concerns.get(part) ?? [];
    return {
      part,
      name: sentence(nameOf(part)),
      face,
      status,
      says: [
        statusSays(status, here, look?.status === 'not-seen' ? look.why : undefined, {
          isSwept: isSweptOnly(look),
          // Something else that is known of it speaks against that.
          isRestClear: known.length === 0 && isRestClear(look, part, state.findings),
        }),
        ...known,
        ...putRight.flatMap((each) => (each.part === part ? [`${each.number} put right`] : [])),
      ].join('; '),
      findings: here,
      ...lookTold(look, style.parts.get(part), state.findings, vocabulary),
    };
  });
}

/** Cleared by itself after the last of its findings was noted: that is said of the rest of it. */
const isRestClear = (look: PartLook | undefined, part: PartId, findings: readonly Finding[]): boolean =>
  look?.status === 'clear' &&
  look.isOwn &&
  findings.every((finding) => finding.part !== part || finding.at <= look.at);

const isSweptOnly = (look: PartLook | undefined): boolean => look?.status === 'clear' && !look.isOwn;

/** What was looked for and is not there; what a fault that stands contradicts is not told. */
function lookTold(
  look: PartLook | undefined,
  part: Part | undefined,
  findings: readonly Finding[],
  vocabulary: Vocabulary,
): Pick<ReportDocument['parts'][number], 'look' | 'absent' | 'swept'> {
  if (look?.status !== 'clear' || !part) return {};
  const words = (said: readonly LookId[]) =>
    standingLooks(said, part, findings).map((id) => lookWords(id, vocabulary));
  const [absent, swept] = [words(look.absent), words(look.swept ?? [])];
  return {
    look: look.isOwn ? 'own' : 'swept',
    ...(absent.length > 0 && { absent }),
    ...(swept.length > 0 && { swept }),
  };
}

export function treadsInOrder({ state, route, nameOf }: WalkTold): ReportDocument['treads'] {
  return route.flatMap(({ part }) => {
    const read = state.treads.get(part);
    return read ? [{ part, name: sentence(nameOf(part)), depth: speakTread(read.depth, read.unit) }] : [];
  });
}
