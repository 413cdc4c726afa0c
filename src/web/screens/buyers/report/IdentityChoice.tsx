import { plateName, type Speech } from '#core/car';
import type { IdentityTelling } from '#core/report';
import { sentence } from '#core/wording';
import { Choice } from '../../../components/Choice';

interface IdentityChoiceProps {
  car: Speech;
  value: IdentityTelling;
  onChange: (value: IdentityTelling) => void;
}

const hints: Record<IdentityTelling, string> = {
  full: 'Whoever has the link can look the car up by them.',
  'last-six':
    'The last six signs of the number and the last half of the plate: enough to know the car by, too little to look it up.',
  'left-out': 'The report says that they are not told.',
};

/** How much of plate and identity number readers are told. Photos have boxes of their own. */
export function IdentityChoice({ car, value, onChange }: IdentityChoiceProps) {
  return (
    <div>
      <Choice
        legend={`${sentence(plateName(car))} and identity number in the report`}
        value={value}
        options={[
          { value: 'last-six', label: 'Last six' },
          { value: 'full', label: 'In full' },
          { value: 'left-out', label: 'Left out' },
        ]}
        onChange={onChange}
      />
      <p className="mt-1 text-sm text-soft">{hints[value]}</p>
    </div>
  );
}
