import { describe, expect, it } from 'vitest';
import { usualCrew } from '#core/schedule';
import { type BoardTask, dayName, spansOf, tasksIn } from './boardWeek';

const days = ['2026-11-27', '2026-11-28', '2026-11-29', '2026-11-30', '2026-12-01'];
const stay: BoardTask = {
  id: 'a',
  walk: '018f0000-0000-7000-8000-0000000000aa',
  trade: 'body-shop',
  says: 'Paint',
  minutes: 0,
  mends: [],
  cautions: [],
  crew: 'body-shop',
  from: { day: '2026-11-27', half: 1 },
  to: { day: '2026-11-30', half: 0 },
  waits: '',
  isFixed: false,
};

describe('the days of a board', () => {
  it('are those on which somebody works or something stands, not those the yard is closed, five at a time', () => {
    const board = { days, crew: { ...usualCrew, closed: ['2026-12-01'] }, tasks: [] };
    expect(spansOf(board)).toEqual([['2026-11-27', '2026-11-30']]);
    expect(spansOf({ ...board, tasks: [stay] })).toEqual([days.slice(0, 4)]);
    const more = [
      ...days,
      '2026-12-02',
      '2026-12-03',
      '2026-12-04',
      '2026-12-05',
      '2026-12-06',
      '2026-12-07',
    ];
    expect(spansOf({ ...board, days: more }).map((span) => span.length)).toEqual([5, 1]);
  });

  it('have what stays over a half-day in it', () => {
    const at = (day: string, half: 0 | 1) => tasksIn([stay], 'body-shop', day, half).length;
    expect([
      at('2026-11-27', 0),
      at('2026-11-27', 1),
      at('2026-11-29', 0),
      at('2026-11-30', 0),
      at('2026-11-30', 1),
    ]).toEqual([0, 1, 1, 1, 0]);
    expect(tasksIn([stay], 'workshop', '2026-11-27', 1)).toEqual([]);
  });

  it('are named as people name them', () => {
    expect(dayName('2026-12-03')).toBe('Thu 3 Dec');
  });
});
