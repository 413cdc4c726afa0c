import { Trash2 } from 'lucide-react';
import { houseRules, type RuleWishes } from '#core/cures';
import { cureName } from '#core/walk';
import { Button } from '../../../components/Button';
import { RuleSays } from './HouseRules';
import { OwnRuleForm } from './OwnRuleForm';

interface OwnRulesProps {
  wishes: RuleWishes;
  mayChange: boolean;
  isSaving: boolean;
  save: (wishes: RuleWishes) => Promise<unknown>;
}

/** Rules the yard added, before Zelk's own, and a form for another. */
export function OwnRules({ wishes, mayChange, isSaving, save }: OwnRulesProps) {
  const { added } = wishes;
  return (
    <section aria-labelledby="own-rules">
      <h2 id="own-rules" className="text-xl">
        Your own rules
      </h2>
      {added.length === 0 && <p className="text-soft">None yet. They come before those Zelk begins with.</p>}
      <ul className="border-t border-ink">
        {added.map((rule) => (
          <li key={rule.id} className="flex flex-wrap items-start gap-3 border-b border-line py-2">
            <div className="min-w-60 flex-1">
              <p>{cureName(rule.cure, 'uk')}</p>
              <RuleSays rule={rule} />
            </div>
            {mayChange && (
              <Button
                aria-label={`Take out the rule: ${cureName(rule.cure, 'uk')}, ${rule.says}`}
                onClick={() => void save({ ...wishes, added: added.filter(({ id }) => id !== rule.id) })}
              >
                <Trash2 aria-hidden size={18} /> Take out
              </Button>
            )}
          </li>
        ))}
      </ul>
      {mayChange && (
        <OwnRuleForm
          taken={[...houseRules, ...added].map(({ id }) => id)}
          isSaving={isSaving}
          onRule={(rule) => save({ ...wishes, added: [...added, rule] })}
        />
      )}
    </section>
  );
}
