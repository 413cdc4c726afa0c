import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { BoardPage, Moved, PlannedBoard } from '#core/api';
import { getJson, sendJson } from '../../../api/client';

const KEY = ['board'];

export interface Place {
  crew: string;
  day: string;
  half: 0 | 1;
}

/** The board, to plan it anew and to put jobs elsewhere. */
export function useBoard() {
  const client = useQueryClient();
  const query = useQuery({ queryKey: KEY, queryFn: () => getJson<BoardPage>('/api/board') });
  const plan = useMutation({
    mutationFn: () => sendJson<PlannedBoard>('POST', '/api/board/planned', {}),
    onSuccess: ({ board }) => {
      client.setQueryData(KEY, board);
      move.reset();
    },
  });
  const move = useMutation({
    mutationFn: (wanted: { task: string; to: Place | null }) =>
      sendJson<Moved>('PUT', '/api/board/place', wanted),
    onSuccess: ({ board }) => client.setQueryData(KEY, board),
  });
  return { query, plan, move };
}

export type Board = ReturnType<typeof useBoard>;
