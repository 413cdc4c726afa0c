import { Undo2 } from 'lucide-react';
import { type HideBox, type HideReason, hideReasons } from '#core/picture';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';

const reasonWords: Record<HideReason, string> = {
  plate: 'a number plate',
  face: 'a face',
  reflection: 'someone reflected in the paint',
  address: 'a name or an address',
  other: 'something else',
};

/** What is hidden, and that someone has looked. */
export function HidePanel({
  boxes,
  hides,
  onHides,
  onBoxes,
}: {
  boxes: readonly HideBox[] | undefined;
  hides: HideReason;
  onHides: (hides: HideReason) => void;
  onBoxes: (boxes: readonly HideBox[]) => void;
}) {
  return (
    <>
      <Field id="the-next-box-hides" label="The next box hides">
        <select
          id="the-next-box-hides"
          className={inputLook}
          value={hides}
          onChange={(event) => onHides(event.target.value as HideReason)}
        >
          {hideReasons.map((reason) => (
            <option key={reason} value={reason}>
              {reasonWords[reason]}
            </option>
          ))}
        </select>
      </Field>
      <p role="status">
        {boxes === undefined
          ? 'Nobody has said yet whether there is something to hide.'
          : boxes.length === 0
            ? 'Looked at: nothing to hide.'
            : `Hidden: ${boxes.map((box) => reasonWords[box.hides]).join(', ')}.`}
      </p>
      <p className="text-soft">
        In every copy that leaves the yard the boxes are painted over for good. The original stays here.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Button disabled={!boxes?.length} onClick={() => onBoxes((boxes ?? []).slice(0, -1))}>
          <Undo2 aria-hidden size={18} /> Last box
        </Button>
        <Button disabled={boxes !== undefined} onClick={() => onBoxes([])}>
          Nothing to hide
        </Button>
      </div>
    </>
  );
}
