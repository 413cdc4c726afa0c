import { Camera, ImagePlus } from 'lucide-react';
import { type ChangeEvent, useId, useState } from 'react';
import type { PartId } from '#core/car';
import type { Fact, PhotoRole } from '#core/walk';
import { buttonLook } from '../../../components/Button';
import { hashPhoto } from '../../../sync/hashPhoto';
import { useSessions } from '../../../sync/SyncContext';

const LIMIT = 40 * 1024 * 1024;

interface PhotoInputsProps {
  shows: PhotoRole;
  part?: PartId;
  finding?: string;
  say: (fact: Fact) => void;
}

/** Photos from the camera or from files. The file is kept on the device before anything is said about it. */
export function PhotoInputs({ shows, part, finding, say }: PhotoInputsProps) {
  const { outbox } = useSessions();
  const id = useId();
  const [problem, setProblem] = useState<string>();
  const take = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    setProblem(undefined);
    for (const file of files) {
      const wrong = problemOf(file);
      if (wrong) {
        setProblem(wrong);
        continue;
      }
      const photo = await hashPhoto(file);
      await outbox.addPhoto(photo, file);
      say({
        kind: 'photo-attached',
        body: { photo, role: shows, ...(part && { part }), ...(finding && { finding }) },
      });
    }
  };
  return (
    <div>
      <div className="grid grid-cols-2 gap-2">
        <label
          htmlFor={`${id}-camera`}
          className={`${buttonLook('tape')} cursor-pointer focus-within:outline-3`}
        >
          <Camera aria-hidden size={20} /> Take
          <input
            id={`${id}-camera`}
            className="sr-only"
            type="file"
            accept="image/*"
            capture="environment"
            onChange={take}
          />
        </label>
        <label htmlFor={`${id}-file`} className={`${buttonLook()} cursor-pointer focus-within:outline-3`}>
          <ImagePlus aria-hidden size={20} /> Choose
          <input
            id={`${id}-file`}
            data-testid="photo-file"
            className="sr-only"
            type="file"
            accept="image/jpeg,image/png,image/webp,image/heic"
            multiple
            onChange={take}
          />
        </label>
      </div>
      {problem && (
        <p role="alert" className="mt-1 font-bold text-warn">
          {problem}
        </p>
      )}
    </div>
  );
}

function problemOf(file: File): string | undefined {
  if (file.size === 0) return `${file.name} is empty. Choose the file again.`;
  if (file.size > LIMIT) return `${file.name} has more than 40 MB. Set the camera to a smaller size.`;
  if (/heic|heif/i.test(file.type))
    return 'HEIC photos cannot be read. Set the camera to “most compatible” (JPEG).';
  return undefined;
}
