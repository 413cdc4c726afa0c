import { useMutation } from '@tanstack/react-query';
import { Smartphone } from 'lucide-react';
import type { NewAddress } from '#core/api';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { OneTimeAddress } from './OneTimeAddress';

/** Shows a code that signs the same person in on the phone that scans it: once, within two minutes. */
export function BringPhone() {
  const make = useMutation({ mutationFn: () => sendJson<NewAddress>('POST', '/api/me/phone', {}) });
  return (
    <>
      <p>Hold the phone’s camera on the code: it is signed in as you, with nothing to type.</p>
      {make.error && <Notice look="warn">{make.error.message}</Notice>}
      {make.data && <OneTimeAddress key={make.data.id} address={make.data} />}
      <Button onClick={() => make.mutate()} disabled={make.isPending}>
        <Smartphone aria-hidden size={20} /> {make.data ? 'Show another code' : 'Show the code'}
      </Button>
    </>
  );
}
