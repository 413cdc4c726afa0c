import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileDown } from 'lucide-react';
import { useParams } from 'react-router';
import type { Sheet } from '#core/api';
import { getJson } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { useMay } from '../../../people/me';
import { SheetDays } from '../../../sheet/SheetDays';
import { yardSheetActions } from '../../../sheet/sheetActions';
import { Bar } from '../../../shell/Bar';
import { dayName } from './boardWeek';
import { TradeLinksOf } from './TradeLinksOf';

/** What somebody does on one day, on a phone and on paper; and the link by which a trade sees it. */
export function SheetScreen() {
  const { crew = '', day = '' } = useParams();
  const client = useQueryClient();
  const mayPlan = useMay('plan');
  const path = `/api/board/${encodeURIComponent(crew)}/sheet`;
  const query = useQuery({
    queryKey: ['sheet', crew, day],
    queryFn: () => getJson<Sheet>(`${path}?day=${encodeURIComponent(day)}`),
  });
  const { data } = query;
  const again = () => {
    void client.invalidateQueries({ queryKey: ['sheet'] });
    void client.invalidateQueries({ queryKey: ['board'] });
  };
  const title = data ? `${data.crew.name}, ${dayName(day)}` : 'Job sheet';
  return (
    <>
      <div className="print:hidden">
        <Bar title={title} back={{ to: '/board', label: 'Back to the board' }}>
          <a className={buttonLook()} href={`${path}.pdf?day=${encodeURIComponent(day)}`}>
            <FileDown aria-hidden size={18} /> PDF
          </a>
        </Bar>
      </div>
      <main className="mx-auto max-w-3xl p-3 pb-16 print:max-w-none print:p-0">
        <p className="hidden text-2xl font-bold print:block">{title}</p>
        {query.error && <Notice look="warn">{query.error.message}</Notice>}
        {data && data.days.length === 0 && <p className="py-6">Nothing is planned for that day.</p>}
        {data && <SheetDays sheet={data} actions={yardSheetActions} onSaid={again} />}
        {data && mayPlan && <TradeLinksOf crew={data.crew} />}
      </main>
    </>
  );
}
