import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { Round } from '#core/api';
import { lookIssue, lookIssueWords, type MorningLook } from '#core/diary';
import { longDay } from '#core/wording';
import { getJson } from '../api/client';
import { useMe } from '../people/me';
import { useOutbox, useSessions } from '../sync/SyncContext';
import { settle, settledRound, settlingOf } from './settling';

export type RoundCar = Round['cars'][number];
/** What was seen of a car, before it has an id and a time. */
export type Seen = Omit<MorningLook, 'id' | 'car' | 'at' | 'day'>;

const LAST = 'zelk.last-look';

/** The day here, as people write it down: a yard has its own morning. */
export function dayHere(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The cars as they stand with their looks, those that wait on this device among them; and how a look is said or taken back. */
export function useMornings() {
  const client = useQueryClient();
  const me = useMe();
  const { outbox } = useSessions();
  const { looks: waiting } = useOutbox();
  const round = useQuery({ queryKey: ['mornings'], queryFn: () => getJson<Round>('/api/mornings') });
  const [settling, setSettling] = useState(() => settlingOf(waiting));
  const now = settle(settling, waiting, round.data);
  if (now !== settling) setSettling(now);
  // What was sent is on the server now: its list is asked for anew.
  useEffect(() => {
    if (now.left > 0) void client.invalidateQueries({ queryKey: ['mornings'] });
  }, [now.left, client]);
  const cars = useMemo(
    () => round.data && settledRound(round.data, now, me.person),
    [round.data, now, me.person],
  );
  /** Says how a car was found; tells what is wrong where the clock cannot be right. */
  const say = useCallback(
    (car: string, seen: Seen): { problem: string } | { look: MorningLook } => {
      const now = new Date();
      const look: MorningLook = { id: newId(), car, at: now.toISOString(), day: dayHere(now), ...seen };
      const last = localStorage.getItem(LAST) ?? undefined;
      const issue = lookIssue(look, { now: look.at, ...(last && { last }) });
      if (issue) return { problem: lookIssueWords(issue, longDay) };
      localStorage.setItem(LAST, look.at);
      void outbox.addLook({ id: look.id, look });
      return { look };
    },
    [outbox],
  );
  const takeBack = useCallback(
    (look: MorningLook) => {
      const { id, car, at, day, ...seen } = look;
      // Whoever looked is known by the server.
      const { who: _, ...rest } = seen as typeof seen & { who?: string };
      void outbox.addLook({ id, look: { id, car, at, day, ...rest }, isTakenBack: true });
    },
    [outbox],
  );
  return { cars, error: round.error, isAway: round.error !== null && cars !== undefined, say, takeBack };
}
