import { Bookmark, X } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../components/Button';
import { inputLook } from '../../../components/Field';
import { useTyped } from '../../../components/useTyped';

/** A search, a filter and an order that somebody wants again, by a name of their own. */
interface View {
  name: string;
  query: string;
}

/** So many fit above a list. */
const MOST = 8;

/** Views kept on this device: chosen by a tap, named once, taken out again. `query` is what is shown now; empty where that is the whole list. */
export function SavedViews({ query, onOpen }: { query: string; onOpen: (query: string) => void }) {
  const { value, setValue } = useTyped('stock-views', { views: [] as View[] });
  const [name, setName] = useState<string>();
  const { views } = value;
  const known = views.find((view) => view.query === query);
  const keep = () => {
    const called = (name ?? '').trim();
    if (called === '') return;
    const others = views.filter((view) => view.name !== called);
    setValue({ views: [...others, { name: called, query }].slice(-MOST) });
    setName(undefined);
  };
  if (views.length === 0 && query === '') return null;
  return (
    <fieldset className="mb-3 flex flex-wrap items-center gap-2">
      <legend className="sr-only">Views you keep</legend>
      {views.map((view) => (
        <span key={view.name} className="flex">
          <Button
            aria-pressed={view === known}
            onClick={() => onOpen(view.query)}
            className="rounded-r-none!"
          >
            <Bookmark aria-hidden size={16} fill={view === known ? 'currentColor' : 'none'} /> {view.name}
          </Button>
          <Button
            aria-label={`Forget the view ${view.name}`}
            className="rounded-l-none! border-l-0! px-2!"
            onClick={() => setValue({ views: views.filter((each) => each !== view) })}
          >
            <X aria-hidden size={16} />
          </Button>
        </span>
      ))}
      {query !== '' &&
        !known &&
        (name === undefined ? (
          <Button onClick={() => setName('')}>
            <Bookmark aria-hidden size={16} /> Keep this view
          </Button>
        ) : (
          <form
            className="flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              keep();
            }}
          >
            <input
              aria-label="Name of this view"
              placeholder="A name for it"
              className={`${inputLook} w-44!`}
              maxLength={24}
              // biome-ignore lint/a11y/noAutofocus: it was just asked for by a tap.
              autoFocus
              value={name}
              onChange={({ target }) => setName(target.value)}
            />
            <Button type="submit">Keep</Button>
          </form>
        ))}
    </fieldset>
  );
}
