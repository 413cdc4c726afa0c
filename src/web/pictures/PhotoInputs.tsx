import { Camera, ImagePlus, Images } from 'lucide-react';
import { type ChangeEvent, lazy, Suspense, useId, useRef, useState } from 'react';
import type { Fact } from '#core/walk';
import { Button, buttonLook } from '../components/Button';
import { useSessions } from '../sync/SyncContext';
import type { OpenWalk } from '../sync/useWalk';
import { twinAmong, usePictureFacts } from './judgements';
import { PHOTO_ACCEPT } from './photoFiles';
import { RetakeNotice } from './RetakeNotice';
import { type Purpose, useTakePhoto } from './useTakePhoto';

// The viewfinder is asked for by those who shoot many: the walk opens without it.
const Viewfinder = lazy(() => import('./Viewfinder').then((file) => ({ default: file.Viewfinder })));

interface PhotoInputsProps extends Purpose {
  walk: OpenWalk;
  say: (...facts: Fact[]) => void;
}

/** Photos from the camera, one by one or in a burst, or from files; each judged at once. */
export function PhotoInputs({ walk, say, ...purpose }: PhotoInputsProps) {
  const id = useId();
  const camera = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string>();
  const [last, setLast] = useState<string>();
  const [isShooting, setShooting] = useState(false);
  const take = useTakePhoto(say);
  const factsOf = usePictureFacts(walk.page);
  const { outbox } = useSessions();
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    setProblem(undefined);
    void outbox.takeIn(async () => {
      for (const file of files) {
        const taken = await take(file, file.name, purpose);
        if (taken.ok) setLast(taken.sha256);
        else setProblem(taken.problem);
      }
    });
  };
  const attached = walk.state.photos.findLast(({ sha256 }) => sha256 === last);
  const earlier = walk.state.photos.filter((photo) => photo !== attached).map(({ sha256 }) => sha256);
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-[1fr_1fr_3.5rem] gap-2">
        <label
          htmlFor={`${id}-camera`}
          className={`${buttonLook('tape')} cursor-pointer focus-within:outline-3`}
        >
          <Camera aria-hidden size={20} /> Take
          <input
            ref={camera}
            id={`${id}-camera`}
            className="sr-only"
            type="file"
            accept="image/*"
            capture="environment"
            onChange={choose}
          />
        </label>
        <Button onClick={() => setShooting(true)}>
          <Images aria-hidden size={20} /> Many
        </Button>
        <label
          htmlFor={`${id}-file`}
          title="Choose files"
          className={`${buttonLook()} cursor-pointer px-0! focus-within:outline-3`}
        >
          <ImagePlus aria-hidden size={20} />
          <span className="sr-only">Choose files</span>
          <input
            id={`${id}-file`}
            data-testid="photo-file"
            className="sr-only"
            type="file"
            accept={PHOTO_ACCEPT}
            multiple
            onChange={choose}
          />
        </label>
      </div>
      {problem && (
        <p role="alert" className="font-bold text-warn">
          {problem}
        </p>
      )}
      {attached && (
        <RetakeNotice
          faults={factsOf(attached.sha256).faults}
          isCopy={twinAmong(attached.sha256, earlier, factsOf) !== undefined}
          onKeep={() => setLast(undefined)}
          onAgain={() => {
            say({ kind: 'undone', body: { entry: attached.entry } });
            setLast(undefined);
            if (factsOf(attached.sha256).faults.length > 0) camera.current?.click();
          }}
        />
      )}
      {isShooting && (
        <Suspense fallback={null}>
          <Viewfinder walk={walk} purpose={purpose} say={say} onClose={() => setShooting(false)} />
        </Suspense>
      )}
    </div>
  );
}
