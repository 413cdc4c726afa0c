import { useRef, useState } from 'react';
import type { FilmCaption, WalkFilm } from '#core/walk';
import { Notice } from '../../../components/Notice';
import type { FilmLoad } from '../../../film/useFilmFile';
import type { OpenWalk } from '../../../sync/useWalk';
import { KeyHelp } from '../round/KeyHelp';
import { CutForFinding } from './CutButtons';
import { DraftList } from './DraftList';
import { FilmFooter } from './FilmFooter';
import { FilmMap } from './FilmMap';
import { FilmStage, type StageHandle } from './FilmStage';
import { ShiftOffer } from './ShiftWords';
import type { Brought } from './useBringFilm';
import { useFilmDesk } from './useFilmDesk';
import { filmKeyHelp, useFilmKeys } from './useFilmKeys';
import { WithoutFilm } from './WithoutFilm';

interface FilmDeskProps {
  walk: OpenWalk;
  film: WalkFilm;
  captions: readonly FilmCaption[];
  load: FilmLoad;
  brought: Brought;
  /** What was odd of what came in. */
  notes: readonly string[];
  onAnother: (what: 'film' | 'words') => void;
}

/** The film above, what it says beside it in the order spoken: all as said at once, the likely ones one by one, last what must be answered. */
export function FilmDesk({ walk, film, captions, load, brought, notes, onAnother }: FilmDeskProps) {
  /** The address of a film that the browser could not play. */
  const [failed, setFailed] = useState<string>();
  const hasFailed = load.is === 'open' && load.url === failed;
  const stage = useRef<StageHandle>(undefined);
  const frames = load.is === 'open' ? load.frames : undefined;
  const desk = useFilmDesk(walk, film, frames, stage);
  const [isHelp, setHelp] = useState(false);
  useFilmKeys(desk, stage, () => setHelp(true));
  const { current, actions } = desk;
  const choices = current?.group === 'ask' && 'choices' in current.draft ? current.draft.choices : undefined;
  return (
    <main className="flex min-h-0 flex-1 flex-col lg:grid lg:grid-cols-[minmax(0,1fr)_27rem]">
      <div className="flex min-h-0 flex-col p-2 max-lg:max-h-[58dvh]">
        {load.is === 'open' && !hasFailed ? (
          <FilmStage
            load={load}
            captions={captions}
            shiftS={film.shiftS}
            frame={current && desk.frames.get(current.key)}
            handle={stage}
            onMark={current ? desk.mark : undefined}
            onFailed={() => setFailed(load.url)}
          />
        ) : (
          <WithoutFilm walk={walk} film={film} load={load} hasFailed={hasFailed} brought={brought} />
        )}
        {notes.map((note) => (
          <Notice key={note}>{note}</Notice>
        ))}
        {load.is === 'open' && (
          <ShiftOffer walk={walk} film={film} captions={captions} seconds={load.told.seconds} />
        )}
        <FilmMap
          walk={walk}
          drafts={desk.drafts}
          inHand={current}
          onPart={
            choices && current
              ? (part) => choices.includes(part) && actions.answer(current, { part })
              : undefined
          }
        />
      </div>
      {isHelp && <KeyHelp keys={filmKeyHelp} onClose={() => setHelp(false)} />}
      <section aria-label="What it says" className="flex min-h-0 flex-1 flex-col border-line lg:border-l">
        <DraftList
          walk={walk}
          desk={desk}
          shiftS={film.shiftS}
          onGo={(atS) => stage.current?.seek(atS)}
          {...(load.is === 'open' && frames
            ? {
                cutFor: (finding, atS) => (
                  <CutForFinding
                    walk={walk}
                    film={film}
                    finding={finding}
                    atS={atS}
                    seconds={load.told.seconds}
                    frames={frames}
                    hasSound={load.told.hasSound}
                  />
                ),
              }
            : {})}
        />
        <FilmFooter
          walk={walk}
          film={film}
          load={load}
          desk={desk}
          onAnother={onAnother}
          onDropped={brought.onFilm}
          now={() => stage.current?.now() ?? 0}
        />
      </section>
    </main>
  );
}
