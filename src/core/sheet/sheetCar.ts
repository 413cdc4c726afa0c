import type { SheetTask, WorkTold } from '../api';
import { type BodyStyle, type Car, carTitle, plateName, vocabularyOf } from '../car';
import { type Fault, faultsOf } from '../cures';
import { type Drawing, type DrawnFinding, findingsDrawing } from '../report';
import type { NamedTask } from '../schedule';
import { decisionLine, findingCaution, isPromised, noticeOf, type WalkState } from '../walk';

/** So many pictures of one fault: one where it is, one of the thing, and one more. */
const MOST_PHOTOS = 3;

export interface CarForSheet {
  state: WalkState;
  style: BodyStyle;
  car: Car;
}

/** How a car of a job sheet is known. */
export const carOnSheet = ({ car }: Pick<CarForSheet, 'car'>) => ({
  stockNumber: car.stockNumber,
  title: carTitle(car),
  colour: car.colour,
  plate: car.plate && `${plateName(car)} ${car.plate}`,
  standsAt: car.standsAt,
});

/** Tasks with what was found, as whoever does them reads it. What a buyer would pay is the yard's own matter. */
export function tasksOnSheet(
  { state, style, car }: CarForSheet,
  tasks: readonly NamedTask[],
  workOf: (task: string) => WorkTold | undefined,
  now: Date,
): SheetTask[] {
  const faults = new Map(faultsOf(state, style, car, now).map((fault) => [fault.id, fault]));
  return tasks.map(({ id, says, minutes, cautions, mends }) => {
    const work = workOf(id);
    return {
      id,
      says,
      minutes,
      cautions: [...cautions],
      faults: mends.flatMap((each) => {
        const fault = faults.get(each);
        return fault ? [faultOnSheet(fault, state, car)] : [];
      }),
      ...(work && { work }),
    };
  });
}

function faultOnSheet(fault: Fault, state: WalkState, car: Car): SheetTask['faults'][number] {
  const { id, number, notice, isSuspected, where, says, decision } = fault;
  const finding = id.startsWith('finding ') ? id.slice('finding '.length) : undefined;
  const photos = state.photos.filter(
    (photo) =>
      photo.role !== 'after' &&
      !state.setAside.has(photo.sha256) &&
      !state.withdrawn.has(photo.sha256) &&
      (finding
        ? photo.finding === finding
        : fault.part !== undefined && photo.part === fault.part && !photo.finding),
  );
  return {
    id,
    ...(number !== undefined && { number }),
    ...(notice && { notice }),
    isSuspected,
    where,
    says,
    agreed: isPromised({ decision }) ? decisionLine({ decision }, vocabularyOf(car)) : '',
    photos: photos.slice(0, MOST_PHOTOS).map(({ sha256 }) => sha256),
  };
}

/** Where the faults of these tasks are, by their numbers; undefined where none of them is a finding with a place. */
export function mapOfTasks(
  { state, style, car }: CarForSheet,
  tasks: readonly Pick<NamedTask, 'mends'>[],
): Drawing | undefined {
  const wanted = new Set(tasks.flatMap(({ mends }) => mends));
  const findings = state.findings
    .filter(({ id }) => wanted.has(`finding ${id}`))
    .map((finding): DrawnFinding => {
      const { notice, source } = noticeOf(finding, car.paintTone);
      return {
        number: finding.number,
        part: finding.part,
        spot: finding.spot,
        suspected: finding.standing.status === 'suspected',
        ...(notice && { notice }),
        ...(source && { noticeSource: source }),
        caution: findingCaution(finding, style.parts.get(finding.part)),
      };
    });
  if (findings.length === 0) return undefined;
  const { begun } = state;
  return findingsDrawing({
    car: { ...car, ...begun },
    findings,
    says: 'Where the faults of these jobs are, by their numbers.',
    isNear: true,
  });
}
