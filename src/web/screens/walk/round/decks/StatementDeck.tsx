import { X } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import { type FaceId, faceName, outsideFaces, partNames, vocabularyOf } from '#core/car';
import { type StatementMade, statementKinds, statementNames, statementSays } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../../components/Button';
import { Choice } from '../../../../components/Choice';
import { SelectField, TextField } from '../../../../components/fields';
import { DeckHead } from './DeckHead';
import type { DeckProps } from './deckProps';

const isOutside = (face: FaceId): face is (typeof outsideFaces)[number] =>
  (outsideFaces as readonly FaceId[]).includes(face);

/** What holds of more than one part: of a side, of the whole car, or of the parts one repair goes over. */
export function StatementDeck({ walk, face, setDeck, say }: DeckProps) {
  const { state, style, page } = walk;
  const [is, setIs] = useState<StatementMade['is']>('lines-up');
  const [of, setOf] = useState<'car' | 'side'>('car');
  const [parts, setParts] = useState<string[]>([]);
  const [says, setSays] = useState('');
  const [error, setError] = useState<string>();
  const nameOf = partNames(style, page.car);
  const speech = {
    vocabulary: vocabularyOf(page.car),
    nameOf,
    sideOf: (at: FaceId) => sentence(faceName(at, page.car)),
  };
  const side = isOutside(face) ? face : undefined;
  const isRepair = is === 'one-repair';
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const words = says.trim();
    if (isRepair && parts.length < 2) return setError('Choose the parts the repair goes over, two at least.');
    if ((isRepair || is === 'other') && !words)
      return setError(isRepair ? 'Say what shows that it is one repair.' : 'Say what there is to say.');
    const over: StatementMade['over'] = isRepair
      ? { of: 'parts', parts }
      : of === 'side' && side
        ? { of: 'side', face: side }
        : { of: 'car' };
    say({
      kind: 'statement-made',
      body: { statement: newId(), over, is, ...(words && { says: words }) },
    });
    setSays('');
    setParts([]);
    setError(undefined);
  };
  return (
    <>
      <DeckHead
        title="Of a side or the whole car"
        note="Told in the report as you say it."
        onClose={() => setDeck({ mode: 'stop' })}
      />
      <form onSubmit={submit} className="min-h-12 flex-1 space-y-3 overflow-y-auto p-3">
        {[...state.statements.values()].map((made) => (
          <div
            key={made.statement}
            className="flex items-center justify-between gap-2 border-l-8 border-accent pl-3"
          >
            <span>{sentence(statementSays(made, speech))}</span>
            <button
              type="button"
              aria-label={`Take back: ${statementSays(made, speech)}`}
              className="grid size-12 shrink-0 place-items-center"
              onClick={() => say({ kind: 'statement-taken-back', body: { statement: made.statement } })}
            >
              <X aria-hidden size={20} />
            </button>
          </div>
        ))}
        <SelectField
          id="statement"
          label="What holds"
          value={is}
          onChange={(event) => setIs(event.target.value as StatementMade['is'])}
        >
          {statementKinds.map((kind) => (
            <option key={kind} value={kind}>
              {sentence(statementNames[kind])}
            </option>
          ))}
        </SelectField>
        {isRepair ? (
          <fieldset>
            <legend className="mb-1 text-sm font-bold text-soft">It goes over</legend>
            {[...style.parts.values()]
              .filter((part) => part.face === face)
              .map(({ id }) => (
                <label key={id} className="flex min-h-12 items-center gap-3">
                  <input
                    type="checkbox"
                    className="size-6 accent-accent"
                    checked={parts.includes(id)}
                    onChange={() =>
                      setParts(parts.includes(id) ? parts.filter((each) => each !== id) : [...parts, id])
                    }
                  />
                  {sentence(nameOf(id))}
                </label>
              ))}
          </fieldset>
        ) : (
          <Choice
            legend="Of what"
            value={of}
            options={[
              { value: 'car', label: 'the whole car' },
              ...(side ? [{ value: 'side' as const, label: faceName(side, page.car) }] : []),
            ]}
            onChange={setOf}
          />
        )}
        <TextField
          id="statement-words"
          label={isRepair ? 'What shows it' : is === 'other' ? 'In your own words' : 'More, if there is any'}
          error={error}
          maxLength={2000}
          autoComplete="off"
          value={says}
          onChange={(event) => setSays(event.target.value)}
        />
        <Button type="submit" look="main" className="w-full">
          Say so
        </Button>
      </form>
    </>
  );
}
