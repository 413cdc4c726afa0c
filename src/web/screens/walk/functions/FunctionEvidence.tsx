import { X } from 'lucide-react';
import type { Fact, Recording } from '#core/walk';
import { useRecordingUrl } from '../../../components/usePhotoUrl';
import { PhotoInputs } from '../../../pictures/PhotoInputs';
import { PhotoThumb } from '../../../pictures/PhotoThumb';
import { Player } from '../../../recordings/Player';
import { RecordingInputs } from '../../../recordings/RecordingInputs';
import type { OpenWalk } from '../../../sync/useWalk';

type Attached = Extract<Fact, { kind: 'recording-attached' }>['body'];

/** Photo, sound and video of a function that does not work. */
export function FunctionEvidence({ walk, id, name }: { walk: OpenWalk; id: string; name: string }) {
  const { state, record } = walk;
  const photos = state.photos.filter((photo) => photo.function === id);
  const recordings = state.functions.recordings.filter((recording) => recording.function === id);
  return (
    <section aria-label={`Shown: ${name}`} className="space-y-2">
      <PhotoInputs walk={walk} say={record} shows="what" function={id} />
      <RecordingInputs
        onKept={({ sha256, of, seconds }) =>
          record({
            kind: 'recording-attached',
            body: { recording: sha256, of, seconds, function: id as Attached['function'] },
          })
        }
      />
      {photos.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {photos.map((photo) => (
            <li key={photo.entry}>
              <PhotoThumb
                walk={walk.page.walk}
                photo={photo}
                onRemove={() => record({ kind: 'undone', body: { entry: photo.entry } })}
              />
            </li>
          ))}
        </ul>
      )}
      {recordings.map((recording) => (
        <Kept
          key={recording.sha256}
          recording={recording}
          name={name}
          onAside={() => record({ kind: 'recording-set-aside', body: { recording: recording.sha256 } })}
        />
      ))}
    </section>
  );
}

function Kept({ recording, name, onAside }: { recording: Recording; name: string; onAside: () => void }) {
  const { of, seconds, sha256 } = recording;
  const label = `${name}: ${of}, ${Math.round(seconds)} s`;
  return (
    <div className="flex items-center gap-2">
      <div className="min-w-0 flex-1">
        <Player of={of} url={useRecordingUrl(sha256)} label={label} />
      </div>
      <button
        type="button"
        aria-label={`Take off the ${of}`}
        onClick={onAside}
        className="grid size-12 shrink-0 place-items-center"
      >
        <X aria-hidden size={20} />
      </button>
    </div>
  );
}
