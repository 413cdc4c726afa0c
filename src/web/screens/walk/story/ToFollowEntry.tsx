import { Check, X } from 'lucide-react';
import type { FormEvent } from 'react';
import { v4 as newId } from 'uuid';
import { tellAtStop } from '#core/readings';
import { starting } from '#core/told';
import { followings, type ToFollow, toFollowTold } from '#core/walk';
import { Button } from '../../../components/Button';
import { SelectField, TextField } from '../../../components/fields';
import { useTyped } from '../../../components/useTyped';
import type { OpenWalk } from '../../../sync/useWalk';

const names: Record<ToFollow['what'], string> = {
  paper: 'A paper',
  film: 'A film',
  picture: 'A picture',
  other: 'Something else',
};

const nothing: Required<ToFollow> = { what: 'paper', says: '', by: '' };

/** What a buyer is promised for later than the report, each until it came. */
export function ToFollowEntry({ walk }: { walk: OpenWalk }) {
  const { state, page, record } = walk;
  const tell = tellAtStop(page.car);
  const { value: typed, setValue: setTyped } = useTyped(`to-follow.${page.walk}`, nothing);
  const { what, says, by } = typed;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (says.trim() === '') return;
    record({
      kind: 'to-follow-noted',
      body: { follow: newId(), what, says: says.trim(), ...(by && { by }) },
    });
    setTyped(nothing);
  };
  return (
    <section aria-labelledby="follow-title" className="space-y-3">
      <h2 id="follow-title" className="text-xl">
        Still to follow
      </h2>
      <ul>
        {[...state.toFollow].map(([follow, each]) => (
          <li key={follow} className="flex items-center border-b border-line">
            <span className="min-w-0 flex-1 py-2 leading-tight">{tell(starting(toFollowTold(each)))}</span>
            <button
              type="button"
              aria-label={`It came: ${each.says}`}
              className="grid size-12 shrink-0 place-items-center"
              onClick={() => record({ kind: 'to-follow-settled', body: { follow, is: 'came' } })}
            >
              <Check aria-hidden size={20} />
            </button>
            <button
              type="button"
              aria-label={`No longer to follow: ${each.says}`}
              className="grid size-12 shrink-0 place-items-center"
              onClick={() => record({ kind: 'to-follow-settled', body: { follow, is: 'withdrawn' } })}
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="space-y-3">
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            id="follow-what"
            label="What follows"
            value={what}
            onChange={({ target }) =>
              setTyped({ ...typed, what: followings.find((each) => each === target.value) ?? 'other' })
            }
          >
            {followings.map((value) => (
              <option key={value} value={value}>
                {names[value]}
              </option>
            ))}
          </SelectField>
          <TextField
            id="follow-by"
            label="By, if a day was said"
            type="date"
            value={by}
            onChange={({ target }) => setTyped({ ...typed, by: target.value })}
          />
        </div>
        <TextField
          id="follow-says"
          label="Which, and of what"
          maxLength={160}
          autoComplete="off"
          value={says}
          onChange={({ target }) => setTyped({ ...typed, says: target.value })}
        />
        <Button type="submit" look="tape" className="w-full" disabled={says.trim() === ''}>
          Promise that it follows
        </Button>
      </form>
    </section>
  );
}
