import { ImagePlus } from 'lucide-react';
import { useId } from 'react';
import type { WorkTold } from '#core/api';
import { vocabularyOf } from '#core/car';
import type { ToLookAt } from '#core/mending';
import { decisionLine, type Fact, type FoundAgain, foundAgain, foundWords } from '#core/walk';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';
import { useTyped } from '../../../components/useTyped';
import { Strip } from '../../../map/Strip';
import { PhotoInputs } from '../../../pictures/PhotoInputs';
import { PhotoThumb } from '../../../pictures/PhotoThumb';
import { yardSheetActions } from '../../../sheet/sheetActions';
import { Said } from '../../../sheet/WorkSay';
import type { OpenWalk } from '../../../sync/useWalk';
import { ReadAnew } from './ReadAnew';

interface MendedItemProps {
  item: ToLookAt;
  walk: OpenWalk;
  /** What was said of it by whoever worked on it. */
  said: readonly WorkTold[];
}

/** One thing that was to be mended: how it was, what was promised, what they said who worked on it, and how it is found now. */
export function MendedItem({ item, walk, said }: MendedItemProps) {
  const id = useId();
  const { state, page, record } = walk;
  const { about, number, where, says, decision, checked, part } = item;
  const {
    value: words,
    setValue: setWords,
    drop,
  } = useTyped(`mended.${page.walk}.${item.id}`, checked?.says ?? '');
  const finding = about.of === 'finding' ? about.finding : undefined;
  const own = state.photos.filter((photo) =>
    finding ? photo.finding === finding : part !== undefined && photo.part === part && !photo.finding,
  );
  const place = { ...(part && { part }), ...(finding && { finding }) };
  const look = (found: FoundAgain) => {
    const told = words.trim();
    record({ kind: 'mend-checked', body: { about, found, ...(told && { says: told }) } });
    drop();
  };
  return (
    <li className="space-y-3 border-b border-line py-4">
      <div className="flex items-start gap-3">
        {number !== undefined && (
          <Strip number={number} standing={checked?.found === 'gone' ? 'put-right' : 'confirmed'} />
        )}
        <div className="min-w-0 flex-1">
          <p className="text-lg leading-tight">
            <span className="font-bold">{where}</span>
            {says && `: ${says}`}
          </p>
          {decision && <p className="text-sm">{decisionLine({ decision }, vocabularyOf(page.car))}.</p>}
        </div>
      </div>
      {said.map((work) => (
        <Said key={`${work.at} ${work.by}`} work={work} actions={yardSheetActions} />
      ))}
      {own.length > 0 && (
        <div className="flex gap-2 overflow-x-auto">
          {own.map((photo) => (
            <PhotoThumb
              key={photo.entry}
              walk={page.walk}
              photo={photo}
              onRemove={() => record({ kind: 'undone', body: { entry: photo.entry } })}
            />
          ))}
        </div>
      )}
      <Choice
        legend={`How it is now: ${number === undefined ? where : `finding ${number}`}`}
        isLegendHidden
        value={checked?.found}
        options={foundAgain.map((found) => ({ value: found, label: foundWords[found].name }))}
        onChange={look}
      />
      <TextField
        id={`${id}-says`}
        label={
          checked?.found === 'gone' ? 'What was done, in your words' : 'What is left of it, in your words'
        }
        maxLength={200}
        autoComplete="off"
        value={words}
        onChange={({ target }) => setWords(target.value)}
        onBlur={() => checked && words.trim() !== (checked.says ?? '') && look(checked.found)}
      />
      {(finding || part) && (
        <>
          <PhotoInputs walk={walk} shows="after" {...place} say={record} />
          <Theirs
            photos={said
              .flatMap(({ photos }) => photos)
              .filter((sha256) => !own.some((photo) => photo.sha256 === sha256))}
            place={place}
            record={record}
          />
        </>
      )}
      {checked?.found === 'gone' && <ReadAnew walk={page.walk} about={about} />}
    </li>
  );
}

/** Pictures that came from whoever did the work: part of the record once somebody of the yard puts them there. */
function Theirs({
  photos,
  place,
  record,
}: {
  photos: readonly string[];
  place: { part?: string; finding?: string };
  record: (...facts: Fact[]) => void;
}) {
  if (photos.length === 0) return null;
  const attach = () =>
    record(
      ...photos.map((photo): Fact => ({ kind: 'photo-attached', body: { photo, role: 'after', ...place } })),
    );
  return (
    <Button onClick={attach}>
      <ImagePlus aria-hidden size={20} />
      {photos.length === 1
        ? 'Put their picture into the record'
        : `Put their ${photos.length} pictures into the record`}
    </Button>
  );
}
