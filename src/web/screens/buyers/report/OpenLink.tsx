import { RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../components/Button';

interface OpenLinkProps {
  label: string;
  onAgain: () => void;
  onWithdraw: () => void;
}

/** What may be done with a link that opens: another address of it in one tap, and withdrawing it, asked once. */
export function OpenLink({ label, onAgain, onWithdraw }: OpenLinkProps) {
  const [isAsking, setAsking] = useState(false);
  if (isAsking)
    return (
      <fieldset aria-label={`Withdraw ${label}`} className="max-w-md space-y-2 py-2">
        <p>
          Whoever has it can then open nothing by it any more. It cannot be taken back; a new link can be
          made.
        </p>
        <div className="grid grid-cols-2 gap-2">
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button look="warn" onClick={onWithdraw}>
            Withdraw it
          </Button>
        </div>
      </fieldset>
    );
  return (
    <div className="flex gap-2">
      <Button onClick={onAgain}>
        <RotateCcw aria-hidden size={18} /> Make again
      </Button>
      <Button look="warn" onClick={() => setAsking(true)}>
        Withdraw
      </Button>
    </div>
  );
}
