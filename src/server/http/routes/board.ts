import { z } from 'zod';
import { type BoardPage, boardPageSchema, movedSchema, plannedBoardSchema } from '#core/api';
import { crewSchema, emptyBoard, moveBody, slotOf, usualCrew } from '#core/schedule';
import { shortDay } from '#core/wording';
import type { Context } from '../../context';
import { witnessed } from '../../people/witnessed';
import { boardPage, groundOfBoard, standing, stoodOf } from '../../planning/board';
import { calendarOf } from '../../planning/calendar';
import { makeTurns } from '../../planning/inTurn';
import { notFound, unprocessable } from '../../problems';
import { type AnyRoute, route } from '../route';

/** So long a schedule is searched for. */
const SEARCH_MS = 1500;

/** Who does what when, for all cars the yard works on. */
export function boardRoutes(context: Context): AnyRoute[] {
  const { stores, pool, now } = context;
  const { plans } = stores;
  const inTurn = makeTurns();
  return [
    route({
      method: 'get',
      path: '/api/board',
      summary: 'The board of days: who does what when, and when each car is ready',
      needs: 'plan',
      gives: boardPageSchema,
      handle: async () => {
        const ground = await groundOfBoard(context);
        return boardPage(context, ground, standing(ground));
      },
    }),
    route({
      method: 'post',
      path: '/api/board/planned',
      summary: 'Search the best days for everything that is not put there by hand',
      needs: 'plan',
      gives: plannedBoardSchema,
      handle: () =>
        inTurn(async () => {
          const ground = await groundOfBoard(context);
          const yard = { ...ground.yard, fixed: [...ground.yard.fixed] };
          const { placed, cost, bound, tries } = await pool.run('schedule', {
            yard,
            ms: SEARCH_MS,
            seed: yard.tasks.length,
          });
          const { days } = ground;
          const stood = Object.fromEntries(
            placed.map(({ task, crew, start }) => [
              task,
              {
                crew,
                day: days[Math.floor(start / 2)] as string,
                half: start % 2 === 0 ? (0 as const) : (1 as const),
              },
            ]),
          );
          const state = { ...ground.state, stood };
          plans.setBoard(state, now().toISOString());
          const after = { ...ground, state };
          return {
            board: boardPage(context, after, standing(after)),
            tries,
            atMostBetter: cost > 0 ? Math.max(0, Math.ceil((100 * (cost - bound)) / cost)) : 0,
          };
        }),
    }),
    route({
      method: 'put',
      path: '/api/board/place',
      summary: 'Put a task to a day by hand, or let it go again; says what that moves and breaks',
      needs: 'plan',
      body: moveBody,
      gives: movedSchema,
      handle: ({ body: { task, to } }) =>
        inTurn(async () => {
          const ground = await groundOfBoard(context);
          const { days, yard, state } = ground;
          const wanted = yard.tasks.find(({ id }) => id === task);
          if (!wanted) throw notFound('job', 'It may have been put right, or taken out of the plan.');
          const before = standing(ground);
          const fixed = new Map(yard.fixed);
          const { [task]: _, ...others } = state.fixed;
          if (to === null) fixed.delete(task);
          else {
            const start = slotOf(to, days[0] ?? '');
            const crew = yard.crews.find(({ id }) => id === to.crew);
            if (!crew?.trades.includes(wanted.trade))
              throw unprocessable('wrong-hands', 'They do not do this work. Put it to somebody who does.');
            if (start < 0)
              throw unprocessable('day-past', 'That day has passed. Choose today or a later one.');
            if (start >= yard.length)
              throw unprocessable(
                'day-too-far',
                `The board ends on ${shortDay(days.at(-1) ?? '')}. Choose an earlier day.`,
              );
            if ((crew.minutes[start] ?? 0) === 0)
              throw unprocessable(
                'nobody-here',
                `${crew.name} is not here then. Choose a day on which they are.`,
              );
            fixed.set(task, { crew: to.crew, start });
          }
          const kept = {
            ...ground,
            yard: { ...yard, fixed },
            state: { ...state, stood: stoodOf(before, days) },
          };
          const after = standing(kept, fixed);
          plans.setBoard(
            {
              ...emptyBoard,
              stood: stoodOf(after, days),
              fixed: to === null ? others : { ...others, [task]: to },
            },
            now().toISOString(),
          );
          const [was, is] = [boardPage(context, ground, before), boardPage(context, kept, after)];
          return { board: is, effects: effectsOf(was, is, task) };
        }),
    }),
    route({
      method: 'get',
      path: '/api/board/:crew/calendar.ics',
      summary: 'What one person, trade or body shop does, as a calendar (RFC 5545)',
      needs: 'plan',
      params: z.object({ crew: z.string().max(40) }),
      gives: 'text/calendar',
      handle: async ({ params }, _request, response) => {
        const ground = await groundOfBoard(context);
        const page = boardPage(context, ground, standing(ground));
        const member = page.crew.members.find(({ id }) => id === params.crew);
        if (!member) throw notFound('calendar', 'They may have been taken off the board.');
        response
          .set('Content-Disposition', `attachment; filename="${member.id}.ics"`)
          .type('text/calendar')
          .send(calendarOf(page, member, now()));
      },
    }),
    route({
      method: 'put',
      path: '/api/crew',
      summary: 'Set who does what on which days, and when the yard is closed',
      needs: 'manage',
      body: crewSchema,
      gives: crewSchema,
      handle: ({ body, by }) => {
        plans.setCrew(body, now().toISOString());
        witnessed(context, by, 'yard-changed');
        return plans.crew() ?? usualCrew;
      },
    }),
  ];
}

/** What a change does, in words: promises first, then cars that are ready on another day, then how many jobs moved. */
function effectsOf(was: BoardPage, is: BoardPage, task: string): string[] {
  const effects: string[] = [];
  for (const car of is.cars) {
    const before = was.cars.find(({ walk }) => walk === car.walk);
    if (!before) continue;
    const [late, wasLate] = [car.lateDays, before.lateDays];
    if (late > wasLate && car.promised)
      effects.push(
        `${car.stockNumber} is ${late} ${late === 1 ? 'day' : 'days'} late for what was promised by ${shortDay(car.promised)}.`,
      );
    else if (late < wasLate && late === 0) effects.push(`${car.stockNumber} keeps what was promised again.`);
    else if (car.ready?.day !== before.ready?.day)
      effects.push(
        car.ready
          ? `${car.stockNumber} is ready on ${shortDay(car.ready.day)}, not ${before.ready ? `on ${shortDay(before.ready.day)}` : 'at all as before'}.`
          : `${car.stockNumber} has no day on which it is ready any more.`,
      );
  }
  const moved = is.tasks.filter((each) => {
    const before = was.tasks.find(({ id }) => id === each.id);
    return (
      each.id !== task && (before?.from?.day !== each.from?.day || before?.from?.half !== each.from?.half)
    );
  });
  if (moved.length > 0)
    effects.push(`${moved.length} other ${moved.length === 1 ? 'job moves' : 'jobs move'} with it.`);
  return effects.length > 0 ? effects : ['Nothing else moves.'];
}
