import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { type RouteRule, reminderPlaces } from '#core/route';
import { Button } from '../../../components/Button';
import { inputLook } from '../../../components/Field';
import { areaNames } from './AreaOrder';

type Reminder = RouteRule['reminders'][number];

const placeNames: Record<Reminder['at'], string> = {
  ...areaNames,
  front: 'Front',
  left: 'Left side',
  rear: 'Rear',
  right: 'Right side',
};

/** Stops of one's own: something to do where an area begins. */
export function ExtraStops({
  reminders,
  onReminders,
}: {
  reminders: readonly Reminder[];
  onReminders: (reminders: Reminder[]) => void;
}) {
  const [at, setAt] = useState<Reminder['at']>('front');
  const [words, setWords] = useState('');
  const add = () => {
    if (!words.trim()) return;
    onReminders([...reminders, { at, words: words.trim() }]);
    setWords('');
  };
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-bold text-soft">Extra stops of your own</legend>
      <ul>
        {reminders.map((reminder, i) => (
          <li
            key={`${reminder.at} ${reminder.words}`}
            className="flex items-center gap-2 border-b border-line"
          >
            <span className="min-w-0 flex-1">
              <b>{placeNames[reminder.at]}:</b> {reminder.words}
            </span>
            <button
              type="button"
              aria-label={`Remove: ${reminder.words}`}
              onClick={() => onReminders(reminders.filter((_, n) => n !== i))}
              className="grid size-12 place-items-center"
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 grid gap-2 sm:grid-cols-[10rem_1fr_auto]">
        <select
          aria-label="Where"
          className={inputLook}
          value={at}
          onChange={(event) => setAt(event.target.value as Reminder['at'])}
        >
          {reminderPlaces.map((place) => (
            <option key={place} value={place}>
              {placeNames[place]}
            </option>
          ))}
        </select>
        <input
          aria-label="What to do there"
          className={inputLook}
          value={words}
          maxLength={120}
          autoComplete="off"
          placeholder="Sight along the roof"
          onChange={(event) => setWords(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && add()}
        />
        <Button disabled={!words.trim()} onClick={add}>
          <Plus aria-hidden size={20} /> Add
        </Button>
      </div>
    </fieldset>
  );
}
