import type { Part, PartId } from '../../car';
import { treadTold } from '../../measure';
import { listed, own, starting, type Text, type Told } from '../../told';
import {
  type Finding,
  isStanding,
  type LookId,
  type NotThere,
  notThereTold,
  type PartLook,
  type PartStatus,
  partStatus,
  standingLooks,
  type WalkState,
} from '../../walk';
import type { ReportDocument } from '../reportDocument';
import type { FindingTold } from '../rowsTold';
import type { WalkTold } from '../walkTold';
import { say } from '../words';

/** Every part in walk order, clear ones said to be clear. */
export function partsInOrder(
  { state, style, route, concerns, nameOf }: WalkTold,
  findings: readonly FindingTold[],
  putRight: Told<NonNullable<ReportDocument['putRight']>>,
): Told<ReportDocument['parts']> {
  return route.map(({ part, face }) => {
    const here = findings.filter((finding) => finding.part === part).map(({ number }) => number);
    const look = state.looks.get(part);
    const status = partStatus(state, part, concerns);
    const known = concerns.get(part) ?? [];
    const mended = putRight.filter((each) => each.part === part);
    const isNamed = status === 'findings' || status === 'second-look';
    // Something else that is known of it speaks against that.
    const isRestClear =
      isNamed && known.length === 0 && look?.status !== 'not-seen' && restIsClear(look, part, state.findings);
    return {
      part,
      name: starting(nameOf(part)),
      face,
      status,
      says: starting(
        listed('semicolon', [
          ...statusTold(status, here, look?.status === 'not-seen' ? look.why : undefined, isSweptOnly(look)),
          isRestClear ? say('part.restClear') : undefined,
          ...known,
          ...mended.map(({ number }) => say('part.putRight', { number })),
        ]),
      ),
      ...(known.length === 0 && mended.length === 0 && { isAlone: true as const }),
      ...(isRestClear && { isRestClear: true as const }),
      findings: here,
      ...lookTold(look, style.parts.get(part), state),
    };
  });
}

/** Cleared by itself after the last of its findings was noted: that is said of the rest of it. */
const restIsClear = (look: PartLook | undefined, part: PartId, findings: readonly Finding[]): boolean =>
  look?.status === 'clear' &&
  look.isOwn &&
  findings.every((finding) => finding.part !== part || finding.at <= look.at);

const isSweptOnly = (look: PartLook | undefined): boolean => look?.status === 'clear' && !look.isOwn;

/** What was looked for and is not there; what a fault that stands contradicts is not told. */
function lookTold(
  look: PartLook | undefined,
  part: Part | undefined,
  { findings, notThere }: Pick<WalkState, 'findings' | 'notThere'>,
): Told<Pick<ReportDocument['parts'][number], 'look' | 'absent' | 'swept'>> {
  if (!part) return {};
  const onlyThese = (notThere.get(part.id) ?? []).flatMap((not) =>
    isContradicted(not, part.id, findings) ? [] : notThereTold(not),
  );
  if (look?.status !== 'clear') return onlyThese.length > 0 ? { absent: onlyThese } : {};
  const words = (said: readonly LookId[]) =>
    standingLooks(said, part, findings).map((id) => say(`look.${id}`));
  const [absent, swept] = [[...words(look.absent), ...onlyThese], words(look.swept ?? [])];
  return {
    look: look.isOwn ? 'own' : 'swept',
    ...(absent.length > 0 && { absent }),
    ...(swept.length > 0 && { swept }),
  };
}

/** A fault that stands takes away what was said of its like; a small one says nothing against none being larger. */
const isContradicted = ({ kinds, over }: NotThere, part: string, findings: readonly Finding[]): boolean =>
  findings.some(
    (finding) =>
      finding.part === part &&
      isStanding(finding) &&
      (kinds === undefined || kinds.includes(finding.kind)) &&
      (over === undefined || isLarger(finding, over)),
  );

const isLarger = (
  { details: { lengthMm, howBad } }: Finding,
  over: NonNullable<NotThere['over']>,
): boolean => (over === 'big' ? howBad === 'bad' : lengthMm !== undefined && lengthMm > over);

/** What is known of a part by itself, before all else that is. */
function statusTold(
  status: PartStatus,
  findings: readonly number[],
  why: string | undefined,
  isSwept: boolean,
): (Text | undefined)[] {
  switch (status) {
    case 'clear':
      return [say(isSwept ? 'part.swept' : 'part.clear')];
    case 'looked-at':
      return [say('part.lookedAt')];
    case 'not-looked-at':
      return [say('part.notLookedAt')];
    case 'not-seen':
      return [say('part.notSeen', { why: own(why ?? '') })];
    case 'findings':
    case 'second-look':
      return [
        say('part.findings', {
          n: findings.length,
          numbers: listed(
            'comma',
            findings.map((n) => say('number', { n })),
          ),
        }),
        status === 'second-look' ? say('part.secondLook') : undefined,
        why ? say('part.partly', { why: own(why) }) : undefined,
      ];
  }
}

export function treadsInOrder({ state, route, nameOf }: WalkTold): Told<ReportDocument['treads']> {
  return route.flatMap(({ part }) => {
    const read = state.treads.get(part);
    return read ? [{ part, name: starting(nameOf(part)), depth: treadTold(read.depth, read.unit) }] : [];
  });
}
