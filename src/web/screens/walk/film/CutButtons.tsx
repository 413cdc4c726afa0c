import { Scissors } from 'lucide-react';
import { useState } from 'react';
import type { WalkFilm } from '#core/walk';
import { Button } from '../../../components/Button';
import type { FrameSource } from '../../../film/frameSource';
import { hashPhoto } from '../../../sync/hashPhoto';
import { useSessions } from '../../../sync/SyncContext';
import type { OpenWalk } from '../../../sync/useWalk';
import { CutMoment } from './CutMoment';
import type { CutMade } from './useCutting';

interface CutForFindingProps {
  walk: OpenWalk;
  film: WalkFilm;
  finding: string;
  atS: number;
  seconds: number;
  frames: FrameSource;
  hasSound: boolean;
}

/** Cuts some seconds of the film for the readers of a finding, and takes them back. */
export function CutForFinding({ walk, film, finding, atS, seconds, frames, hasSound }: CutForFindingProps) {
  const [isOpen, setOpen] = useState(false);
  const { outbox } = useSessions();
  const clip = walk.state.filmClips.get(finding);
  const keep = async ({ blob, of, seconds: length }: CutMade) => {
    const recording = await outbox.takeIn(() => hashPhoto(blob));
    await outbox.addRecording(recording, blob);
    walk.record({
      kind: 'walk-film-clipped',
      body: { film: film.id, finding, clip: { recording, of, seconds: length } },
    });
  };
  if (clip)
    return (
      <Button
        onClick={() =>
          walk.record({ kind: 'walk-film-clipped', body: { film: film.id, finding, clip: null } })
        }
      >
        Take its {Math.round(clip.seconds)} s from the readers
      </Button>
    );
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Scissors aria-hidden size={18} /> Cut for readers
      </Button>
      {isOpen && (
        <CutMoment
          title="A moment of the film for readers"
          atS={atS}
          filmS={seconds}
          of="video"
          frames={frames}
          hasSound={hasSound}
          keepLabel="Let readers see it"
          keep={(made) => void keep(made)}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

/** Cuts the sound of the engine out of the film: it becomes a recording of the functions list. */
export function CutEngine({
  walk,
  atS,
  seconds,
  onClose,
}: {
  walk: OpenWalk;
  atS: number;
  seconds: number;
  onClose: () => void;
}) {
  const { outbox } = useSessions();
  const keep = async ({ blob, seconds: length }: CutMade) => {
    const recording = await outbox.takeIn(() => hashPhoto(blob));
    await outbox.addRecording(recording, blob);
    walk.record({
      kind: 'recording-attached',
      body: { recording, of: 'sound', function: 'starter-sound', seconds: length },
    });
  };
  return (
    <CutMoment
      title="The engine’s start, as it sounds"
      atS={atS + 2}
      filmS={seconds}
      of="sound"
      hasSound={false}
      keepLabel="Keep it with the functions"
      keep={(made) => void keep(made)}
      onClose={onClose}
    />
  );
}
