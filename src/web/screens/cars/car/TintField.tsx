import { X } from 'lucide-react';
import { Field } from '../../../components/Field';

/** What the picker shows before anybody chose. */
const NONE = '#8b979d';

/** The paint as it looks, for the drawing of the car in the list; may be left out. */
export function TintField({ value, onChange }: { value: string; onChange: (tint: string) => void }) {
  return (
    <Field id="tint" label="Tint of the paint, for the list">
      <div className="flex items-center gap-2">
        <input
          id="tint"
          type="color"
          aria-describedby="tint-says"
          className="h-12 w-20 rounded-md border border-soft bg-sheet p-1"
          value={value || NONE}
          onChange={({ target }) => onChange(target.value)}
        />
        {value ? (
          <button
            type="button"
            aria-label="No tint"
            className="grid size-12 place-items-center"
            onClick={() => onChange('')}
          >
            <X aria-hidden size={18} />
          </button>
        ) : (
          <span className="text-sm text-soft">not chosen</span>
        )}
      </div>
    </Field>
  );
}
