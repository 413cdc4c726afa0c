import { useCallback, useEffect, useState } from 'react';
import { v4 as newId } from 'uuid';
import { RefusedError } from '../../api/client';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import type { Draft, DraftStore } from './draftStore';
import { sendCheck } from './sendCheck';

/** Without signal it is tried again so often, and whenever the phone says that it is back. */
const TRY_AGAIN_MS = 15_000;

interface SigningOffProps {
  store: DraftStore;
  draft: Draft;
  change: (more: Partial<Draft>) => void;
}

/** Signed, and on its way. */
export function SigningOff({ store, draft, change }: SigningOffProps) {
  const [refusal, setRefusal] = useState<string>();
  const send = useCallback(() => {
    sendCheck(store, draft)
      .then((sent) => change({ sent }))
      .catch((error: Error) => {
        if (error instanceof RefusedError) setRefusal(error.message);
      });
  }, [store, draft, change]);
  useEffect(() => {
    if (refusal) return;
    send();
    const timer = setInterval(send, TRY_AGAIN_MS);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [send, refusal]);
  if (refusal)
    return (
      <Notice look="warn" className="mt-4">
        <p>{refusal}</p>
        {/* Another id: what was signed under the first is not touched. */}
        <Button className="mt-2" onClick={() => change({ signedAt: undefined, signature: [], id: newId() })}>
          Change it and sign again
        </Button>
      </Notice>
    );
  return (
    <Notice className="mt-4">
      <p className="font-bold">Signed. It is kept on this phone and on its way to the yard.</p>
      <p>Without signal, leave this page open or come back to it: it is sent as soon as there is some.</p>
      <Button className="mt-2" onClick={send}>
        Send now
      </Button>
    </Notice>
  );
}
