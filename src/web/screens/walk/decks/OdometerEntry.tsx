import { type FormEvent, useState } from 'react';
import { countryOf } from '#core/car';
import { odometerProblemMessage, parseOdometer, speakDistanceBothWays } from '#core/measure';
import type { Fact } from '#core/walk';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import type { OpenWalk } from '../../../sync/useWalk';

/** The figure on the dashboard. */
export function OdometerEntry({ walk, say }: { walk: OpenWalk; say: (fact: Fact) => void }) {
  const unit = countryOf(walk.page.car.country).distance;
  const read = walk.state.odometer;
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const reading = parseOdometer(text, unit);
    if (!reading.ok) {
      setError(odometerProblemMessage(reading.problem));
      return;
    }
    setError(undefined);
    setText('');
    say({ kind: 'odometer-read', body: { value: reading.value, unit: reading.unit } });
  };
  return (
    <form onSubmit={submit}>
      <Field
        id="odometer"
        label={`Odometer, ${unit === 'mi' ? 'miles' : 'km'}`}
        error={error}
        hint={read ? `Read: ${speakDistanceBothWays(read.value, read.unit)}` : 'As the dashboard shows it'}
      >
        <div className="flex gap-2">
          <input
            id="odometer"
            className={inputLook}
            inputMode="numeric"
            enterKeyHint="done"
            autoComplete="off"
            value={text}
            aria-invalid={error !== undefined}
            aria-describedby="odometer-says"
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" look="tape">
            Read
          </Button>
        </div>
      </Field>
    </form>
  );
}
