import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import type { CarErasing } from '#core/api';
import { getJson, sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';

/** Erases a car for good, once it is said what goes with it and the stock number was typed. */
export function EraseCar({ car }: { car: string }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [typed, setTyped] = useState('');
  const goes = useQuery({
    queryKey: ['car-erasing', car],
    queryFn: () => getJson<CarErasing>(`/api/cars/${car}/erasing`),
  });
  const erase = useMutation({
    mutationFn: () =>
      sendJson<{ erased: string }>('POST', `/api/cars/${car}/erasing`, { stockNumber: typed }),
    onSuccess: () => {
      client.removeQueries({ predicate: ({ queryKey: [, of] }) => of === car });
      void client.invalidateQueries({ queryKey: ['cars'] });
      navigate('/', { replace: true });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    erase.mutate();
  };
  if (goes.error) return <Notice look="warn">{goes.error.message}</Notice>;
  if (!goes.data) return null;
  return (
    <form onSubmit={submit} className="space-y-3">
      <WhatGoes {...goes.data} />
      <TextField
        id="erase-stock"
        label={`Type ${goes.data.stockNumber} to erase it`}
        autoComplete="off"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {erase.error && <Notice look="warn">{erase.error.message}</Notice>}
      <Button look="warn" type="submit" disabled={erase.isPending || typed.trim() === ''}>
        <Trash2 aria-hidden size={20} /> {erase.isPending ? 'Erasing…' : 'Erase it for good'}
      </Button>
    </form>
  );
}

function WhatGoes({ walks, reports, openLinks, files }: CarErasing) {
  return (
    <ul className="list-disc space-y-1 pl-5">
      <li>
        The car, {many(walks, 'walk', 'walks')} and{' '}
        {many(files, 'photo or recording', 'photos and recordings')} go, but for files that another car’s walk
        shows too. This cannot be undone.
      </li>
      {reports > 0 && (
        <li>
          {many(reports, 'frozen report goes', 'frozen reports go')} with it, and what buyers asked and
          signed.{' '}
          {openLinks > 0 &&
            `${many(openLinks, 'link opens', 'links open')} a report today: whoever has one reads that there is nothing there any more. `}
          PDFs and archives that somebody saved stay with them.
        </li>
      )}
      <li>Backups hold it until they are thinned out: up to twelve months.</li>
      <li>“Who did what” keeps that it was erased, by whom and when.</li>
    </ul>
  );
}

const many = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;
