import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useRef, useState } from 'react';
import { handOf, partNameForAnyone, plainHand, vocabularyOf } from '#core/car';
import { faultWords } from '#core/photos';
import { functionTitle } from '#core/readings';
import type { Fact } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../components/Button';
import { usePhotoUrl } from '../components/usePhotoUrl';
import { BackCloses } from '../device/backCloses';
import { useSessions } from '../sync/SyncContext';
import type { OpenWalk } from '../sync/useWalk';
import { usePictureFacts } from './judgements';
import { useCamera } from './useCamera';
import { type Purpose, useTakePhoto } from './useTakePhoto';

const roleWords = {
  what: 'the thing, close',
  where: 'where it is',
  'whole-car': 'the whole car',
  after: 'put right',
} as const;

/** A live camera with the part and side written over it; shot after shot without leaving. */
export function Viewfinder({
  walk,
  purpose,
  say,
  onClose,
}: {
  walk: OpenWalk;
  purpose: Purpose;
  say: (...facts: Fact[]) => void;
  onClose: () => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const camera = useCamera(video);
  const { outbox } = useSessions();
  const take = useTakePhoto(say);
  const [shots, setShots] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string>();
  const [blink, setBlink] = useState(false);
  const part = purpose.part === undefined ? undefined : walk.style.parts.get(purpose.part);
  const finding = walk.state.findings.find(({ id }) => id === purpose.finding);
  const shoot = async () => {
    setBlink(true);
    setTimeout(() => setBlink(false), 90);
    await outbox.takeIn(async () => {
      const blob = await camera.shoot();
      if (!blob) return;
      const taken = await take(blob, 'The shot', purpose);
      if (taken.ok) setShots((before) => [...before, taken.sha256]);
      else setProblem(taken.problem);
    });
  };
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <BackCloses close={onClose} />
      <DialogPanel className="fixed inset-0 flex flex-col bg-night text-white">
        <div className="flex items-start gap-3 p-3">
          <DialogTitle className="min-w-0 flex-1 text-xl leading-tight font-bold">
            {purpose.function
              ? functionTitle(walk.state.functions, purpose.function, vocabularyOf(walk.page.car))
              : part
                ? sentence(partNameForAnyone(part, walk.page.car))
                : 'The whole car'}
            <span className="block text-base font-normal">
              {finding && `Finding ${finding.number}: `}
              {roleWords[purpose.shows]}
            </span>
          </DialogTitle>
          {part?.position && (
            <span className="bg-tape px-2 py-1 text-lg font-bold uppercase">
              {plainHand(handOf(part.position))}
            </span>
          )}
        </div>
        <div className="relative min-h-0 flex-1">
          <video
            ref={video}
            autoPlay
            playsInline
            muted
            className="absolute inset-0 size-full object-contain"
          />
          {blink && <div className="absolute inset-0 bg-white/70" />}
          {camera.problem && (
            <p role="alert" className="absolute inset-x-4 top-1/3 rounded-md bg-sheet p-4 text-lg text-ink">
              {camera.problem}
            </p>
          )}
        </div>
        {problem && <p className="bg-warn-fill p-2 font-bold text-warn">{problem}</p>}
        <Strip walk={walk} shots={shots} say={say} />
        <div className="grid grid-cols-[1fr_auto_1fr] items-center gap-3 p-3 pb-[max(0.75rem,env(safe-area-inset-bottom))]">
          <Button onClick={onClose}>Done</Button>
          <button
            type="button"
            aria-label="Take the picture"
            disabled={!camera.isOn}
            onClick={shoot}
            className="size-20 rounded-full border-8 border-tape bg-white disabled:opacity-40"
          />
          <p role="status" className="text-right text-lg tabular-nums">
            {shots.length} {shots.length === 1 ? 'shot' : 'shots'}
          </p>
        </div>
      </DialogPanel>
    </Dialog>
  );
}

/** The last shots, newest first, with what is wrong with them. */
function Strip({
  walk,
  shots,
  say,
}: {
  walk: OpenWalk;
  shots: readonly string[];
  say: (fact: Fact) => void;
}) {
  const factsOf = usePictureFacts(walk.page);
  const kept = shots
    .toReversed()
    .flatMap((sha256) => walk.state.photos.find((p) => p.sha256 === sha256) ?? []);
  return (
    <ul className="flex h-28 gap-2 overflow-x-auto px-3">
      {kept.map((photo) => {
        const [worst] = factsOf(photo.sha256).faults;
        return (
          <li key={photo.entry} className="shrink-0 text-sm">
            <Shot sha256={photo.sha256} />
            {worst && (
              <button
                type="button"
                onClick={() => say({ kind: 'undone', body: { entry: photo.entry } })}
                className="block min-h-8 w-full bg-tape px-1 font-bold"
              >
                {faultWords[worst].name}: take off
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function Shot({ sha256 }: { sha256: string }) {
  const url = usePhotoUrl(sha256, 320);
  return <img src={url} alt="" className="h-18 w-24 object-cover" />;
}
