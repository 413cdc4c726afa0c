import { Check, Copy } from 'lucide-react';
import { useState } from 'react';
import { Button } from './Button';

/** Puts a text where it can be pasted from; it stands beside the button, for browsers that do not let pages do that. */
export function CopyButton({ text, label = 'Copy the address' }: { text: string; label?: string }) {
  const [isCopied, setCopied] = useState(false);
  return (
    <div className="space-y-2">
      <p className="rounded-md border border-line bg-fill p-2 text-sm break-all">{text}</p>
      <Button onClick={() => navigator.clipboard.writeText(text).then(() => setCopied(true))}>
        {isCopied ? <Check aria-hidden size={20} /> : <Copy aria-hidden size={20} />}
        {isCopied ? 'Copied' : label}
      </Button>
    </div>
  );
}
