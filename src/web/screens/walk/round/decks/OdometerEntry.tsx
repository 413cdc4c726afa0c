import { countryOf } from '#core/car';
import { odometerProblemMessage, parseOdometer, speakDistanceBothWays } from '#core/measure';
import type { Fact } from '#core/walk';
import { TypedReading } from '../../../../components/TypedReading';
import type { OpenWalk } from '../../../../sync/useWalk';

/** The figure on the dashboard. */
export function OdometerEntry({ walk, say }: { walk: OpenWalk; say: (fact: Fact) => void }) {
  const unit = countryOf(walk.page.car.country).distance;
  const read = walk.state.odometer;
  return (
    <TypedReading
      id="odometer"
      label={`Odometer, ${unit === 'mi' ? 'miles' : 'km'}`}
      hint={read ? `Read: ${speakDistanceBothWays(read.value, read.unit)}` : 'As the dashboard shows it'}
      inputMode="numeric"
      onText={(text) => {
        const reading = parseOdometer(text, unit);
        if (!reading.ok) return odometerProblemMessage(reading.problem);
        say({ kind: 'odometer-read', body: { value: reading.value, unit: reading.unit } });
        return undefined;
      }}
    />
  );
}
