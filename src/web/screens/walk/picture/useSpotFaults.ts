import { useQuery } from '@tanstack/react-query';
import { faultsOf, type PictureFault } from '#core/photos';
import type { PictureSpot } from '#core/picture';
import { judgePhoto } from '../../../pictures/pictureWorker';
import { useSessions } from '../../../sync/SyncContext';

/** What is wrong with the picture just where the findings are marked: the rest may be sharp and they not. */
export function useSpotFaults(
  sha256: string,
  spots: readonly PictureSpot[],
): readonly { number: number; faults: readonly PictureFault[] }[] {
  const { outbox } = useSessions();
  const { data = [] } = useQuery({
    queryKey: ['spot-faults', sha256, spots],
    enabled: spots.length > 0,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: async () => {
      const blob = outbox.photo(sha256) ?? (await (await fetch(`/api/photos/${sha256}/1600`)).blob());
      const judged = await Promise.all(spots.map(({ at }) => judgePhoto(blob, at)));
      return spots.map(({ number }, i) => {
        const quality = judged[i]?.quality;
        return { number, faults: quality ? faultsOf(quality) : [] };
      });
    },
  });
  return data.filter(({ faults }) => faults.includes('soft') || faults.includes('shaken'));
}
