import { useCallback, useState } from 'react';
import { drawOverlay, type HideBox, type HideReason, type Mark, type Vec2 } from '#core/picture';
import { pictureOf } from '#core/walk';
import { Notice } from '../../../components/Notice';
import { usePictureFacts } from '../../../pictures/judgements';
import { useSessions } from '../../../sync/SyncContext';
import type { OpenWalk } from '../../../sync/useWalk';
import { MeasurePanel } from './MeasurePanel';
import { MeasureShapes } from './MeasureShapes';
import { measured, newMeasuring } from './measuring';
import { OverlayShapes } from './OverlayShapes';
import { PictureStage } from './PictureStage';
import { AboutPanel } from './panels/AboutPanel';
import { HidePanel } from './panels/HidePanel';
import { MarkPanel } from './panels/MarkPanel';
import { SpotPanel } from './panels/SpotPanel';
import { Toolbar } from './Toolbar';
import { boxDragged, markDragged, placeOf, type Tool, toolWords } from './tools';
import { useMeasurePoints } from './useMeasurePoints';
import { usePicture } from './usePicture';

/** The picture with its tools. What is drawn is data over it; the picture stays as it was taken. */
export function PictureDesk({ walk, sha256 }: { walk: OpenWalk; sha256: string }) {
  const { state, page, record } = walk;
  const { outbox } = useSessions();
  const [tool, setTool] = useState<Tool>('look');
  const [words, setWords] = useState('');
  const [hides, setHides] = useState<HideReason>('plate');
  const [finding, setFinding] = useState<string>();
  const [draft, setDraft] = useState<{ from: Vec2; to: Vec2 }>();
  const [measuring, setMeasuring] = useState(newMeasuring);
  const [zoom, setZoom] = useState(1);
  const known = page.photos.find((photo) => photo.record.sha256 === sha256)?.record;
  const { picture, failed } = usePicture(sha256, known, tool === 'measure');
  const facts = usePictureFacts(page)(sha256);
  const said = pictureOf(state, sha256);
  const attached = state.photos.filter((photo) => photo.sha256 === sha256);
  const points = useMeasurePoints({ measuring, setMeasuring, sha256, local: outbox.photo(sha256) });
  const onZoom = useCallback((next: number) => setZoom(next), []);
  const spots = [...said.spots].flatMap(([id, at]) => {
    const there = state.findings.find((each) => each.id === id);
    return there ? [{ number: there.number, at }] : [];
  });
  if (failed)
    return (
      <Notice look="warn" className="m-3">
        This picture has not reached the server yet, and is not on this device.
      </Notice>
    );
  if (!picture) return <p className="p-4">Opening the picture…</p>;

  const mark = (marks: readonly Mark[]) =>
    record({ kind: 'photo-marked', body: { photo: sha256, marks: [...marks] } });
  const hide = (boxes: readonly HideBox[]) =>
    record({ kind: 'photo-hidden', body: { photo: sha256, boxes: [...boxes] } });
  const finish = (from: Vec2, to: Vec2) => {
    switch (tool) {
      case 'ring':
      case 'arrow':
      case 'line': {
        const made = markDragged(tool, from, to, picture);
        if (made) mark([...said.marks, made]);
        break;
      }
      case 'text':
        if (words.trim())
          mark([...said.marks, { kind: 'text', at: placeOf(to, picture), label: words.trim() }]);
        break;
      case 'hide': {
        const box = boxDragged(from, to, picture);
        if (box) hide([...(said.boxes ?? []), { ...box, hides }]);
        break;
      }
      case 'spot':
        if (finding)
          record({ kind: 'spot-on-photo', body: { photo: sha256, finding, at: placeOf(to, picture) } });
        break;
      case 'look':
      case 'measure':
        break;
    }
  };
  const draftMark = draft && markDragged(tool, draft.from, draft.to, picture);
  const draftBox = draft && tool === 'hide' && boxDragged(draft.from, draft.to, picture);
  const drawn = drawOverlay(
    {
      marks: draftMark ? [...said.marks, draftMark] : [...said.marks],
      boxes: draftBox ? [...(said.boxes ?? []), { ...draftBox, hides }] : [...(said.boxes ?? [])],
      spots,
    },
    picture.width,
    picture.height,
  );
  return (
    <main className="flex min-h-0 flex-1 max-lg:flex-col">
      <div className="min-h-0 min-w-0 flex-1">
        <PictureStage
          picture={picture}
          draws={tool !== 'look'}
          loupe={tool === 'measure' || tool === 'spot'}
          label={tool === 'measure' ? 'The picture: tap places, arrow keys move the last one' : 'The picture'}
          onZoom={onZoom}
          texts={drawn.texts}
          onDown={(at, now) => (tool === 'measure' ? points.down(at, now) : setDraft({ from: at, to: at }))}
          onMove={(at) =>
            tool === 'measure' ? points.move(at) : setDraft((before) => before && { ...before, to: at })
          }
          onUp={(at) => {
            if (tool === 'measure') points.up(at);
            else if (draft) finish(draft.from, at);
            setDraft(undefined);
          }}
        >
          {(scale) => (
            <>
              <OverlayShapes shapes={[...drawn.boxes, ...drawn.shapes]} />
              {tool === 'measure' && <MeasureShapes measuring={measuring} zoom={scale} />}
            </>
          )}
        </PictureStage>
      </div>
      <section
        aria-label="Tools"
        className="flex min-h-0 flex-col border-ink bg-sheet max-lg:max-h-[52dvh] max-lg:border-t lg:w-96 lg:border-l"
      >
        <Toolbar tool={tool} onTool={setTool} />
        <div className="min-h-0 flex-1 space-y-3 overflow-y-auto p-3">
          {toolWords[tool].hint && tool !== 'look' && <p className="text-soft">{toolWords[tool].hint}</p>}
          {tool === 'look' && (
            <AboutPanel walk={walk} sha256={sha256} attached={attached} facts={facts} spots={spots} />
          )}
          {(tool === 'ring' || tool === 'arrow' || tool === 'line' || tool === 'text') && (
            <MarkPanel
              marks={said.marks}
              words={tool === 'text' ? words : undefined}
              onWords={setWords}
              onMarks={mark}
            />
          )}
          {tool === 'hide' && (
            <HidePanel
              {...{ sha256, hides }}
              boxes={said.boxes}
              onHides={setHides}
              onBoxes={hide}
              withdrawnAt={state.withdrawn.get(sha256)}
              onWithdraw={() => record({ kind: 'photo-withdrawn', body: { photo: sha256 } })}
            />
          )}
          {tool === 'spot' && (
            <SpotPanel
              walk={walk}
              sha256={sha256}
              attached={attached}
              chosen={finding}
              onChoose={setFinding}
            />
          )}
          {tool === 'measure' && (
            <MeasurePanel
              walk={walk}
              sha256={sha256}
              attached={attached}
              measuring={measuring}
              setMeasuring={setMeasuring}
              result={measured(measuring, zoom, picture)}
              zoom={zoom}
              size={picture}
              snap={points.snap}
            />
          )}
        </div>
      </section>
    </main>
  );
}
