import { useQuery } from '@tanstack/react-query';
import type { Figures } from '#core/api';
import { getJson } from '../../../api/client';

/** What other walks of a car read off its odometer; undefined while that is not known. */
export const useOdometerElsewhere = (car: string): Figures['figures'] | undefined =>
  useQuery({
    queryKey: ['odometer', car],
    queryFn: () => getJson<Figures>(`/api/cars/${car}/odometer`),
  }).data?.figures;
