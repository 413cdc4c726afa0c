import { Camera, Check, Undo2, X } from 'lucide-react';
import { type ChangeEvent, useId, useState } from 'react';
import type { SheetTask } from '#core/api';
import { MOST_WORK_PHOTOS } from '#core/schedule';
import { shortDay } from '#core/wording';
import { Button, buttonLook } from '../components/Button';
import { TextField } from '../components/fields';
import { useTyped } from '../components/useTyped';
import { PHOTO_ACCEPT, photoProblem } from '../pictures/photoFiles';
import type { SheetActions } from './sheetActions';

interface WorkSayProps {
  task: Pick<SheetTask, 'id' | 'says' | 'work'>;
  actions: SheetActions;
  /** The sheet is asked for anew. */
  onSaid: () => void;
}

/** What whoever does a job says of it: done, or that it cannot be and why, with pictures. Can be taken back. */
export function WorkSay({ task, actions, onSaid }: WorkSayProps) {
  const id = useId();
  const { value: typed, setValue, drop } = useTyped(`work.${task.id}`, { why: '', photos: [] as string[] });
  const [asks, setAsks] = useState(typed.why !== '');
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const during = async (work: () => Promise<unknown>) => {
    setBusy(true);
    setProblem(undefined);
    try {
      await work();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'It did not work. Try again.');
    }
    setBusy(false);
  };
  const say = (says: 'done' | 'cannot') => {
    if (says === 'cannot' && typed.why.trim() === '') {
      setProblem('Say why it cannot be done: the yard plans anew by it.');
      return;
    }
    void during(async () => {
      await actions.say(task.id, { says, why: typed.why.trim(), photos: typed.photos });
      setValue({ why: '', photos: [] });
      drop();
      setAsks(false);
      onSaid();
    });
  };
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    void during(async () => {
      for (const file of files) {
        const wrong = await photoProblem(file, file.name);
        if (wrong) throw new Error(wrong);
        const sha256 = await actions.sendPhoto(file);
        setValue((now) => ({
          ...now,
          photos: [...new Set([...now.photos, sha256])].slice(0, MOST_WORK_PHOTOS),
        }));
      }
    });
  };
  const alert = problem && (
    <p role="alert" className="font-bold text-warn">
      {problem}
    </p>
  );
  if (task.work)
    return (
      <div className="mt-2 space-y-2 print:hidden">
        <Said work={task.work} actions={actions} />
        <Button
          disabled={isBusy}
          aria-label={`Take back what was said of: ${task.says}`}
          onClick={() =>
            during(async () => {
              await actions.say(task.id, null);
              onSaid();
            })
          }
        >
          <Undo2 aria-hidden size={18} /> Take that back
        </Button>
        {alert}
      </div>
    );
  return (
    <div className="mt-3 space-y-2 print:hidden">
      {asks && (
        <TextField
          id={`${id}-why`}
          label="Why not?"
          maxLength={200}
          autoComplete="off"
          value={typed.why}
          onChange={({ target }) => setValue((now) => ({ ...now, why: target.value }))}
        />
      )}
      <Pictures
        photos={typed.photos}
        actions={actions}
        onRemove={(sha256) =>
          setValue((now) => ({ ...now, photos: now.photos.filter((each) => each !== sha256) }))
        }
      />
      <div className="grid grid-cols-[1fr_1fr_3.5rem] gap-2">
        <Button look="tape" disabled={isBusy} aria-label={`Done: ${task.says}`} onClick={() => say('done')}>
          <Check aria-hidden size={20} /> Done
        </Button>
        <Button
          disabled={isBusy}
          aria-label={asks ? `Say that it cannot be done: ${task.says}` : `Cannot be done: ${task.says}`}
          onClick={() => (asks ? say('cannot') : setAsks(true))}
        >
          <X aria-hidden size={20} /> {asks ? 'Say so' : 'Cannot be done'}
        </Button>
        <label
          htmlFor={`${id}-photo`}
          title="Take a picture of how it is now"
          className={`${buttonLook()} cursor-pointer px-0! focus-within:outline-3`}
        >
          <Camera aria-hidden size={22} />
          <span className="sr-only">Take a picture of how it is now: {task.says}</span>
          <input
            id={`${id}-photo`}
            data-testid="work-photo"
            className="sr-only"
            type="file"
            accept={PHOTO_ACCEPT}
            multiple
            onChange={choose}
          />
        </label>
      </div>
      {alert}
    </div>
  );
}

/** "Said to be done, 27 Nov 2026, by Marl: pulled from behind", with its pictures. */
export function Said({
  work: { says, why, by, at, photos },
  actions,
}: {
  work: NonNullable<SheetTask['work']>;
  actions: Pick<SheetActions, 'photoUrl'>;
}) {
  return (
    <div className={`border-l-8 pl-3 ${says === 'done' ? 'border-clear' : 'border-warn'}`}>
      <p>
        <span className="font-bold">{says === 'done' ? 'Said to be done' : 'Cannot be done'}</span>
        {why && `: ${why}`}
        <span className="block text-sm text-soft">
          {by}, {shortDay(at)}
        </span>
      </p>
      <Pictures photos={photos} actions={actions} />
    </div>
  );
}

function Pictures({
  photos,
  actions,
  onRemove,
}: {
  photos: readonly string[];
  actions: Pick<SheetActions, 'photoUrl'>;
  onRemove?: (sha256: string) => void;
}) {
  if (photos.length === 0) return null;
  return (
    <ul className="mt-1 flex gap-2 overflow-x-auto">
      {photos.map((sha256) => (
        <li key={sha256} className="relative shrink-0">
          <img
            src={actions.photoUrl(sha256, 320)}
            alt="How it is now"
            className="h-24 w-32 bg-fill object-cover"
          />
          {onRemove && (
            <button
              type="button"
              aria-label="Leave this picture out"
              onClick={() => onRemove(sha256)}
              className="absolute top-0 right-0 grid size-11 place-items-center bg-sheet/90"
            >
              <X aria-hidden size={18} />
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
