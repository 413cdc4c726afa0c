import { useState } from 'react';
import { partTitles } from '#core/car';
import { cameraMs, fitClock, visitsOf } from '#core/photos';
import type { BroughtPhoto } from '#core/walk';
import { Button } from '../../../components/Button';
import { SelectField } from '../../../components/fields';
import type { OpenWalk } from '../../../sync/useWalk';
import { localTimeToTheSecond } from '../../../words/times';

/** Sets the camera’s clock by one picture known to be of one stop; every other picture of it follows. */
export function CameraClock({ walk, brought }: { walk: OpenWalk; brought: BroughtPhoto }) {
  const visits = visitsOf(walk.entries);
  const [chosen, setChosen] = useState('');
  const { takenAt, sha256 } = brought;
  if (!takenAt || visits.length === 0) return null;
  const set = () => {
    const visit = visits[Number(chosen)];
    if (!visit) return;
    const all = walk.state.brought.flatMap((photo) =>
      photo.takenAt ? [{ id: photo.sha256, takenMs: cameraMs(photo.takenAt) }] : [],
    );
    const takenMs = cameraMs(takenAt);
    const trulyAt = new Date(takenMs + fitClock(all, visits, { takenMs }, visit)).toISOString();
    walk.record({ kind: 'camera-clock-set', body: { photo: sha256, takenAt, trulyAt } });
  };
  return (
    <details className="border-t border-line pt-2">
      <summary className="min-h-12 cursor-pointer py-3 font-bold text-accent">
        The camera’s clock is off
      </summary>
      <p className="mb-2">
        The camera says {takenAt.slice(11, 16)}. If you know at which stop this one was taken, say so: all the
        others move with it.
      </p>
      <SelectField
        id="it-was-taken-at"
        label="It was taken at"
        value={chosen}
        onChange={(event) => setChosen(event.target.value)}
      >
        <option value="">Choose the stop</option>
        {visits.map((visit, i) => {
          const name = partTitles(walk.style, walk.page.car)(visit.part);
          return (
            <option key={visit.fromMs} value={i}>
              {localTimeToTheSecond(visit.fromMs)} {name}
            </option>
          );
        })}
      </SelectField>
      <Button className="mt-2 w-full" disabled={chosen === ''} onClick={set}>
        Set the camera’s clock
      </Button>
    </details>
  );
}
