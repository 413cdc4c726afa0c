import { useState } from 'react';
import { shiftsFor } from '#core/captions';
import type { FilmCaption, WalkFilm } from '#core/walk';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';
import { clockOf } from './groups';

const because = {
  'whole-hours': 'whole hours off, as film clocks count them',
  'first-at-start': 'the first word at the beginning of the film',
  'last-at-end': 'the last word at its end',
} as const;

const byWords = (byS: number) => `${clockOf(Math.abs(byS))} ${byS < 0 ? 'earlier' : 'later'}`;

interface ShiftOfferProps {
  walk: OpenWalk;
  film: WalkFilm;
  captions: readonly FilmCaption[];
  /** Length of the film. */
  seconds: number;
}

/** Words that lie outside their film are offered the shift that fits; a tap sets it. */
export function ShiftOffer({ walk, film, captions, seconds }: ShiftOfferProps) {
  const [isOpen, setOpen] = useState(false);
  const shifted = captions.map((each) => ({
    ...each,
    ...(each.startS !== undefined && { startS: each.startS + film.shiftS }),
    ...(each.endS !== undefined && { endS: each.endS + film.shiftS }),
  }));
  const offers = shiftsFor(shifted, seconds);
  const last = shifted.at(-1)?.startS ?? 0;
  const isTooLong = offers.length === 0 && last > seconds + 3;
  if (isTooLong)
    return (
      <Notice look="warn">
        These words run on to {clockOf(last)}, the film is over at {clockOf(seconds)}. They may belong to
        another film, or the film was cut off: choose the right file, or go on with the words alone.
      </Notice>
    );
  if (offers.length === 0) return null;
  const [first] = offers;
  if (!isOpen)
    return (
      <Notice look="warn">
        <p>The times of the words lie outside the film.</p>
        <Button className="mt-2" onClick={() => setOpen(true)}>
          Move them
        </Button>
      </Notice>
    );
  return (
    <Notice>
      <p>Take the words</p>
      <div className="flex flex-wrap gap-2 pt-1">
        {offers.map(({ byS, because: why }) => (
          <Button
            key={byS}
            look={byS === first?.byS ? 'main' : 'plain'}
            onClick={() =>
              walk.record({
                kind: 'walk-film-shifted',
                body: { film: film.id, byS: Math.round((film.shiftS + byS) * 100) / 100 },
              })
            }
          >
            {byWords(byS)}: {because[why]}
          </Button>
        ))}
      </div>
    </Notice>
  );
}
