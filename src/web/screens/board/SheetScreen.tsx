import { Printer } from 'lucide-react';
import { useParams } from 'react-router';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { Bar } from '../../shell/Bar';
import { dayName } from './boardWeek';
import { SheetCar } from './SheetCar';
import { useBoard } from './useBoard';

/** What somebody does on one day: car by car, each job with its place, pictures, what was agreed and what to be careful of. On a phone and on paper. */
export function SheetScreen() {
  const { crew = '', day = '' } = useParams();
  const { query } = useBoard();
  const { data } = query;
  const member = data?.crew.members.find(({ id }) => id === crew);
  const tasks = (data?.tasks ?? []).filter(({ crew: who, from }) => who === crew && from?.day === day);
  const cars = (data?.cars ?? []).filter(({ walk }) => tasks.some((task) => task.walk === walk));
  const title = member ? `${member.name}, ${dayName(day)}` : 'Job sheet';
  return (
    <>
      <div className="print:hidden">
        <Bar title={title} back={{ to: '/board', label: 'Back to the board' }}>
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={18} /> Print
          </Button>
        </Bar>
      </div>
      <main className="mx-auto max-w-3xl p-3 print:max-w-none print:p-0">
        <p className="hidden text-2xl font-bold print:block">{title}</p>
        {query.error && <Notice look="warn">{query.error.message}</Notice>}
        {data && cars.length === 0 && <p className="py-6">Nothing is planned for that day.</p>}
        {cars.map((car) => (
          <SheetCar key={car.walk} car={car} tasks={tasks.filter(({ walk }) => walk === car.walk)} />
        ))}
        {cars.length > 0 && (
          <p className="mt-4 text-sm text-soft">
            Local law and the rules of the house come first; what is said here is the usual caution.
          </p>
        )}
      </main>
    </>
  );
}
