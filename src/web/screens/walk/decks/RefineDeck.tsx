import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { partNameForAnyone, vocabularyOf } from '#core/car';
import {
  type Action,
  actionName,
  actions,
  type Finding,
  type FindingChanges,
  findingKindOf,
  findingLine,
  noticeDistances,
  noticeWords,
  testAnswers,
  testWords,
} from '#core/walk';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { Field, inputLook } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import { Strip } from '../../../components/Strip';
import { DeckHead } from './DeckHead';
import { Doubt } from './Doubt';
import type { DeckProps } from './deckProps';
import { FindingPhotos } from './FindingPhotos';
import { SizeEntry } from './SizeEntry';

/** A logged finding made more exact. Every change is logged as it is made. */
export function RefineDeck({ walk, setDeck, say, finding }: DeckProps & { finding: Finding }) {
  const { page, style } = walk;
  const { details, kind, standing } = finding;
  const facts = findingKindOf(kind);
  const vocabulary = vocabularyOf(page.car);
  const part = style.parts.get(finding.part);
  const amend = (changes: FindingChanges) =>
    say({ kind: 'finding-amended', body: { finding: finding.id, changes } });
  return (
    <>
      <DeckHead
        title={
          <span className="flex items-center gap-3">
            <Strip number={finding.number} notice={details.notice} standing={standing.status} />
            {findingLine(finding, vocabulary)}
          </span>
        }
        note={`Logged${part ? ` on the ${partNameForAnyone(part, page.car)}` : ''}`}
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <div className="min-h-0 flex-1 space-y-3 overflow-y-auto p-3">
        {facts.caution && <Notice look="warn">{facts.caution}</Notice>}
        <Choice
          legend="Noticed from"
          value={details.notice}
          options={noticeDistances.map((distance) => ({
            value: distance,
            label: noticeWords[distance].name,
            mark: <Strip notice={distance} standing="confirmed" small />,
          }))}
          onChange={(notice) => amend({ notice: notice ?? null })}
        />
        <CountAndSize finding={finding} amend={amend} walk={walk} />
        {facts.tests.map((test) => (
          <Choice<string>
            key={test}
            legend={testWords[test].name}
            value={details[test]}
            options={testAnswers[test].map((value) => ({
              value,
              label: (testWords[test] as Record<string, string>)[value] ?? value,
            }))}
            onChange={(answer) => amend({ [test]: answer ?? null } as FindingChanges)}
          />
        ))}
        <Doubt finding={finding} amend={amend} say={say} />
        <Field id="action" label="What will be done">
          <select
            id="action"
            className={inputLook}
            value={details.action ?? ''}
            onChange={(event) =>
              amend({ action: event.target.value === '' ? null : (event.target.value as Action) })
            }
          >
            <option value="">Not decided</option>
            {actions.map((action) => (
              <option key={action} value={action}>
                {actionName(action, vocabulary)}
              </option>
            ))}
          </select>
        </Field>
        <FindingPhotos walk={walk} finding={finding} say={say} />
        <NoteEntry value={details.note ?? ''} onNote={(note) => amend({ note: note || null })} />
      </div>
      <div className="border-t border-line p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]">
        <Button look="main" className="w-full" onClick={() => setDeck({ mode: 'stop' })}>
          Done
        </Button>
      </div>
    </>
  );
}

function CountAndSize({
  finding,
  amend,
  walk,
}: {
  finding: Finding;
  amend: (changes: FindingChanges) => void;
  walk: DeckProps['walk'];
}) {
  const { details } = finding;
  const { measuredBy } = findingKindOf(finding.kind);
  const vocabulary = vocabularyOf(walk.page.car);
  const count = details.count ?? 1;
  return (
    <div className="grid grid-cols-2 gap-3">
      <div>
        <p className="mb-1 text-sm font-bold text-soft">How many</p>
        <div className="grid grid-cols-[3rem_1fr_3rem] items-center rounded-md border border-soft">
          <button
            type="button"
            aria-label="One fewer"
            className="grid min-h-12 place-items-center"
            disabled={count <= 1}
            onClick={() => amend({ count: count - 1 })}
          >
            <Minus aria-hidden size={20} />
          </button>
          <output aria-label="How many" className="text-center text-lg font-bold tabular-nums">
            {count}
          </output>
          <button
            type="button"
            aria-label="One more"
            className="grid min-h-12 place-items-center"
            disabled={count >= 999}
            onClick={() => amend({ count: count + 1 })}
          >
            <Plus aria-hidden size={20} />
          </button>
        </div>
      </div>
      <SizeEntry
        id="length"
        label={measuredBy === 'count' ? 'Largest' : measuredBy === 'diameter' ? 'Across' : 'Length'}
        mm={details.lengthMm}
        vocabulary={vocabulary}
        onMm={(mm) => amend({ lengthMm: mm ?? null })}
      />
      {measuredBy === 'area' && (
        <SizeEntry
          id="width"
          label="Width"
          mm={details.widthMm}
          vocabulary={vocabulary}
          onMm={(mm) => amend({ widthMm: mm ?? null })}
        />
      )}
    </div>
  );
}

function NoteEntry({ value, onNote }: { value: string; onNote: (note: string) => void }) {
  const [text, setText] = useState(value);
  return (
    <Field id="note" label="Note">
      <textarea
        id="note"
        className={`${inputLook} py-2`}
        rows={2}
        maxLength={2000}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => text.trim() !== value && onNote(text.trim())}
      />
    </Field>
  );
}
