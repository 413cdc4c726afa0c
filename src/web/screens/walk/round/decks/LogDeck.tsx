import { Undo2 } from 'lucide-react';
import { Button } from '../../../../components/Button';
import { usePeople } from '../../../../people/usePeople';
import { localTime } from '../../../../words/times';
import { logLines } from '../logLines';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

/** Everything said on this walk, latest first; each thing can be taken back, and brought back. */
export function LogDeck({ walk, setDeck, say }: DeckProps) {
  const people = new Map(usePeople().data?.map((person) => [person.id, person.name]));
  const lines = logLines(walk);
  return (
    <>
      <DeckHead
        title="What was logged"
        note={`${lines.length} entries, latest first`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <ol className="min-h-12 flex-1 overflow-y-auto px-3">
        {lines.map((line) => (
          <li key={line.id} className="flex items-center gap-2 border-b border-line py-1">
            <div className={`min-w-0 flex-1 ${line.undone ? 'text-soft line-through' : ''}`}>
              <p className="leading-tight">{line.says}</p>
              <p className="text-sm text-soft tabular-nums">
                {localTime(line.at)} {people.get(line.who)}
              </p>
            </div>
            <Button className="px-2" onClick={() => say({ kind: 'undone', body: { entry: line.undo } })}>
              <Undo2 aria-hidden size={18} /> {line.undone ? 'Bring back' : 'Undo'}
            </Button>
          </li>
        ))}
        {lines.length === 0 && <li className="py-3">Nothing has been logged yet.</li>}
      </ol>
    </>
  );
}
