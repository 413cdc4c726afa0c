import type { FunctionId } from '../functions';
import type { FunctionRun } from '../walk';
import { ownDayOf } from './ownDay';
import type { Looked } from './stood';

/** Tests over night of the functions list, as mornings of the diary: one truth, whoever wrote it down where. What was put down from the mornings is no further one. The days are those of the diary. */
export function overnightLooks({ tried }: Pick<FunctionRun, 'tried'>, diary: readonly Looked[]): Looked[] {
  const dayOf = ownDayOf(diary);
  const lookOf = (id: FunctionId, seen: (isFine: boolean) => Partial<Looked>): Looked[] => {
    const test = tried.get(id);
    if (!test || test.isFromMornings || (test.state !== 'works' && test.state !== 'faulty')) return [];
    return [{ at: test.at, day: dayOf(test.at), ...seen(test.state === 'works') }];
  };
  return [
    ...lookOf('battery-overnight', (held) => ({ held })),
    ...lookOf('suspension-overnight', (isFine) => ({ level: isFine ? 'level' : 'sunk' })),
  ];
}

/** So many mornings as they should be answer a test over night. House figure. */
const ENOUGH = 3;

/** Tests over night that the mornings answer: as they should be on every one of at least three that were looked at. */
export function answeredByMornings(looks: readonly Looked[]): { function: FunctionId; says: string }[] {
  const days = (isSaid: (look: Looked) => boolean) =>
    new Set(looks.filter(isSaid).map(({ day }) => day)).size;
  const started = days(({ start }) => start !== undefined);
  const level = days(({ level: stood }) => stood !== undefined);
  const isFine = (isBad: (look: Looked) => boolean) => !looks.some(isBad);
  return [
    ...(started >= ENOUGH && isFine(({ start }) => start !== undefined && start !== 'at-once')
      ? [{ function: 'battery-overnight', says: `started at once on ${started} mornings` } as const]
      : []),
    ...(level >= ENOUGH && isFine(({ level: stood }) => stood === 'sunk')
      ? [{ function: 'suspension-overnight', says: `stood level on ${level} mornings` } as const]
      : []),
  ];
}
