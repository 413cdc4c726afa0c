import { useState } from 'react';
import type { Fact, Finding, PhotoRole } from '#core/walk';
import { Choice } from '../../../../components/Choice';
import { PhotoInputs } from '../../../../pictures/PhotoInputs';
import { PhotoThumb } from '../../../../pictures/PhotoThumb';
import type { OpenWalk } from '../../../../sync/useWalk';

/** A finding wants one photo that shows the thing and one that shows where it is; once put right, one of how it is now. */
export function FindingPhotos({
  walk,
  finding,
  say,
}: {
  walk: OpenWalk;
  finding: Finding;
  say: (fact: Fact) => void;
}) {
  const photos = walk.state.photos.filter((photo) => photo.finding === finding.id);
  const isPutRight = finding.standing.status === 'put-right';
  const missing: PhotoRole = isPutRight
    ? 'after'
    : photos.some((photo) => photo.role === 'what')
      ? 'where'
      : 'what';
  const [chosen, setChosen] = useState<PhotoRole>();
  const role = chosen && (isPutRight || chosen !== 'after') ? chosen : missing;
  return (
    <section className="space-y-2">
      <PhotoInputs walk={walk} shows={role} part={finding.part} finding={finding.id} say={say} />
      {photos.length > 0 && (
        <div className="flex gap-2 overflow-x-auto">
          {photos.map((photo) => (
            <PhotoThumb
              key={photo.entry}
              walk={walk.page.walk}
              photo={photo}
              onRemove={() => say({ kind: 'undone', body: { entry: photo.entry } })}
            />
          ))}
        </div>
      )}
      <Choice<PhotoRole>
        legend="Next photo shows"
        value={role}
        options={[
          { value: 'what', label: 'the thing, close' },
          { value: 'where', label: 'where it is' },
          ...(isPutRight ? [{ value: 'after' as const, label: 'how it is now' }] : []),
        ]}
        onChange={setChosen}
      />
    </section>
  );
}
