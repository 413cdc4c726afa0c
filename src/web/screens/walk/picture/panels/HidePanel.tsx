import { EyeOff, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { type HideBox, type HideReason, hideReasons } from '#core/picture';
import { longDay } from '#core/wording';
import { Button } from '../../../../components/Button';
import { EraseForGood } from '../../../../components/EraseForGood';
import { SelectField } from '../../../../components/fields';
import { Notice } from '../../../../components/Notice';
import { If } from '../../../../people/If';

const reasonWords: Record<HideReason, string> = {
  plate: 'a number plate',
  face: 'a face',
  reflection: 'someone reflected in the paint',
  address: 'a name or an address',
  other: 'something else',
};

const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'nearest' });

/** What is hidden, and that someone has looked. */
export function HidePanel({
  sha256,
  boxes,
  hides,
  onHides,
  onBoxes,
  withdrawnAt,
  onWithdraw,
}: {
  sha256: string;
  boxes: readonly HideBox[] | undefined;
  hides: HideReason;
  onHides: (hides: HideReason) => void;
  onBoxes: (boxes: readonly HideBox[]) => void;
  /** When the whole picture was taken away from readers. */
  withdrawnAt: string | undefined;
  onWithdraw: () => void;
}) {
  const [isAsking, setAsking] = useState(false);
  return (
    <>
      <SelectField
        id="the-next-box-hides"
        label="The next box hides"
        value={hides}
        onChange={(event) => onHides(event.target.value as HideReason)}
      >
        {hideReasons.map((reason) => (
          <option key={reason} value={reason}>
            {reasonWords[reason]}
          </option>
        ))}
      </SelectField>
      <p role="status">
        {boxes === undefined
          ? 'Nobody has said yet whether there is something to hide.'
          : boxes.length === 0
            ? 'Looked at: nothing to hide.'
            : `Hidden: ${boxes.map((box) => reasonWords[box.hides]).join(', ')}.`}
      </p>
      <p className="text-soft">
        In every copy that leaves the yard the boxes are painted over for good, also in reports that were
        frozen and sent before. The original stays here.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Button disabled={!boxes?.length} onClick={() => onBoxes((boxes ?? []).slice(0, -1))}>
          <Undo2 aria-hidden size={18} /> Last box
        </Button>
        <Button disabled={boxes !== undefined} onClick={() => onBoxes([])}>
          Nothing to hide
        </Button>
      </div>
      {withdrawnAt ? (
        <>
          <p className="font-bold">
            Withdrawn on {longDay(withdrawnAt)}: no reader sees it, in no report. Undo on the walk brings it
            back.
          </p>
          <If may="people">
            <EraseForGood title="Erase the photo itself" path={`/api/photos/${sha256}/erasing`}>
              Its file and every copy go from here; what the walk says of it stays, without a picture. Reports
              frozen before say that it was withdrawn. Backups hold it until they are thinned out; a phone or
              camera may have it still.
            </EraseForGood>
          </If>
        </>
      ) : isAsking ? (
        // On a phone it opens under the edge: what is asked comes into view with its answers.
        <div ref={intoView}>
          <Notice look="warn">
            <p>Readers will see it in no report any more, also not in those sent before.</p>
            <div className="mt-2 grid grid-cols-2 gap-2">
              <Button look="warn" onClick={onWithdraw}>
                Withdraw it
              </Button>
              <Button onClick={() => setAsking(false)}>Keep showing it</Button>
            </div>
          </Notice>
        </div>
      ) : (
        <Button className="w-full" onClick={() => setAsking(true)}>
          <EyeOff aria-hidden size={18} /> Withdraw the whole photo
        </Button>
      )}
    </>
  );
}
