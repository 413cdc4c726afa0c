import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Link } from 'react-router';
import { Button, buttonLook } from '../../../components/Button';
import { BackCloses } from '../../../device/backCloses';

interface KeyHelpProps {
  keys: readonly (readonly [key: string, does: string])[];
  onClose: () => void;
}

/** The keys of a screen. */
export function KeyHelp({ keys, onClose }: KeyHelpProps) {
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <BackCloses close={onClose} />
      <div className="fixed inset-0 grid place-items-center bg-night/40 p-4">
        <DialogPanel className="w-full max-w-md rounded-md border border-ink bg-sheet p-4">
          <DialogTitle className="mb-2 text-xl font-bold">Keys</DialogTitle>
          <dl>
            {keys.map(([key, does]) => (
              <div key={key} className="grid grid-cols-[4.5rem_1fr] border-b border-line py-1">
                <dt className="font-bold">{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Link to="/help/what-to-say" className={`${buttonLook()} mt-3 w-full`}>
            What you can say
          </Link>
          <Button className="mt-2 w-full" onClick={onClose}>
            Close
          </Button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
