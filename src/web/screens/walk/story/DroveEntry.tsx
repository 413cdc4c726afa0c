import { driveGroupNames, driveGroups } from '#core/walk';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';
import type { OpenWalk } from '../../../sync/useWalk';

/** How it drove, in a line for each group: in order or not, and what there is to say either way. */
export function DroveEntry({ walk }: { walk: OpenWalk }) {
  const { state, record } = walk;
  const { drive } = state.functions;
  return (
    <section aria-labelledby="drove-title" className="space-y-3">
      <h2 id="drove-title" className="text-xl">
        How it drove
      </h2>
      {!drive && (
        <p className="text-soft">
          No road test was begun: who drives, and that they may, is said under “Does it work”. Only tell here
          what somebody has driven.
        </p>
      )}
      {driveGroups.map((group) => {
        const told = state.drove.get(group);
        return (
          <div key={group} className="space-y-1">
            <Choice
              legend={driveGroupNames[group]}
              value={told && (told.fine ? 'fine' : 'not')}
              options={[
                { value: 'fine', label: 'in order' },
                { value: 'not', label: 'not in order' },
              ]}
              onChange={(value) =>
                record({
                  kind: 'drove-told',
                  body: { group, fine: value === 'fine', ...(told?.says && { says: told.says }) },
                })
              }
              onClear={() => record({ kind: 'drove-told', body: { group, fine: null } })}
            />
            {told && (
              <TextField
                id={`drove-${group}`}
                label={`More of the ${driveGroupNames[group].toLowerCase()}`}
                maxLength={300}
                autoComplete="off"
                defaultValue={told.says ?? ''}
                onBlur={(event) => {
                  const says = event.target.value.trim();
                  if (says !== (told.says ?? ''))
                    record({ kind: 'drove-told', body: { group, fine: told.fine, ...(says && { says }) } });
                }}
              />
            )}
          </div>
        );
      })}
    </section>
  );
}
