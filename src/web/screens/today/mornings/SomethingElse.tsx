import { type FormEvent, useState } from 'react';
import { type Corner, corners, dropPlaces } from '#core/diary';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';
import { useTyped } from '../../../components/useTyped';
import { cornerWords } from '../../../diary/lookWords';
import type { Seen } from '../../../diary/useMornings';
import { photoProblem } from '../../../pictures/photoFiles';
import { hashPhoto } from '../../../sync/hashPhoto';
import { useSessions } from '../../../sync/SyncContext';
import { MorningPhotos } from './MorningPhotos';
import { readVolts } from './readVolts';

interface SomethingElseProps {
  car: string;
  onSave: (seen: Seen) => void;
  onBack: () => void;
}

/** Whatever was not as the tap says it, or was read besides. */
export function SomethingElse({ car, onSave, onBack }: SomethingElseProps) {
  const { outbox } = useSessions();
  const typed = useTyped<{ seen: Seen; volts: string; note: string }>(`morning-${car}`, {
    seen: {},
    volts: '',
    note: '',
  });
  const { seen, volts, note } = typed.value;
  const [error, setError] = useState<string>();
  const change = (more: Seen) => {
    typed.setValue((now) => ({ ...now, seen: { ...now.seen, ...more } }));
    setError(undefined);
  };
  const save = (event: FormEvent) => {
    event.preventDefault();
    const read = readVolts(volts);
    if (!read.ok) {
      setError(read.says);
      return;
    }
    const all = Object.fromEntries(
      Object.entries({
        ...seen,
        ...(read.volts !== undefined && { volts: read.volts }),
        ...(note.trim() && { note: note.trim() }),
      }).filter(([, value]) => value !== undefined),
    ) as Seen;
    if (Object.keys(all).length === 0) {
      setError('Nothing was noted. Say at least one thing of the car.');
      return;
    }
    typed.drop();
    onSave(all);
  };
  const changePhotos = (change: (photos: readonly string[]) => string[]) =>
    typed.setValue(({ seen: { photos = [], ...others }, ...now }) => {
      const next = change(photos);
      return { ...now, seen: { ...others, ...(next.length > 0 && { photos: next }) } };
    });
  const takePhoto = async (file: File) => {
    setError(undefined);
    const problem = await photoProblem(file, file.name);
    if (problem) {
      setError(problem);
      return;
    }
    const sha256 = await hashPhoto(file);
    await outbox.addPhoto(sha256, file);
    changePhotos((photos) => [...new Set([...photos, sha256])]);
  };
  return (
    <form onSubmit={save} noValidate className="mt-3 space-y-3">
      <Choice
        legend="Did it start?"
        value={seen.start}
        options={[
          { value: 'at-once', label: 'At once' },
          { value: 'slowly', label: 'Slowly' },
          { value: 'not', label: 'Not' },
        ]}
        onChange={(start) => change({ start })}
        onClear={() => change({ start: undefined })}
      />
      <Choice
        legend="How does it stand?"
        value={seen.level}
        options={[
          { value: 'level', label: 'Level' },
          { value: 'sunk', label: 'Sunk' },
        ]}
        onChange={(level) => change({ level })}
        onClear={() => change({ level: undefined, sunkAt: undefined })}
      />
      {seen.level === 'sunk' && (
        <Corners legend="Where?" chosen={seen.sunkAt ?? []} onChange={(sunkAt) => change({ sunkAt })} />
      )}
      <Choice
        legend="Under it"
        value={seen.under}
        options={[
          { value: 'dry', label: 'No drops' },
          { value: 'drops', label: 'Drops' },
        ]}
        onChange={(under) => change({ under })}
        onClear={() => change({ under: undefined, dropsAt: undefined })}
      />
      {seen.under === 'drops' && (
        <Choice
          legend="Where are the drops?"
          value={seen.dropsAt}
          options={dropPlaces.map((value) => ({ value, label: sentence(value) }))}
          onChange={(dropsAt) => change({ dropsAt })}
          onClear={() => change({ dropsAt: undefined })}
        />
      )}
      <Choice
        legend="Warning lamps"
        value={seen.lamps}
        options={[
          { value: 'none', label: 'None stays on' },
          { value: 'on', label: 'One stays on' },
        ]}
        onChange={(lamps) => change({ lamps })}
        onClear={() => change({ lamps: undefined })}
      />
      <Choice
        legend="Tyres"
        value={seen.tyres}
        options={[
          { value: 'hold', label: 'Hold' },
          { value: 'losing', label: 'One loses air' },
        ]}
        onChange={(tyres) => change({ tyres })}
        onClear={() => change({ tyres: undefined, losing: undefined })}
      />
      {seen.tyres === 'losing' && (
        <Corners legend="Which?" chosen={seen.losing ?? []} onChange={(losing) => change({ losing })} />
      )}
      <div className="grid grid-cols-[7rem_1fr] gap-2">
        <TextField
          id="volts"
          label="Battery, V"
          inputMode="decimal"
          autoComplete="off"
          value={volts}
          aria-describedby="volts-says"
          onChange={({ target }) => {
            typed.setValue((now) => ({ ...now, volts: target.value }));
            setError(undefined);
          }}
        />
        <TextField
          id="morning-note"
          label="Note, for the yard"
          maxLength={200}
          autoComplete="off"
          value={note}
          aria-describedby="morning-note-says"
          onChange={({ target }) => typed.setValue((now) => ({ ...now, note: target.value }))}
        />
      </div>
      <MorningPhotos
        photos={seen.photos ?? []}
        onFile={(file) => void takePhoto(file)}
        onRemove={(gone) => changePhotos((photos) => photos.filter((each) => each !== gone))}
      />
      {error && (
        <p role="alert" className="font-bold text-warn">
          {error}
        </p>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={onBack}>Back</Button>
        <Button type="submit" look="tape">
          Save
        </Button>
      </div>
    </form>
  );
}

interface CornersProps {
  legend: string;
  chosen: readonly Corner[];
  onChange: (corners: Corner[]) => void;
}

const Corners = ({ legend, chosen, onChange }: CornersProps) => (
  <fieldset>
    <legend className="mb-1 text-sm font-bold text-soft">{legend}</legend>
    <div className="grid grid-cols-2 gap-2">
      {corners.map((corner) => (
        <button
          key={corner}
          type="button"
          aria-pressed={chosen.includes(corner)}
          className="min-h-12 rounded-md border border-soft px-2 aria-pressed:bg-accent aria-pressed:text-on-accent"
          onClick={() =>
            onChange(chosen.includes(corner) ? chosen.filter((each) => each !== corner) : [...chosen, corner])
          }
        >
          {sentence(cornerWords[corner])}
        </button>
      ))}
    </div>
  </fieldset>
);
