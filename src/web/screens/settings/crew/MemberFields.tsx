import { Trash2 } from 'lucide-react';
import { type Trade, tradeIds, tradeNames } from '#core/plan';
import type { CrewSet } from '#core/schedule';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';

type Member = CrewSet['members'][number];

interface MemberFieldsProps {
  member: Member;
  onChange: (member: Member) => void;
  onRemove: () => void;
}

const days = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const ways = [
  { value: 'own', label: 'Ours' },
  { value: 'visits', label: 'Visits' },
  { value: 'keeps', label: 'Keeps cars' },
] as const;

/** One person, bay, visiting trade or body shop: what they do, on which days, for how long. */
export function MemberFields({ member, onChange, onRemove }: MemberFieldsProps) {
  const { id, name, trades, weekdays, minutes, is, cars } = member;
  const field = (what: string) => `${what}-${id}`;
  const whole = (text: string) => Number(text.replace(/\D/g, '')) || 0;
  return (
    <div className="space-y-3">
      <div className="grid gap-3 sm:grid-cols-[1fr_14rem_8rem]">
        <TextField
          id={field('name')}
          label="Name"
          maxLength={60}
          autoComplete="off"
          value={name}
          onChange={({ target }) => onChange({ ...member, name: target.value })}
        />
        <Choice
          legend="How they work"
          value={is}
          options={ways}
          onChange={(value) => onChange({ ...member, is: value })}
        />
        {is === 'keeps' ? (
          <TextField
            id={field('cars')}
            label="Cars at once"
            inputMode="numeric"
            value={cars ?? 1}
            onChange={({ target }) => onChange({ ...member, cars: Math.max(1, whole(target.value)) })}
          />
        ) : (
          <TextField
            id={field('minutes')}
            label="Minutes a day"
            inputMode="numeric"
            value={minutes}
            onChange={({ target }) => onChange({ ...member, minutes: whole(target.value) })}
          />
        )}
      </div>
      <fieldset>
        <legend className="mb-1 text-sm font-bold text-soft">Days</legend>
        <div className="flex flex-wrap gap-1">
          {days.map((day, weekday) => (
            <button
              key={day}
              type="button"
              aria-pressed={weekdays.includes(weekday)}
              className="min-h-12 min-w-12 rounded-md border border-line px-2 aria-pressed:bg-accent aria-pressed:text-on-accent"
              onClick={() =>
                onChange({
                  ...member,
                  weekdays: weekdays.includes(weekday)
                    ? weekdays.filter((each) => each !== weekday)
                    : [...weekdays, weekday].toSorted((a, b) => a - b),
                })
              }
            >
              {day}
            </button>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-1 text-sm font-bold text-soft">What they do</legend>
        <div className="grid gap-x-4 sm:grid-cols-3">
          {tradeIds.map((trade: Trade) => (
            <label key={trade} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-accent"
                checked={trades.includes(trade)}
                onChange={({ target }) =>
                  onChange({
                    ...member,
                    trades: target.checked ? [...trades, trade] : trades.filter((each) => each !== trade),
                  })
                }
              />
              {tradeNames[trade]}
            </label>
          ))}
        </div>
      </fieldset>
      <Button onClick={onRemove}>
        <Trash2 aria-hidden size={18} /> Take off
      </Button>
    </div>
  );
}
