import { DndContext, DragOverlay, PointerSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import { type DragEvent, useCallback, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { type FaceId, partNameForAnyone } from '#core/car';
import { partStatus, routeOf } from '#core/walk';
import { sentence } from '#core/wording';
import { useBackCloses } from '../../../device/backCloses';
import { FaceMap } from '../../../map/FaceMap';
import { faceAround } from '../../../map/faceAround';
import { TurningPlan } from '../../../map/TurningPlan';
import { usePictureFacts } from '../../../pictures/judgements';
import type { OpenWalk } from '../../../sync/useWalk';
import { useIsDesk } from '../round/useIsDesk';
import { progressOf, toMapFinding } from '../round/walkModel';
import { BringingStrip } from './BringingStrip';
import { DragGhost } from './DragGhost';
import { FaceTurner } from './FaceTurner';
import { Filmstrip } from './Filmstrip';
import { OneByOne } from './OneByOne';
import { PicturesBar } from './PicturesBar';
import { PlaceEditor } from './PlaceEditor';
import { filmOf } from './pictureList';
import { placeFacts } from './placing';
import { useBringing } from './useBringing';

/** The car above, the filmstrip beneath: drag a picture onto its part, or choose it and say. */
export function Pictures({ walk }: { walk: OpenWalk }) {
  const { state, style, page, record } = walk;
  const navigate = useNavigate();
  const bringing = useBringing(walk);
  const factsOf = usePictureFacts(page);
  const film = useMemo(() => filmOf(walk), [walk]);
  const [chosen, setChosen] = useState<string>();
  const [dragged, setDragged] = useState<string>();
  const [isOver, setOver] = useState(false);
  /** On a phone: all of them, instead of the one in hand. */
  const [isAll, setAll] = useState(false);
  useBackCloses(isAll, () => setAll(false));
  const pointer = useRef({ x: 0, y: 0 });
  const frame = film.find(({ sha256 }) => sha256 === chosen) ?? film[0];
  const part = style.parts.get((frame?.placed ? frame.placed.part : frame?.proposal?.part) ?? '');
  const [turnedTo, setTurnedTo] = useState<FaceId>();
  const face = turnedTo ?? part?.face ?? 'left';
  const route = useMemo(() => routeOf(state, style), [state, style]);
  const findings = useMemo(
    () => state.findings.map((finding) => toMapFinding(finding, style.parts.get(finding.part))),
    [state, style],
  );
  const progress = useMemo(() => progressOf(state, style), [state, style]);
  const statusOf = useCallback((id: string) => partStatus(state, id), [state]);
  const isDesk = useIsDesk();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  const nameOf = (id: string | undefined) => {
    const found = id === undefined ? undefined : style.parts.get(id);
    return found ? sentence(partNameForAnyone(found, page.car)) : '';
  };
  const choose = (sha256: string) => {
    setTurnedTo(undefined);
    setChosen(sha256);
  };
  const move = (sha256: string, by: number) => {
    const next = film[film.findIndex((each) => each.sha256 === sha256) + by];
    if (!next) return;
    choose(next.sha256);
    document.querySelector<HTMLElement>(`[data-frame="${next.sha256}"]`)?.focus();
  };
  const dropOn = (sha256: string) => {
    const at = document
      .elementsFromPoint(pointer.current.x, pointer.current.y)
      .map((element) => element.getAttribute('data-part'))
      .find((id) => id !== null);
    const target = film.find((each) => each.sha256 === sha256);
    if (!at || !target) return;
    const role = target.placed?.role ?? target.proposal?.role ?? 'where';
    record(
      ...placeFacts(state, target, {
        part: at,
        finding: undefined,
        role: role === 'whole-car' ? 'where' : role,
      }),
    );
    setChosen(sha256);
  };
  const strip = (
    <Filmstrip
      walk={walk}
      film={film}
      chosen={frame}
      nameOf={nameOf}
      factsOf={factsOf}
      onChoose={choose}
      onMove={move}
      onOpen={(sha256) => navigate(`/walks/${page.walk}/pictures/${sha256}`)}
    />
  );
  const waiting = film.filter(({ placed }) => !placed);
  if (!isDesk && waiting.length > 0 && !isAll)
    return (
      <main className="relative flex min-h-0 flex-1 flex-col">
        <PicturesBar walk={walk} film={film} onBring={bringing.bring} onAll={() => setAll(true)} />
        <BringingStrip {...bringing} />
        <OneByOne walk={walk} waiting={waiting} />
      </main>
    );
  return (
    <main
      className="relative flex min-h-0 flex-1 flex-col"
      onPointerMove={(event) => {
        pointer.current = { x: event.clientX, y: event.clientY };
      }}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={async (event) => {
        event.preventDefault();
        setOver(false);
        bringing.bring(await filesOf(event));
      }}
    >
      <PicturesBar walk={walk} film={film} onBring={bringing.bring} />
      <BringingStrip {...bringing} />
      <DndContext
        sensors={sensors}
        onDragStart={({ active }) => setDragged(String(active.id))}
        onDragEnd={({ active }) => {
          setDragged(undefined);
          dropOn(String(active.id));
        }}
        onDragCancel={() => setDragged(undefined)}
      >
        <div className="flex min-h-0 flex-1 max-lg:flex-col">
          <section aria-label="The car" className="flex min-h-0 min-w-0 flex-1 flex-col p-2">
            {isDesk && (
              <TurningPlan
                style={style}
                face={face}
                speech={page.car}
                progress={progress}
                route={route}
                here={part?.id ?? ''}
                onFace={setTurnedTo}
              />
            )}
            <div className="relative min-h-0 flex-1">
              <FaceMap
                style={style}
                face={face}
                speech={page.car}
                statusOf={statusOf}
                findings={findings}
                {...(part && { current: part.id })}
                onSwipe={(way) => setTurnedTo(faceAround(face, way === 'left' ? 1 : -1))}
                className="absolute inset-0 size-full touch-none"
              />
              {!isDesk && <FaceTurner face={face} speech={page.car} onFace={setTurnedTo} />}
            </div>
          </section>
          {!isDesk && strip}
          {frame && (
            <section
              aria-label="The chosen picture"
              className="min-h-0 overflow-y-auto border-ink bg-sheet max-lg:max-h-[36dvh] max-lg:border-t lg:w-96 lg:border-l"
            >
              <PlaceEditor key={frame.sha256} walk={walk} frame={frame} facts={factsOf(frame.sha256)} />
            </section>
          )}
        </div>
        {isDesk && strip}
        <DragOverlay dropAnimation={null}>{dragged && <DragGhost sha256={dragged} />}</DragOverlay>
      </DndContext>
      {isOver && (
        <div className="pointer-events-none absolute inset-2 z-30 grid place-items-center rounded-md border-4 border-dashed border-accent bg-accent-fill/90 text-2xl font-bold">
          Drop the pictures here
        </div>
      )}
    </main>
  );
}

/** Files dropped, also those inside folders. */
async function filesOf(event: DragEvent): Promise<File[]> {
  const entries = [...event.dataTransfer.items].flatMap((item) => item.webkitGetAsEntry?.() ?? []);
  if (entries.length === 0) return [...event.dataTransfer.files];
  return (await Promise.all(entries.map(filesIn))).flat();
}

async function filesIn(entry: FileSystemEntry): Promise<File[]> {
  if (entry.isFile)
    return [await new Promise<File>((give, fail) => (entry as FileSystemFileEntry).file(give, fail))];
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const files: File[] = [];
  // A folder is read in pieces until none is left.
  for (;;) {
    const batch = await new Promise<FileSystemEntry[]>((give, fail) => reader.readEntries(give, fail));
    if (batch.length === 0) return files;
    for (const each of batch) files.push(...(await filesIn(each)));
  }
}
