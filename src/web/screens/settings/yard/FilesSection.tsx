import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { BrokenFile, FilesPage } from '#core/api';
import { longDay } from '#core/wording';
import { getJson } from '../../../api/client';
import { Notice } from '../../../components/Notice';

const whatWords: Record<BrokenFile['what'], string> = {
  original: 'The original of a photo',
  copy: 'A photo',
  recording: 'A recording',
};
const whyWords: Record<NonNullable<FilesPage['left']>['why'], string> = {
  'new-index': 'the database is new',
  'older-index': 'the database is older than they are',
  'smaller-index': 'the database names fewer photos than it did',
};

/** How the server's photos and recordings stand: whole, damaged, or put aside. */
export function FilesSection() {
  const files = useQuery({
    queryKey: ['yard-files'],
    queryFn: () => getJson<FilesPage>('/api/yard/files'),
  });
  return (
    <section aria-labelledby="files" className="mt-10 space-y-3 border-t border-ink pt-6">
      <h2 id="files" className="text-xl">
        Photos on the server
      </h2>
      {files.error && <Notice look="warn">{files.error.message}</Notice>}
      {files.data && <Standing {...files.data} />}
    </section>
  );
}

function Standing({ kept, checked, broken, left, aside, free }: FilesPage) {
  return (
    <>
      <p>
        {kept === 0
          ? 'No photos or recordings are kept yet.'
          : `${count(kept, 'file is', 'files are')} kept. Each is read again once a week to see whether it is still what it was; ${checked === kept ? 'all have been' : `${checked.toLocaleString('en-GB')} have been so far`}${broken.length === 0 ? ', and none is damaged' : ''}.`}{' '}
        {(free / 1e9).toFixed(1)} GB of room are left.
      </p>
      {broken.length > 0 && (
        <Notice look="warn">
          <p className="font-bold">
            {broken.length === 1
              ? 'One file is damaged or gone.'
              : `${broken.length} files are damaged or gone.`}{' '}
            Send the photo again from the phone or folder it came from, and it is whole again.
          </p>
          <ul className="mt-2 space-y-2">
            {broken.map(({ what, sha256, problem, walks }) => (
              <li key={`${what} ${sha256}`}>
                {whatWords[what]} is {problem === 'missing' ? 'gone' : 'damaged'}:{' '}
                {walks.length === 0
                  ? 'no walk shows it.'
                  : walks.map(({ walk, title }) => (
                      <Link key={walk} to={`/walks/${walk}/pictures`} className="mr-2 underline">
                        {title}
                      </Link>
                    ))}
              </li>
            ))}
          </ul>
        </Notice>
      )}
      {left && (
        <Notice look="warn">
          {count(left.files, 'file belongs', 'files belong')} to no photo Zelk knows, and {whyWords[left.why]}
          : nothing was moved. If the database is not the right one, stop Zelk and bring back the last backup.
        </Notice>
      )}
      {aside.length > 0 && (
        <div>
          <p>Files that belong to no photo were put aside, and are kept for 30 days:</p>
          <ul className="mt-1 space-y-1">
            {aside.map(({ since, files, bytes }) => (
              <li key={since}>
                {longDay(since)}: {count(files, 'file', 'files')}, {(bytes / 1e6).toFixed(1)} MB
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

const count = (n: number, one: string, many: string): string =>
  `${n.toLocaleString('en-GB')} ${n === 1 ? one : many}`;
