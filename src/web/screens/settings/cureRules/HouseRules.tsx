import { type CureRule, houseRules, kindsOfRule, type RuleWishes } from '#core/cures';
import { cureName, cures } from '#core/walk';
import { sentence } from '#core/wording';
import { Fold } from '../../../components/Fold';
import { sureWords } from '../../cars/plan/planWords';

interface HouseRulesProps {
  wishes: RuleWishes;
  mayChange: boolean;
  save: (wishes: RuleWishes) => void;
}

/** Zelk's own rules by what is done, each with its reason and its limits; a switch for each. */
export function HouseRules({ wishes, mayChange, save }: HouseRulesProps) {
  const { off } = wishes;
  const change = (id: string, isOn: boolean) =>
    save({ ...wishes, off: isOn ? off.filter((each) => each !== id) : [...off, id] });
  return (
    <section aria-labelledby="house-rules">
      <h2 id="house-rules" className="text-xl">
        Rules Zelk begins with
      </h2>
      {off.length > 0 && (
        <p className="text-soft">
          {off.length} of {houseRules.length} switched off
        </p>
      )}
      <div className="mt-2 space-y-1">
        {cures.map((cure) => {
          const rules = houseRules.filter((rule) => rule.cure === cure);
          return rules.length === 0 ? null : (
            <Fold key={cure} title={cureName(cure, 'uk')}>
              <ul className="mb-4">
                {rules.map((rule) => (
                  <li key={rule.id} className="border-b border-line py-2">
                    <label className="flex cursor-pointer items-start gap-3">
                      <input
                        type="checkbox"
                        className="mt-1 size-6 shrink-0 accent-accent"
                        checked={!off.includes(rule.id)}
                        disabled={!mayChange}
                        onChange={({ target }) => change(rule.id, target.checked)}
                      />
                      <RuleSays rule={rule} />
                    </label>
                  </li>
                ))}
              </ul>
            </Fold>
          );
        })}
      </div>
    </section>
  );
}

/** What a rule is for, why, how sure, what it rests on and where it does not hold. */
export function RuleSays({ rule }: { rule: CureRule }) {
  const kinds = kindsOfRule(rule);
  const list = (name: string, all: readonly { says: string }[]) =>
    all.length > 0 && (
      <span className="block text-sm text-soft">
        {name}: {all.map(({ says }) => says).join('; ')}.
      </span>
    );
  return (
    <span className="min-w-0">
      <span className="block font-bold">
        {kinds.length > 0 ? sentence(kinds.join(', ').toLowerCase()) : 'Anything it fits'}
      </span>
      <span className="block">
        {sentence(sureWords[rule.sure])}: {rule.says}.
      </span>
      {list('Rests on', rule.provided)}
      {list('Less sure where', rule.weaker)}
      {list('Not where', rule.never)}
    </span>
  );
}
