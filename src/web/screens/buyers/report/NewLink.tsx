import { Copy } from 'lucide-react';
import { useState } from 'react';
import type { NewShare } from '#core/api';
import { Button, buttonLook } from '../../../components/Button';
import { HandoverCode } from '../../../components/HandoverCode';
import { Notice } from '../../../components/Notice';

/** A link just made: to be copied, opened or read off the screen by a phone. */
export function NewLink({ share }: { share: NewShare }) {
  const url = new URL(share.path, window.location.origin).href;
  const [copied, setCopied] = useState(false);
  return (
    <Notice>
      <div className="flex flex-wrap items-start gap-4">
        <div className="min-w-48 flex-1">
          <p className="font-bold">Copy this link now: it is shown only once.</p>
          <p className="my-1 break-all" data-testid="share-link">
            {url}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => navigator.clipboard.writeText(url).then(() => setCopied(true))}>
              <Copy aria-hidden size={18} /> {copied ? 'Copied' : 'Copy'}
            </Button>
            <a className={buttonLook()} href={url} target="_blank" rel="noreferrer">
              Open it
            </a>
          </div>
        </div>
        <HandoverCode url={url} />
      </div>
    </Notice>
  );
}
