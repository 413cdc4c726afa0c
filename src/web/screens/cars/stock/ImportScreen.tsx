import { useMutation, useQueryClient } from '@tanstack/react-query';
import { FileInput } from 'lucide-react';
import type { ChangeEvent } from 'react';
import { Link } from 'react-router';
import type { Imported } from '#core/api';
import { putPhoto, sendFile, sendJson } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { Bar } from '../../../shell/Bar';
import { hashPhoto } from '../../../sync/hashPhoto';
import { ImportYard } from './ImportYard';

/** Takes in a walk another Zelk exported, and then its pictures. */
export function ImportScreen() {
  const client = useQueryClient();
  const walk = useMutation({
    mutationFn: async (file: File) => {
      if (isZip(file)) return sendFile<Imported>('/api/imports/archive', file, 'application/zip');
      let content: unknown;
      try {
        content = JSON.parse(await file.text());
      } catch {
        throw new Error(
          'This file is neither JSON nor a ZIP. Choose one that “Export walk” or “Pictures as ZIP” saved.',
        );
      }
      return sendJson<Imported>('POST', '/api/imports', content);
    },
    onSuccess: () => client.invalidateQueries(),
  });
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    event.target.value = '';
    if (file) walk.mutate(file);
  };
  return (
    <>
      <Bar title="Import a walk" back={{ to: '/', label: 'Stock list' }} />
      <main className="mx-auto max-w-xl space-y-4 p-4">
        <p>
          A walk exported from another Zelk brings its car, log, photo list and reports; a ZIP brings its
          pictures too. Nothing already here is changed.
        </p>
        <label className={`${buttonLook('main')} cursor-pointer`}>
          <FileInput aria-hidden size={20} /> Choose a walk file
          <input
            className="sr-only"
            type="file"
            accept=".json,application/json,.zip,application/zip"
            onChange={choose}
          />
        </label>
        {walk.isPending && <p>Reading the file…</p>}
        {walk.error && <Notice look="warn">{walk.error.message}</Notice>}
        {walk.data && <Result key={walk.data.walk} imported={walk.data} />}
        <If may="people">
          <ImportYard />
        </If>
      </main>
    </>
  );
}

const isZip = (file: File): boolean => file.type.includes('zip') || file.name.toLowerCase().endsWith('.zip');

function Result({ imported }: { imported: Imported }) {
  const pictures = useMutation({
    mutationFn: async (files: File[]) => {
      const wanted = new Set(imported.photosMissing);
      let taken = 0;
      for (const file of files) {
        const sha256 = await hashPhoto(file);
        if (!wanted.has(sha256)) continue;
        await putPhoto(sha256, file);
        taken++;
      }
      return { taken, foreign: files.length - taken };
    },
  });
  const missing = imported.photosMissing.length - (pictures.data?.taken ?? 0);
  return (
    <section className="space-y-3">
      <Notice>
        {imported.entries === 0 && imported.reports === 0
          ? 'This walk was here already; nothing was added.'
          : `${imported.entries} entries and ${imported.reports} reports came in.`}
      </Notice>
      {missing > 0 && (
        <>
          <p>
            {missing} of its pictures are not here yet. Choose the original files; Zelk finds out which is
            which.
          </p>
          <label className={`${buttonLook()} cursor-pointer`}>
            Choose the pictures
            <input
              className="sr-only"
              type="file"
              accept="image/*"
              multiple
              onChange={(event) => pictures.mutate([...(event.target.files ?? [])])}
            />
          </label>
        </>
      )}
      {imported.recordingsMissing.length > 0 && (
        <p>
          {imported.recordingsMissing.length} of its recordings did not come with the file: save a ZIP from
          the Zelk it came from.
        </p>
      )}
      {pictures.data && (
        <p role="status">
          {pictures.data.taken} pictures came in
          {pictures.data.foreign > 0 && `; ${pictures.data.foreign} do not belong to this walk`}.
        </p>
      )}
      {pictures.error && <Notice look="warn">{pictures.error.message}</Notice>}
      <Link to={`/cars/${imported.car}`} className={buttonLook('main')}>
        Open the car
      </Link>
    </section>
  );
}
