import { useQueryClient } from '@tanstack/react-query';
import { useLive } from '../../../sync/useLive';

/** Looks up questions and checks of a walk as soon as there are new ones. For desk screens: a phone on its round is not kept awake by it. */
export function useWalkNews(walk: string | undefined): void {
  const client = useQueryClient();
  const look = () => {
    void client.invalidateQueries({ queryKey: ['questions', walk] });
    void client.invalidateQueries({ queryKey: ['checks', walk] });
  };
  useLive(walk && `/api/walks/${walk}/live`, look, look);
}
