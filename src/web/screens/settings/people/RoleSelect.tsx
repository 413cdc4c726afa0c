import type { SelectHTMLAttributes } from 'react';
import { mayAppoint, type Role, roleNames, roles } from '#core/people';
import { inputLook } from '../../../components/Field';
import { useMe } from '../../../people/me';

interface RoleSelectProps extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'value' | 'onChange'> {
  value: Role;
  onRole: (role: Role) => void;
}

/** What somebody is here to do, as far as whoever chooses may give it. */
export function RoleSelect({ value, onRole, className = '', ...props }: RoleSelectProps) {
  const me = useMe();
  return (
    <select
      {...props}
      className={`${inputLook} ${className}`}
      value={value}
      onChange={(event) => onRole(event.target.value as Role)}
    >
      {roles
        .filter((each) => mayAppoint(me.role, each))
        .map((each) => (
          <option key={each} value={each}>
            {roleNames[each].name}
          </option>
        ))}
    </select>
  );
}
