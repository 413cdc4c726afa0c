import { type FormEvent, useMemo, useState } from 'react';
import { v4 as newId } from 'uuid';
import { type CarDetails, vocabularyOf } from '#core/car';
import { equipmentIds, equipmentName } from '#core/equipment';
import { functionName, functionsFor, isFunctionId } from '#core/functions';
import { functionsNamed } from '#core/speech';
import { type EquipmentStanding, equipmentSays, equipmentStandings, type Fact } from '#core/walk';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { Field, inputLook } from '../../../components/Field';
import type { OpenWalk } from '../../../sync/useWalk';

type Item = Extract<Fact, { kind: 'equipment-noted' }>['body']['item'];
interface Row {
  id: string;
  name: string;
  /** What was found when it was tried. */
  tried?: 'works' | 'faulty' | 'not-fitted' | 'not-tried';
  standing?: EquipmentStanding;
}

const triedWords = {
  works: 'fitted and tried: works',
  faulty: 'fitted and tried: faulty',
  'not-fitted': 'not there',
  'not-tried': 'not tried',
} as const;

/** Equipment, found by typing or picking. What was tried under "Does it work" is told from there: there is one truth. */
export function EquipmentEntry({ walk }: { walk: OpenWalk }) {
  const { state, page, record } = walk;
  const [text, setText] = useState('');
  const [isDoubtful, setDoubtful] = useState(false);
  const all = useMemo(() => catalogue(page.car), [page.car]);
  const typed = text.trim().toLowerCase();
  const rowOf = (id: string, name: string): Row => {
    const tried = state.functions.tried.get(id)?.state;
    const standing = state.equipment.get(id)?.standing;
    return { id, name, ...(tried && { tried }), ...(standing && { standing }) };
  };
  const listed = new Set(all.map(({ id }) => id));
  const own = [...state.equipment].flatMap(([id, { name }]) =>
    name && !listed.has(id) ? [{ id, name }] : [],
  );
  const said = [...all, ...own]
    .map(({ id, name }) => rowOf(id, name))
    .filter(({ tried, standing }) => standing !== undefined || tried === 'works' || tried === 'faulty');
  const fits = new Set<string>(
    Object.values(functionsFor(page.car))
      .flat()
      .map(({ id }) => id),
  );
  const byWords: readonly string[] = functionsNamed(typed).filter((id) => fits.has(id));
  const found =
    typed === ''
      ? []
      : all.filter(
          ({ id, name }) =>
            (name.toLowerCase().includes(typed) || byWords.includes(id)) &&
            !said.some((row) => row.id === id),
        );
  const note = (id: string, standing: EquipmentStanding | null, name?: string) => {
    // Of what can be tried, "not there" is an answer of the functions.
    if (standing === 'absent' && isFunctionId(id))
      record({ kind: 'functions-tried', body: { functions: [id], state: 'not-fitted' } });
    else record({ kind: 'equipment-noted', body: { item: id as Item, standing, ...(name && { name }) } });
  };
  const add = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === '') return;
    const name = text.trim().slice(0, 60);
    const exact = all.find((each) => each.name.toLowerCase() === typed);
    const usual = byWords.find((id) => !listed.has(id));
    const [named, ...others] = exact ? [exact.id] : usual ? [usual] : found.map(({ id }) => id);
    // What could be several things is asked; a name of nothing known is a thing of its own.
    if (others.length > 0 && !isDoubtful) return setDoubtful(true);
    if (!named || others.length > 0) note(newId(), 'fitted', name);
    else note(named, 'fitted', listed.has(named) ? undefined : name);
    setText('');
    setDoubtful(false);
  };
  return (
    <section aria-labelledby="equipment-title" className="space-y-3">
      <h2 id="equipment-title" className="text-xl">
        Equipment
      </h2>
      <form onSubmit={add} className="space-y-2">
        <Field
          id="equipment"
          label="Type what it has"
          hint="Like cruise, leather, tracker; or a thing of your own"
        >
          <div className="flex gap-2">
            <input
              id="equipment"
              className={inputLook}
              autoComplete="off"
              maxLength={60}
              value={text}
              onChange={(event) => {
                setText(event.target.value);
                setDoubtful(false);
              }}
            />
            <Button type="submit" look="tape">
              Fitted
            </Button>
          </div>
        </Field>
        {isDoubtful && (
          <p role="status">
            “{text.trim()}” may be any of these: choose one, or press Fitted again to keep it in your words.
          </p>
        )}
        {found.slice(0, 6).map(({ id, name }) => (
          <div key={id} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1">{name}</span>
            {equipmentStandings.map((standing) => (
              <Button
                key={standing}
                className="px-2! text-sm"
                onClick={() => {
                  note(id, standing);
                  setText('');
                }}
              >
                {equipmentSays[standing]}
              </Button>
            ))}
          </div>
        ))}
      </form>
      {said.map(({ id, name, tried, standing }) => (
        <div key={id}>
          {tried && tried !== 'not-tried' ? (
            <p className="border-b border-line py-2">
              <span className="font-bold">{name}</span>: {triedWords[tried]}
            </p>
          ) : (
            <Choice
              legend={name}
              value={standing}
              options={equipmentStandings.map((value) => ({ value, label: equipmentSays[value] }))}
              onChange={(value) => note(id, value)}
              onClear={() => note(id, null)}
            />
          )}
        </div>
      ))}
    </section>
  );
}

/** All that may be fitted to such a car and is worth telling: the list of equipment, and what not every such car has to be tried. */
function catalogue(car: CarDetails): { id: string; name: string }[] {
  const vocabulary = vocabularyOf(car);
  return [
    ...equipmentIds.map((id) => ({ id, name: equipmentName(id, vocabulary) })),
    ...functionsFor(car).possible.map(({ id }) => ({ id, name: functionName(id, vocabulary) })),
  ].sort((a, b) => a.name.localeCompare(b.name));
}
