import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { useSessions } from '../../../sync/SyncContext';
import { CarForm } from './CarForm';

/** Adds a car, or edits one. */
export function CarFormScreen() {
  const { id } = useParams();
  const sessions = useSessions();
  const page = useQuery({
    queryKey: ['car', id],
    queryFn: () => sessions.loadCar(id ?? ''),
    enabled: id !== undefined,
    // What is being typed must not change under the hand.
    refetchOnWindowFocus: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <>
      <Bar
        title={id ? 'Edit car' : 'Add a car'}
        {...(page.data && { pageTitle: `Edit car · ${page.data.car.stockNumber}` })}
        back={id ? { to: `/cars/${id}`, label: 'Back to the car' } : { to: '/', label: 'Stock list' }}
      />
      <main className="mx-auto max-w-3xl p-4">
        {page.error && <Notice look="warn">{page.error.message}</Notice>}
        {id === undefined && <CarForm />}
        {page.data && <CarForm car={page.data.car} />}
      </main>
    </>
  );
}
