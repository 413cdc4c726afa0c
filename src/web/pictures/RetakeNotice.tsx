import { TriangleAlert } from 'lucide-react';
import { faultWords, type PictureFault } from '#core/photos';
import { Button } from '../components/Button';

/** Says at once what is wrong with the photo just taken, while one still stands there. */
export function RetakeNotice({
  faults,
  isCopy,
  onAgain,
  onKeep,
}: {
  faults: readonly PictureFault[];
  isCopy: boolean;
  onAgain: () => void;
  onKeep: () => void;
}) {
  const [worst] = faults;
  if (!worst && !isCopy) return null;
  return (
    <div role="alert" className="rounded-md border border-ink bg-tape-pale p-2">
      <p className="flex gap-2">
        <TriangleAlert aria-hidden size={20} className="mt-0.5 shrink-0" />
        <span>
          <span className="font-bold">
            {worst ? `${faultWords[worst].name}: take it again?` : 'Looks like a photo taken before.'}
          </span>{' '}
          {worst ? faultWords[worst].advice : 'Keep both if they show different things.'}
        </span>
      </p>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <Button onClick={onKeep}>Keep it</Button>
        <Button look="tape" onClick={onAgain}>
          {worst ? 'Take it again' : 'Take it off'}
        </Button>
      </div>
    </div>
  );
}
