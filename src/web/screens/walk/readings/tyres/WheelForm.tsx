import type { PartId } from '#core/car';
import { vocabularyOf } from '#core/car';
import type { Fact } from '#core/walk';
import { BRAKE_CAUTION, type BrakeMark, brakeMarks, finishNames, wheelFinishes } from '#core/wheels';
import { Choice } from '../../../../components/Choice';
import { SelectField } from '../../../../components/fields';
import type { OpenWalk } from '../../../../sync/useWalk';

const RIMS = [13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 22.5] as const;
const PADS = [1, 2, 3, 4, 5, 6, 8, 10, 12] as const;
const markNames: Record<BrakeMark, string> = { none: 'None', slight: 'Slight', deep: 'Deep' };

/** The rim, and what shows of the brake behind it. */
export function WheelForm({ walk, part, say }: { walk: OpenWalk; part: PartId; say: (fact: Fact) => void }) {
  const wheel = walk.state.wheels.get(part) ?? {};
  const disc = vocabularyOf(walk.page.car) === 'us' ? 'Rotor' : 'Disc';
  const note = (said: Omit<Extract<Fact, { kind: 'wheel-described' }>['body'], 'part'>) =>
    say({ kind: 'wheel-described', body: { part, ...said } });
  const marks = brakeMarks.map((value) => ({ value, label: markNames[value] }));
  const select = <T extends number | string>(
    id: string,
    label: string,
    value: T | undefined,
    options: readonly (readonly [T, string])[],
    onChange: (value: string) => void,
  ) => (
    <SelectField id={id} label={label} value={value ?? ''} onChange={(event) => onChange(event.target.value)}>
      <option value="">Not noted</option>
      {options.map(([of, name]) => (
        <option key={of} value={of}>
          {name}
        </option>
      ))}
    </SelectField>
  );
  return (
    <div className="space-y-3">
      <div className="grid grid-cols-2 gap-3">
        {select(
          'rim',
          'Rim',
          wheel.rimIn,
          RIMS.map((inches) => [inches, `${inches} in`] as const),
          (value) => note({ rimIn: value ? Number(value) : null }),
        )}
        {select(
          'finish',
          'Finish',
          wheel.finish,
          wheelFinishes.map((finish) => [finish, finishNames[finish]] as const),
          (value) => note({ finish: wheelFinishes.find((finish) => finish === value) ?? null }),
        )}
      </div>
      <Choice
        legend={`${disc} lip`}
        value={wheel.lip}
        options={marks}
        onChange={(lip) => note({ lip })}
        onClear={() => note({ lip: null })}
      />
      <Choice
        legend="Grooves"
        value={wheel.grooves}
        options={marks}
        onChange={(grooves) => note({ grooves })}
        onClear={() => note({ grooves: null })}
      />
      <Choice
        legend={`Rust on the ${disc.toLowerCase()}`}
        value={wheel.discRust}
        options={marks}
        onChange={(discRust) => note({ discRust })}
        onClear={() => note({ discRust: null })}
      />
      {select(
        'pad',
        'Pad left, as seen',
        wheel.padMm,
        PADS.map((mm) => [mm, `about ${mm} mm`] as const),
        (value) => note({ padMm: value ? Number(value) : null }),
      )}
      <p className="text-sm text-soft">{BRAKE_CAUTION}</p>
    </div>
  );
}
