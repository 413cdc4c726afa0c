import type { FindingKind } from '../walk';
import type { PlaceOnPicture, PracticeAnswer, PracticeMark, PracticeTruth } from './exercise';

/** How an answer stands to what is there. */
export interface PracticeScore {
  /** Of a fault: seen, missed, or taken for dirt. Of dirt: known as dirt, left alone, or taken for a fault. Of nothing: left alone. */
  outcome: 'found' | 'missed' | 'taken-for-dirt' | 'known-dirt' | 'left-alone' | 'taken-for-fault';
  /** Faults marked where there is none, by what they were said to be; dirt taken for a fault among them. */
  falseAlarms: FindingKind[];
  /** Of a fault that was found and named. */
  isKindRight?: boolean;
  isSeverityRight?: boolean;
  isNoticeRight?: boolean;
  isSideRight?: boolean;
  /** Size said against the true one: 2 is twice as large. */
  sizeRatio?: number;
  ms: number;
}

/** Kinds that look alike and are told apart by more than a picture count as one. */
const alike: readonly (readonly FindingKind[])[] = [
  ['dent', 'crease'],
  ['scratch', 'scuff'],
  ['stone-chip', 'edge-nick', 'paint-loss'],
  ['rust', 'bloom'],
  ['respray-sign', 'old-repair', 'peel'],
];

/** Scores an answer. A mark in the area of what is there, or a finger's breadth from it, has found it. */
export function scorePractice(truth: PracticeTruth, { marks, side, ms }: PracticeAnswer): PracticeScore {
  const isOn = ({ at }: PracticeMark) =>
    truth.area !== undefined && (liesIn(at, truth.area) || awayFrom(at, truth.area) <= NEAR);
  const on = marks.filter(isOn);
  const fault = on.find((mark) => mark.is === 'fault');
  const astray = marks.filter((mark) => mark.is === 'fault' && !isOn(mark));
  const namesOf = (all: readonly PracticeMark[]) => all.map(({ kind }) => kind ?? 'other');
  const sided = truth.side && side ? { isSideRight: truth.side === side } : {};
  if (truth.is !== 'fault') {
    const wrong = marks.filter((mark) => mark.is === 'fault');
    return {
      outcome: outcomeOfNone(truth, fault, on, wrong),
      falseAlarms: namesOf(wrong),
      ...sided,
      ms,
    };
  }
  if (!fault)
    return {
      outcome: on.length > 0 ? 'taken-for-dirt' : 'missed',
      falseAlarms: namesOf(astray),
      ...sided,
      ms,
    };
  return {
    outcome: 'found',
    falseAlarms: namesOf(astray),
    ...(truth.kind && fault.kind && { isKindRight: isAlike(truth.kind, fault.kind) }),
    ...(truth.severity && fault.severity && { isSeverityRight: truth.severity === fault.severity }),
    ...(truth.notice && fault.notice && { isNoticeRight: truth.notice === fault.notice }),
    ...(truth.sizeMm && fault.sizeMm && { sizeRatio: fault.sizeMm / truth.sizeMm }),
    ...sided,
    ms,
  };
}

function outcomeOfNone(
  truth: PracticeTruth,
  fault: PracticeMark | undefined,
  on: readonly PracticeMark[],
  wrong: readonly PracticeMark[],
): PracticeScore['outcome'] {
  if (fault || (truth.is === 'nothing' && wrong.length > 0)) return 'taken-for-fault';
  return truth.is === 'dirt' && on.length > 0 ? 'known-dirt' : 'left-alone';
}

const isAlike = (a: FindingKind, b: FindingKind): boolean =>
  a === b || alike.some((kinds) => kinds.includes(a) && kinds.includes(b));

/** A finger hits so near, in shares of the picture. */
const NEAR = 0.03;

/** How far a place is from the outline. */
function awayFrom({ x, y }: PlaceOnPicture, area: readonly (readonly [number, number])[]): number {
  return Math.min(
    ...area.map(([ax, ay], i) => {
      const [bx, by] = area[(i + 1) % area.length] as readonly [number, number];
      const along = (bx - ax) ** 2 + (by - ay) ** 2;
      const share = along === 0 ? 0 : ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / along;
      const t = Math.min(1, Math.max(0, share));
      return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
    }),
  );
}

/** Whether a place lies in an outline, by counting the sides a ray from it crosses (Shimrat, Communications of the ACM 5, 1962). */
function liesIn({ x, y }: PlaceOnPicture, area: readonly (readonly [number, number])[]): boolean {
  let inside = false;
  area.forEach(([ax, ay], i) => {
    const [bx, by] = area[(i + 1) % area.length] as readonly [number, number];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
  });
  return inside;
}
