import { useState } from 'react';
import { type Decision, dayWords, decisionNames, decisions, type StoredDecision } from '#core/walk';
import { Choice } from '../components/Choice';
import { TextField } from '../components/fields';

interface DecisionEntryProps {
  id: string;
  decision: Decision | undefined;
  currency: string;
  onDecision: (decision: StoredDecision | null) => void;
}

/** Who decides and what was decided; a promise takes a day and who sees to it, a choice of the buyer a price. */
export function DecisionEntry({ id, decision, currency, onDecision }: DecisionEntryProps) {
  return (
    <div className="space-y-2">
      <Choice
        legend="Who decides"
        value={decision?.is}
        options={decisions.map((value) => ({ value, label: decisionNames[value] }))}
        onChange={(is) => onDecision({ is })}
        onClear={() => onDecision(null)}
      />
      {decision?.is === 'promised' && <PromiseEntry {...{ id, decision, onDecision }} />}
      {decision?.is === 'buyer-chooses' && <PriceEntry {...{ id, decision, currency, onDecision }} />}
    </div>
  );
}

const soon = [
  { label: 'in 3 days', days: 3 },
  { label: 'in a week', days: 7 },
  { label: 'in 2 weeks', days: 14 },
] as const;

/** The day so many days on, as the calendar here has it. */
function dayIn(days: number): string {
  const day = new Date();
  day.setDate(day.getDate() + days);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}

function PromiseEntry({
  id,
  decision,
  onDecision,
}: Pick<DecisionEntryProps, 'id' | 'onDecision'> & { decision: Extract<Decision, { is: 'promised' }> }) {
  const [owner, setOwner] = useState(decision.owner ?? '');
  const [why, setWhy] = useState(decision.why ?? '');
  const { asAction: _early, first, ...stored } = decision;
  const change = (by: string | undefined, who: string, reason = why) =>
    onDecision({
      is: 'promised',
      ...(by && { by }),
      ...(who.trim() && { owner: who.trim() }),
      ...(reason.trim() && { why: reason.trim() }),
    });
  return (
    <div className="space-y-2 border-l-8 border-accent pl-3">
      <div className="grid grid-cols-3 gap-2">
        {soon.map(({ label, days }) => (
          <button
            key={label}
            type="button"
            aria-pressed={stored.by === dayIn(days)}
            className="min-h-12 rounded-md border border-line px-1 leading-tight aria-pressed:bg-accent aria-pressed:text-on-accent"
            onClick={() => change(dayIn(days), owner)}
          >
            {label}
          </button>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-2">
        <TextField
          id={`${id}-by`}
          label="Done by"
          type="date"
          value={stored.by ?? ''}
          onChange={(event) => change(event.target.value || undefined, owner)}
        />
        <TextField
          id={`${id}-owner`}
          label="Who sees to it"
          maxLength={60}
          autoComplete="off"
          value={owner}
          onChange={(event) => setOwner(event.target.value)}
          onBlur={() => owner.trim() !== (stored.owner ?? '') && change(stored.by, owner)}
        />
      </div>
      {first && (
        <TextField
          id={`${id}-why`}
          label="Why later"
          hint={`${dayWords(first)} was promised at first: the report says so, and why.`}
          maxLength={120}
          autoComplete="off"
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          onBlur={() => why.trim() !== (stored.why ?? '') && change(stored.by, owner)}
        />
      )}
    </div>
  );
}

function PriceEntry({
  id,
  decision,
  currency,
  onDecision,
}: Pick<DecisionEntryProps, 'id' | 'currency' | 'onDecision'> & {
  decision: Extract<Decision, { is: 'buyer-chooses' }>;
}) {
  const [text, setText] = useState(decision.price ? String(decision.price.amount) : '');
  const [error, setError] = useState<string>();
  const save = () => {
    const bare = text.replaceAll(/[\s,]/g, '');
    if (bare === '') return decision.price && onDecision({ is: 'buyer-chooses' });
    if (!/^\d{1,7}$/.test(bare)) return setError('Type a price in whole units, like 120.');
    setError(undefined);
    const amount = Number(bare);
    if (amount !== decision.price?.amount)
      onDecision({ is: 'buyer-chooses', price: { amount, currency: decision.price?.currency ?? currency } });
  };
  return (
    <TextField
      id={`${id}-price`}
      label={`Price, ${decision.price?.currency ?? currency}`}
      error={error}
      inputMode="numeric"
      autoComplete="off"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={save}
    />
  );
}
