import { type FormEvent, useState } from 'react';
import { partNameForAnyone } from '#core/car';
import { notSeenReasons } from '#core/walk';
import { Button } from '../../../../components/Button';
import { inputLook } from '../../../../components/Field';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

/** Why a part could not be seen; the report says so. */
export function NotSeenDeck({ walk, here, setDeck, sayAndWalkOn }: DeckProps) {
  const part = walk.style.parts.get(here);
  const [own, setOwn] = useState('');
  const say = (why: string) => sayAndWalkOn({ kind: 'part-not-seen', body: { part: here, why } });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (own.trim()) say(own.trim());
  };
  return (
    <>
      <DeckHead
        title="Could not be seen, because…"
        note={part && `The ${partNameForAnyone(part, walk.page.car)}`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-12 flex-1 overflow-y-auto p-2">
        <div className="grid columns-as-fit gap-2">
          {notSeenReasons.map((why) => (
            <Button key={why} onClick={() => say(why)}>
              {why}
            </Button>
          ))}
        </div>
        <form onSubmit={submit} className="mt-2 flex gap-2">
          <input
            className={inputLook}
            aria-label="Another reason"
            placeholder="Another reason"
            maxLength={200}
            value={own}
            onChange={(event) => setOwn(event.target.value)}
          />
          <Button type="submit" disabled={!own.trim()}>
            Say so
          </Button>
        </form>
      </div>
    </>
  );
}
