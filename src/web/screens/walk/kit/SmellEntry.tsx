import { vocabularyOf } from '#core/car';
import { type SmellId, smellIds, smellName, smellOf, smellStrengths } from '#core/kit';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { TextField } from '../../../components/fields';
import { RemedyFold } from '../../../remedy/RemedyFold';
import type { OpenWalk } from '../../../sync/useWalk';

/** None noticed, or which and how strong. Best told first, with the door just opened. */
export function SmellEntry({ walk }: { walk: OpenWalk }) {
  const { state, page, record } = walk;
  const vocabulary = vocabularyOf(page.car);
  const noticed = state.kit.smells ?? [];
  const keep = (next: typeof noticed) => record({ kind: 'smell-noted', body: { noticed: next } });
  const toggle = (smell: SmellId) =>
    keep(
      noticed.some((each) => each.smell === smell)
        ? noticed.filter((each) => each.smell !== smell)
        : [...noticed, { smell, strength: 'clear' }],
    );
  const change = (smell: SmellId, to: Partial<(typeof noticed)[number]>) =>
    keep(noticed.map((each) => (each.smell === smell ? { ...each, ...to } : each)));
  return (
    <section aria-labelledby="smell-title" className="space-y-2">
      <h2 id="smell-title" className="text-xl">
        Smell of the cabin
      </h2>
      <p className="text-soft">Told with the door just opened: the nose soon gets used to it.</p>
      <div className="grid grid-cols-2 gap-2">
        <Pick
          isOn={state.kit.smells !== undefined && noticed.length === 0}
          label="None noticed"
          onTap={() => keep([])}
        />
        {smellIds.map((smell) => (
          <Pick
            key={smell}
            isOn={noticed.some((each) => each.smell === smell)}
            label={sentence(smellName(smell, vocabulary))}
            onTap={() => toggle(smell)}
          />
        ))}
      </div>
      {noticed.map(({ smell, strength, says }) => (
        <div key={smell} className="border-t border-line pt-2">
          <p className="font-bold first-letter:uppercase">{smellName(smell, vocabulary)}</p>
          <p className="text-sm text-soft">{smellOf(smell).hint}</p>
          <div className="mt-1 grid grid-cols-3 gap-2">
            {smellStrengths.map((each) => (
              <Pick
                key={each}
                isOn={each === strength}
                label={sentence(each)}
                onTap={() => change(smell, { strength: each })}
              />
            ))}
          </div>
          {smell === 'other' && (
            <TextField
              id="smell-says"
              label="What does it smell of"
              maxLength={200}
              defaultValue={says ?? ''}
              onBlur={(event) => {
                const text = event.target.value.trim();
                if (text !== (says ?? '')) change(smell, { says: text });
              }}
            />
          )}
        </div>
      ))}
      {noticed.length > 0 && (
        <RemedyFold walk={walk} about={{ of: 'smell' }} likely={['clean', 'find-out']} />
      )}
    </section>
  );
}

const Pick = ({ isOn, label, onTap }: { isOn: boolean; label: string; onTap: () => void }) => (
  <Button
    aria-pressed={isOn}
    className="px-2! aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-tape"
    onClick={onTap}
  >
    {label}
  </Button>
);
