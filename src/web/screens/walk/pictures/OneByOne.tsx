import { Check, Ellipsis, Undo2 } from 'lucide-react';
import { useCallback, useMemo, useState } from 'react';
import { type FaceId, partTitles } from '#core/car';
import { partStatus, pictureOf } from '#core/walk';
import { Button } from '../../../components/Button';
import { usePhotoUrl } from '../../../components/usePhotoUrl';
import { BackCloses } from '../../../device/backCloses';
import { FaceMap } from '../../../map/FaceMap';
import { faceAround } from '../../../map/faceAround';
import { usePictureFacts } from '../../../pictures/judgements';
import type { OpenWalk } from '../../../sync/useWalk';
import { toMapFinding } from '../round/walkModel';
import { FaceTurner } from './FaceTurner';
import { PlaceEditor } from './PlaceEditor';
import { type FilmFrame, reasonWords } from './pictureList';
import { placeFacts, placeOnFinding, setAsideFacts } from './placing';

interface OneByOneProps {
  walk: OpenWalk;
  /** What waits for its place, in the order it was taken. */
  waiting: readonly FilmFrame[];
}

/** On a phone one picture at a time: tap the part or the strip it belongs to, and the next comes up. */
export function OneByOne({ walk, waiting }: OneByOneProps) {
  const { state, style, page, record } = walk;
  const factsOf = usePictureFacts(page);
  const [at, setAt] = useState(0);
  const [turnedTo, setTurnedTo] = useState<FaceId>();
  const [isMore, setMore] = useState(false);
  const [last, setLast] = useState<string>();
  const frame = waiting[Math.min(at, waiting.length - 1)];
  const proposed = style.parts.get(frame?.proposal?.part ?? '');
  // Pictures are taken side by side: the face stays until another is turned to, or the next was taken elsewhere.
  const face = turnedTo ?? proposed?.face ?? 'left';
  const nameOf = useMemo(() => partTitles(style, page.car), [style, page.car]);
  const findings = useMemo(
    () => state.findings.map((finding) => toMapFinding(finding, style.parts.get(finding.part))),
    [state, style],
  );
  const statusOf = useCallback((id: string) => partStatus(state, id), [state]);
  const placed = state.photos.find(({ sha256 }) => sha256 === last);
  if (!frame) return null;
  const put = (...facts: Parameters<typeof record>) => {
    record(...facts);
    setLast(frame.sha256);
    if (proposed) setTurnedTo(undefined);
  };
  const lastSays =
    placed && (placed.role === 'whole-car' ? 'the whole car' : placed.part && nameOf(placed.part));
  return (
    <>
      <section
        aria-label="The picture in hand"
        className="flex gap-2 border-b border-line bg-night p-2 text-white"
      >
        <Shown key={frame.sha256} sha256={frame.sha256} />
        <div className="flex w-24 shrink-0 flex-col justify-between">
          <p className="tabular-nums">
            {Math.min(at, waiting.length - 1) + 1} of {waiting.length}
          </p>
          <p className="text-sm leading-tight">
            {frame.proposal
              ? `${nameOf(frame.proposal.part)}? ${reasonWords(frame.proposal)}`
              : 'Where was this?'}
          </p>
          <Button
            className="px-2!"
            disabled={waiting.length < 2}
            onClick={() => setAt((at + 1) % waiting.length)}
          >
            Later
          </Button>
        </div>
      </section>
      <section aria-label="The car" className="relative min-h-0 flex-1 p-1">
        <FaceMap
          style={style}
          face={face}
          speech={page.car}
          statusOf={statusOf}
          findings={findings}
          {...(proposed && { current: proposed.id })}
          onPart={(part) => put(...placeFacts(state, frame, { part, finding: undefined, role: 'where' }))}
          onFinding={(id) => put(...placeOnFinding(state, frame, id))}
          onSwipe={(way) => setTurnedTo(faceAround(face, way === 'left' ? 1 : -1))}
          className="absolute inset-0 size-full touch-none"
        />
        <FaceTurner face={face} speech={page.car} onFace={setTurnedTo} />
      </section>
      {/* Its place is kept, so that nothing moves when there is something to take back. */}
      <div className="flex min-h-12 items-center gap-2 border-t border-line px-3">
        <p role="status" className="min-w-0 flex-1 truncate">
          {lastSays ? `Put: ${lastSays}.` : 'Tap its part, or the strip of its finding.'}
        </p>
        {placed && (
          <Button
            className="px-3!"
            onClick={() => {
              record({ kind: 'undone', body: { entry: placed.entry } });
              setLast(undefined);
              setAt(0);
            }}
          >
            <Undo2 aria-hidden size={20} /> Take back
          </Button>
        )}
      </div>
      <div className="grid grid-cols-[1fr_1fr_1fr_3rem] gap-2 border-t border-line bg-sheet p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Button
          className="px-1!"
          onClick={() =>
            put(...placeFacts(state, frame, { part: undefined, finding: undefined, role: 'whole-car' }))
          }
        >
          Whole car
        </Button>
        <Button
          look={frame.proposal ? 'main' : 'plain'}
          className="px-1!"
          disabled={!frame.proposal}
          onClick={() => {
            const { proposal } = frame;
            if (proposal)
              put(
                ...placeFacts(state, frame, {
                  part: proposal.part,
                  finding: proposal.finding,
                  role: proposal.role,
                }),
              );
          }}
        >
          <Check aria-hidden size={20} /> It is so
        </Button>
        <Button look="warn" className="px-1!" onClick={() => record(...setAsideFacts(frame.sha256))}>
          Set aside
        </Button>
        <Button
          className="px-0!"
          aria-label="More about this picture"
          aria-expanded={isMore}
          onClick={() => setMore(!isMore)}
        >
          <Ellipsis aria-hidden size={22} />
        </Button>
      </div>
      {isMore && (
        <section
          aria-label="More about this picture"
          className="max-h-[50dvh] shrink-0 overflow-y-auto border-t border-ink bg-sheet"
        >
          <BackCloses close={() => setMore(false)} />
          <PlaceEditor key={frame.sha256} walk={walk} frame={frame} facts={factsOf(frame.sha256)} />
          {pictureOf(state, frame.sha256).caption && (
            <p className="p-3">{pictureOf(state, frame.sha256).caption}</p>
          )}
        </section>
      )}
    </>
  );
}

function Shown({ sha256 }: { sha256: string }) {
  const url = usePhotoUrl(sha256, 1600);
  const [failed, setFailed] = useState<string>();
  return url && failed !== url ? (
    <img
      src={url}
      alt="To be placed"
      onError={() => setFailed(url)}
      className="h-[26dvh] min-w-0 flex-1 object-contain"
    />
  ) : (
    <p className="grid h-[26dvh] min-w-0 flex-1 place-items-center">No picture yet</p>
  );
}
