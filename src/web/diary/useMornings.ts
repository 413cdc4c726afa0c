import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { v4 as newId } from 'uuid';
import type { Round } from '#core/api';
import { type KeptLook, lookIssue, lookIssueWords, type MorningLook } from '#core/diary';
import { longDay } from '#core/wording';
import { getJson } from '../api/client';
import { useMe } from '../shell/me';
import { useOutbox, useSessions } from '../sync/SyncContext';

export type RoundCar = Round['cars'][number];
/** What was seen of a car, before it has an id and a time. */
export type Seen = Omit<MorningLook, 'id' | 'car' | 'at' | 'day'>;

const LAST = 'zelk.last-look';

/** The day here, as people write it down: a yard has its own morning. */
export function dayHere(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

const withoutLook = (round: Round, id: string): Round => ({
  cars: round.cars.map((car) => ({ ...car, looks: car.looks.filter((look) => look.id !== id) })),
});
const withLook = (round: Round, look: KeptLook): Round => ({
  cars: round.cars.map((car) => (car.car === look.car ? { ...car, looks: [...car.looks, look] } : car)),
});

/** The cars as they stand with their looks, those that wait on this device among them; and how a look is said or taken back. */
export function useMornings() {
  const client = useQueryClient();
  const me = useMe();
  const { outbox } = useSessions();
  const { looks: waiting } = useOutbox();
  const round = useQuery({ queryKey: ['mornings'], queryFn: () => getJson<Round>('/api/mornings') });
  // What was sent is on the server now: it is asked for before it is gone from here.
  const before = useRef(waiting.length);
  useEffect(() => {
    if (waiting.length < before.current) void client.invalidateQueries({ queryKey: ['mornings'] });
    before.current = waiting.length;
  }, [waiting, client]);
  const cars = useMemo(() => {
    const back = new Set(waiting.filter(({ isTakenBack }) => isTakenBack).map(({ id }) => id));
    return round.data?.cars.map((car): RoundCar => {
      const here = waiting
        .filter(({ look, isTakenBack, refusal }) => look.car === car.car && !isTakenBack && !refusal)
        .map(({ look }): KeptLook => ({ ...look, who: me.person }));
      const known = car.looks.filter(({ id }) => !back.has(id) && !here.some((look) => look.id === id));
      return { ...car, looks: [...known, ...here] };
    });
  }, [round.data, waiting, me.person]);
  /** Says how a car was found; tells what is wrong where the clock cannot be right. */
  const say = useCallback(
    (car: string, seen: Seen): { problem: string } | { look: MorningLook } => {
      const now = new Date();
      const look: MorningLook = { id: newId(), car, at: now.toISOString(), day: dayHere(now), ...seen };
      const last = localStorage.getItem(LAST) ?? undefined;
      const issue = lookIssue(look, { now: look.at, ...(last && { last }) });
      if (issue) return { problem: lookIssueWords(issue, longDay) };
      localStorage.setItem(LAST, look.at);
      // It stands from now on, also between being sent and being fetched anew.
      client.setQueryData<Round>(
        ['mornings'],
        (round) => round && withLook(round, { ...look, who: me.person }),
      );
      void outbox.addLook({ id: look.id, look });
      return { look };
    },
    [outbox, client, me.person],
  );
  const takeBack = useCallback(
    (look: MorningLook) => {
      const { id, car, at, day, ...seen } = look;
      // Whoever looked is known by the server.
      const { who: _, ...rest } = seen as typeof seen & { who?: string };
      client.setQueryData<Round>(['mornings'], (round) => round && withoutLook(round, id));
      void outbox.addLook({ id, look: { id, car, at, day, ...rest }, isTakenBack: true });
    },
    [outbox, client],
  );
  return { cars, error: round.error, isAway: round.error !== null && cars !== undefined, say, takeBack };
}
