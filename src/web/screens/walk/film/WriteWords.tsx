import { useMutation, useQuery } from '@tanstack/react-query';
import { Captions } from 'lucide-react';
import type { CaptionsOffered, CaptionsWritten } from '#core/api';
import { getJson, sendFile } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';

/** Has the yard's own speech-to-text write the words of a film, where the yard has one. */
export function WriteWords({ file, onWords }: { file: Blob; onWords: (words: string) => void }) {
  const offered = useQuery({
    queryKey: ['captions'],
    queryFn: () => getJson<CaptionsOffered>('/api/captions'),
  });
  const write = useMutation({
    mutationFn: () =>
      sendFile<CaptionsWritten>('/api/captions', file, file.type || 'application/octet-stream'),
    onSuccess: ({ text }) => onWords(text),
  });
  if (!offered.data?.isOffered) return null;
  return (
    <>
      <Button className="w-full" disabled={write.isPending} onClick={() => write.mutate()}>
        <Captions aria-hidden size={20} />
        {write.isPending ? 'Writing what is said…' : 'Have the yard write its words'}
      </Button>
      {write.isPending && (
        <p role="status" className="text-sm text-soft">
          The film is sent to the yard for this and not kept there. It may take as long as the film runs.
        </p>
      )}
      {write.error && <Notice look="warn">{write.error.message}</Notice>}
    </>
  );
}
