import { describe, expect, it } from 'vitest';
import type { Trade } from '../plan';
import { exactly, type Job } from '../plan/job';
import type { Cure } from '../walk';
import { checkYard } from './checkYard';
import { crewSchema, crewsOver, daysFrom, usualCrew } from './crew';
import { scheduleYard } from './improve';
import { tasksOf } from './tasksOf';
import { tasksLeft, workSaidSchema } from './workDone';

const job = (cure: Cure, trade: Trade, minutes: number, n = 1): { job: Job; says: string } => ({
  says: `${cure} ${n}`,
  job: {
    id: `${cure} ${n}`,
    cure,
    trade,
    where: 'Bonnet',
    parts: [],
    mends: [],
    sure: 'will',
    minutes: exactly(minutes),
    lines: [],
    once: [],
  },
});

describe('the tasks of a car', () => {
  const tasks = tasksOf('BT-1', [
    job('polish', 'valeter', 150),
    job('full-panel', 'body-shop', 200),
    job('repair-panel', 'body-shop', 100),
    job('dent-removal', 'dent-specialist', 45),
    job('clean', 'valeter', 30),
    job('find-out', 'workshop', 45),
    job('wheel-refurbish', 'wheel-specialist', 300),
    job('replace', 'tyre-fitter', 40),
  ]);
  const earlier = (id: string) =>
    Object.fromEntries(
      (tasks.find((each) => each.id === `BT-1 ${id}`)?.after ?? []).map(({ task, lag }) => [
        task.slice(5),
        lag,
      ]),
    );

  it('come in the order of the trade: find out first, dents before paint, paint cures before polish, tyres after wheels', () => {
    expect(earlier('find-out 1')).toEqual({});
    expect(earlier('dent-removal 1')).toEqual({ 'find-out 1': 0, 'clean 1': 0 });
    expect(earlier('body-shop')).toEqual({ 'find-out 1': 0, 'clean 1': 0, 'dent-removal 1': 0 });
    expect(earlier('polish 1')).toEqual({
      'find-out 1': 0,
      'clean 1': 0,
      'dent-removal 1': 0,
      'body-shop': 2,
    });
    expect(earlier('replace 1')).toEqual({
      'find-out 1': 0,
      'wheel-refurbish 1 1': 0,
      'wheel-refurbish 1 2': 0,
    });
  });

  it('are half a day at most, the body shop one stay', () => {
    expect(
      tasks.filter(({ jobs }) => jobs.includes('wheel-refurbish 1')).map(({ minutes }) => minutes),
    ).toEqual([150, 150]);
    expect(tasks.find(({ id }) => id === 'BT-1 body-shop')).toMatchObject({
      length: 3,
      jobs: ['full-panel 1', 'repair-panel 1'],
    });
  });

  it('end with the last valet, pictures and the second walk, of a car with nothing to do as well', () => {
    expect(tasks.slice(-2).map(({ says }) => says)).toEqual(['Last valet', 'Pictures and second walk']);
    expect(earlier('second-walk')).toEqual({ 'last-valet': 0 });
    expect(Object.keys(earlier('last-valet'))).toHaveLength(tasks.length - 2);
    expect(tasksOf('BT-2', [])).toHaveLength(2);
  });

  it('find their places with the usual crew', () => {
    const crews = crewsOver(usualCrew, '2026-11-27', 30);
    const yard = { length: 60, crews, cars: [{ id: 'BT-1', daysInStock: 3 }], tasks, fixed: new Map() };
    expect(checkYard(yard)).toEqual([]);
    const { schedule } = scheduleYard(yard, { random: () => 0.5, isOver: () => true });
    expect(schedule.unplaced.size).toBe(0);
    // The dent specialist comes on Thursdays.
    const dents = schedule.placed.get('BT-1 dent-removal 1')?.start ?? 0;
    expect(daysFrom('2026-11-27', 30)[Math.floor(dents / 2)]).toBe('2026-12-03');
  });
});

describe('a crew', () => {
  it('has its minutes on its weekdays alone, and none on days the yard is closed', () => {
    // 2026-11-27 is a Friday.
    const crews = crewsOver({ ...usualCrew, closed: ['2026-11-30'] }, '2026-11-27', 7);
    const of = (id: string) => crews.find((crew) => crew.id === id)?.minutes;
    expect(of('valet-bay')).toEqual([210, 210, 0, 0, 0, 0, 0, 0, 210, 210, 210, 210, 210, 210]);
    expect(of('dents')).toEqual([0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 210, 210]);
  });

  it.each([
    [{ members: [{ ...usualCrew.members[0], trades: [] }] }, 'Say what they do.'],
    [{ members: [{ ...usualCrew.members[0], name: ' ' }] }, 'Give everybody a name.'],
    [{ members: [{ ...usualCrew.members[0], minutes: 481 }] }, 'eight hours'],
    [{ members: [usualCrew.members[0], usualCrew.members[0]] }, 'once'],
  ])('%o is refused with what to change', (change, says) => {
    expect(crewSchema.safeParse({ ...usualCrew, ...change }).error?.issues[0]?.message).toContain(says);
  });
});

describe('what is said of tasks', () => {
  const tasks = tasksOf('BT-1', [job('local-paint', 'paint-specialist', 90), job('polish', 'valeter', 60)]);
  const [paint, polish] = [tasks[0]?.id ?? '', tasks[1]?.id ?? ''];
  const yardWith = (left: ReturnType<typeof tasksLeft>) => ({
    length: 28,
    crews: crewsOver(usualCrew, '2026-03-16', 14),
    cars: [{ id: 'BT-1', daysInStock: 0 }],
    tasks: left,
    fixed: new Map(),
  });
  const noted = (says: 'done' | 'cannot', slot: number, why = '') => ({ says, slot, why, photos: [] });
  const placed = (left: ReturnType<typeof tasksLeft>) =>
    scheduleYard(yardWith(left), { random: () => 0.5, isOver: () => true }).schedule;

  it('done, it is no task any more, and its paint cures before it is polished', () => {
    const left = tasksLeft(tasks, new Map([[paint, noted('done', 1)]]));
    expect(left.map(({ id }) => id)).not.toContain(paint);
    // Done on Monday afternoon: a day later at the soonest.
    expect(placed(left).placed.get(polish)).toMatchObject({
      start: 4,
      because: { for: 'curing', task: paint },
    });
    expect(left.every(({ after }) => after.every(({ task }) => task !== paint))).toBe(true);
  });

  it('cannot be done, it is on no day, and what comes after it waits for it', () => {
    const left = tasksLeft(tasks, new Map([[paint, noted('cannot', 1, 'the colour is not in')]]));
    const { unplaced, ready } = placed(left);
    expect(unplaced.get(paint)).toEqual({ for: 'stopped', why: 'the colour is not in' });
    expect(unplaced.get(polish)).toEqual({ for: 'task', task: paint });
    expect(ready.size).toBe(0);
  });

  it('wants a reason where it cannot be done', () => {
    expect(workSaidSchema.safeParse({ says: 'cannot', why: ' ' }).success).toBe(false);
    expect(workSaidSchema.safeParse({ says: 'done' }).success).toBe(true);
  });
});
