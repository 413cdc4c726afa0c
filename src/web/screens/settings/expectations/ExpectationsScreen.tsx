import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { ExpectationsPage } from '#core/api';
import { type ExpectationTable, readTable, tableAsJson, tableCells } from '#core/judge';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { InAndOut } from '../../../csv/InAndOut';
import { RefusedFile } from '../../../csv/RefusedFile';
import { parseCsv } from '../../../csv/sheets';
import { useMay } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { TableForm } from './TableForm';
import { Walkers } from './Walkers';

const PATH = '/api/expectations';

/** What is usual at a car's age and distance: where the yard begins, and what its own walks say by now. */
export function ExpectationsScreen() {
  const client = useQueryClient();
  const mayChange = useMay('manage');
  const query = useQuery({ queryKey: ['expectations'], queryFn: () => getJson<ExpectationsPage>(PATH) });
  const [refused, setRefused] = useState<readonly string[]>([]);
  const kept = (page: ExpectationsPage) => client.setQueryData(['expectations'], page);
  const save = useMutation({
    mutationFn: (table: ExpectationTable) => sendJson<ExpectationsPage>('PUT', PATH, table),
    onSuccess: kept,
  });
  const reset = useMutation({
    mutationFn: () => sendJson<ExpectationsPage>('DELETE', PATH, {}),
    onSuccess: kept,
  });
  const problem = query.error ?? save.error ?? reset.error;
  const page = query.data;
  const bring = (text: string) => {
    const read = readTable(text, parseCsv);
    setRefused(read.ok ? [] : read.says);
    if (read.ok) save.mutate(read.table);
  };
  return (
    <>
      <Bar title="What is usual" back={{ to: '/yard', label: 'Back to the yard' }} />
      <main className="mx-auto max-w-5xl space-y-6 p-4 pb-16">
        <p className="max-w-2xl">
          Nearly every car is excused “for its age”. This table says what is usual at an age and a distance;
          your own finished walks correct it little by little. A report calls a car better or worse than usual
          only where your own cars say so.
        </p>
        {problem && <Notice look="warn">{problem.message}</Notice>}
        <RefusedFile says={refused} />
        {page && (
          <>
            <p className="font-bold tabular-nums">
              {page.walks === 0
                ? 'No finished walk yet: every figure is the house’s, from memory.'
                : `Learned from ${page.walks} ${page.walks === 1 ? 'car' : 'cars'} with a signed report.`}
            </p>
            <TableForm
              key={JSON.stringify(page.table)}
              page={page}
              mayChange={mayChange}
              isSaving={save.isPending}
              onSave={save.mutate}
            />
            <div className="flex flex-wrap gap-2">
              <InAndOut
                name="zelk-what-is-usual"
                cells={() => tableCells(page.table)}
                json={() => tableAsJson(page.table)}
                {...(mayChange && { onText: bring })}
              />
              {mayChange && !page.isHouse && (
                <Button disabled={reset.isPending} onClick={() => reset.mutate()}>
                  Back to the house’s figures
                </Button>
              )}
            </div>
            {page.walkers.length > 0 && <Walkers walkers={page.walkers} />}
          </>
        )}
      </main>
    </>
  );
}
