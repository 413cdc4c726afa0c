import {
  type KeyboardEvent,
  type MouseEvent,
  memo,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import {
  type BodyStyle,
  type FaceId,
  faceName,
  middleOf,
  type Part,
  type PartId,
  partNameForAnyone,
  partToward,
  type Speech,
  type Way,
} from '#core/car';
import type { Extent, Finding, PartStatus, Spot } from '#core/walk';
import { sentence } from '#core/wording';
import { beginStroke, extendStroke, extentOfStroke, type Stroke } from './drawExtent';
import { ExtentMark } from './ExtentMark';
import { FaceScenery } from './FaceScenery';
import { closeUp, pathOf, pointOf, seenX, spotAt, wholeFace } from './faceGeometry';
import { PartLabels } from './PartLabels';
import { PartPath } from './PartPath';
import { statusWords } from './partMarks';
import { SpotDots } from './SpotDots';
import { PendingMark, Tick } from './SpotMarks';
import { stripAt, THUMB_PX } from './stripAt';
import { type StripStanding, TapeStrip } from './TapeStrip';
import { type PartTint, TintFigures } from './TintFigures';
import { useGlide } from './useGlide';
import { useMapGestures } from './useMapGestures';
import { useSize } from './useSize';

const arrows: Record<string, Way> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

export type MapFinding = Pick<Finding, 'id' | 'part' | 'spot'> & {
  /** Without one while it is only heard. */
  number: number | '';
  notice?: Finding['details']['notice'];
  standing: StripStanding;
  isGuess?: boolean;
  warns?: boolean;
  extent?: Extent;
};

/** What may be drawn with the finger on a part. */
export interface Drawing {
  part: PartId;
  form: Extent['form'];
  onExtent: (extent: Extent) => void;
}

interface FaceMapProps {
  style: BodyStyle;
  face: FaceId;
  speech: Speech;
  statusOf: (part: PartId) => PartStatus;
  findings: readonly MapFinding[];
  current?: PartId;
  /** Show the current part large instead of the whole face. */
  close?: boolean;
  /** A spot about to become a finding. */
  pending?: { part: PartId; spot: Spot };
  drawing?: Drawing;
  /** Parts filled by something read of them, with its figure, in place of what was seen of them. */
  tints?: ReadonlyMap<PartId, PartTint>;
  /** Places on a part where something was read. */
  dots?: { part: PartId; spots: readonly Spot[] };
  onPart?: (part: PartId, spot: Spot) => void;
  /** A tap on the strip of a finding, or within a thumb of it. */
  onFinding?: (id: string) => void;
  /** Walks on to a part without looking for a spot on it: the arrow keys. */
  onStep?: (part: PartId) => void;
  onSwipe?: (way: 'left' | 'right') => void;
  className?: string;
}

/** One face of the car as seen by a person standing at it. Pinch or wheel to come nearer, drag to move, tap a part. */
// biome-ignore lint/complexity/noExcessiveLinesPerFunction: the map's layers, from the back to the front, and the fingers that move them all.
export const FaceMap = memo(function FaceMap(props: FaceMapProps) {
  const {
    style,
    face: faceId,
    speech,
    statusOf,
    findings,
    current,
    close,
    pending,
    drawing,
    tints,
    dots,
  } = props;
  const { onPart, onFinding, onStep, onSwipe, className } = props;
  const face = style.faces[faceId];
  const svg = useRef<SVGSVGElement>(null);
  const size = useSize(svg);
  const ratio = size.height > 0 ? size.width / size.height : 1.6;
  const here = current === undefined ? undefined : style.parts.get(current);
  const zoomedPart = close && here?.face === faceId ? here : undefined;
  const whole = wholeFace(face, ratio);
  const subject = `${style.id} ${faceId} ${ratio} ${zoomedPart?.id ?? ''}`;
  const target = zoomedPart ? closeUp(face, zoomedPart, ratio) : whole;

  const [stroke, setStroke] = useState<Stroke>();
  const strokePart = drawing && style.parts.get(drawing.part);
  const { view, isOwnView, wasDragged, handlers } = useMapGestures({
    svg,
    base: target,
    whole,
    subject,
    ...(onSwipe && !zoomedPart && { onSwipe }),
    onStrokeStart: (at) => {
      if (!drawing || !strokePart || strokePart.face !== faceId || drawing.form === 'dots') return false;
      if (!isNear(strokePart, [seenX(face, at[0]), at[1]])) return false;
      setStroke(beginStroke(drawing.form, spotAt(face, strokePart, at)));
      return true;
    },
    onStrokeMove: (at) =>
      setStroke((now) => now && strokePart && extendStroke(now, spotAt(face, strokePart, at), face.mirrored)),
    onStrokeEnd: () => {
      const extent = stroke && extentOfStroke(stroke, face.mirrored);
      setStroke(undefined);
      if (extent) drawing?.onExtent(extent);
    },
  });
  useGlide(svg, view, `${style.id} ${faceId} ${ratio}`, isOwnView);
  /** Drawing units per CSS pixel. */
  const unit = size.width > 0 ? view.width / size.width : 4;

  const drawn = useMemo(() => {
    const parts = [...style.parts.values()].filter((part) => part.face === faceId);
    return parts.map((part) => ({ part, path: pathOf(style.faces[faceId], part.outline) }));
  }, [style, faceId]);

  // Walking by arrow keys, the keys stay with the part one walks to.
  const stepped = useRef(false);
  useEffect(() => {
    if (!stepped.current || here?.face !== faceId) return;
    stepped.current = false;
    svg.current?.querySelector<SVGElement>(`[data-part="${current}"]`)?.focus();
  }, [current, here, faceId]);

  const tap = (event: MouseEvent<SVGSVGElement>) => {
    const hit = (event.target as Element).closest('[data-part], [data-leads-to]');
    const part = style.parts.get(hit?.getAttribute('data-part') ?? hit?.getAttribute('data-leads-to') ?? '');
    const matrix = svg.current?.getScreenCTM();
    if (!part || !matrix || !onPart || wasDragged()) return;
    event.stopPropagation();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const strip = onFinding && stripAt(style, faceId, findings, [x, y], unit * THUMB_PX);
    if (strip) {
      onFinding(strip);
      return;
    }
    onPart(part.id, spotAt(style.faces[part.face ?? faceId], part, [x, y]));
  };
  const press = useCallback(
    (id: PartId, event: KeyboardEvent<SVGElement>) => {
      const way = arrows[event.key];
      const part = style.parts.get(id);
      if (!part) return;
      if (way && onStep) {
        const seen: Way = face.mirrored && way[0] !== 0 ? [way[0] === 1 ? -1 : 1, 0] : way;
        const next = partToward(style, id, seen);
        event.preventDefault();
        event.stopPropagation();
        if (!next) return;
        stepped.current = true;
        onStep(next);
      } else if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        event.stopPropagation();
        onPart?.(id, middleOf(part));
      }
    },
    [style, face, onStep, onPart],
  );
  const numbersOn = useMemo(() => {
    const numbers = new Map<PartId, number[]>();
    for (const { part, number, standing } of findings)
      if (number !== '' && (standing === 'confirmed' || standing === 'suspected'))
        numbers.set(part, [...(numbers.get(part) ?? []), number]);
    return numbers;
  }, [findings]);
  const label = ({ id, kind, position }: Part) => {
    const numbers = numbersOn.get(id);
    const seen = numbers ? `findings ${numbers.join(', ')}` : statusWords[statusOf(id)];
    const said = tints ? (tints.get(id)?.says ?? 'not read here') : seen;
    return `${sentence(partNameForAnyone({ kind, position }, speech))}: ${said}`;
  };
  const drawnNow = stroke && strokePart && extentOfStroke(stroke, face.mirrored);

  return (
    <svg
      ref={svg}
      className={className}
      role={onPart ? 'group' : 'img'}
      aria-label={`The car: ${faceName(faceId, speech)}`}
      data-face={faceId}
      {...(onPart && { ...handlers, onClick: tap })}
    >
      <defs>
        <pattern
          id="not-seen"
          width={unit * 9}
          height={unit * 9}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width={unit * 9} height={unit * 9} className="fill-sheet" />
          <rect width={unit * 3} height={unit * 9} className="fill-line" />
        </pattern>
      </defs>
      <FaceScenery face={face} />
      {drawn.map(({ part, path }) => (
        <PartPath
          key={part.id}
          id={part.id}
          path={path}
          status={statusOf(part.id)}
          isTyre={part.kind === 'tyre'}
          isCurrent={part.id === current}
          tint={tints && (tints.get(part.id)?.fill ?? 'fill-sheet')}
          {...(onPart && { label: label(part), onKey: press })}
        />
      ))}
      <FaceScenery face={face} above />
      <PartLabels style={style} face={faceId} speech={speech} statusOf={statusOf} unit={unit} />
      {tints && <TintFigures face={face} parts={drawn.map(({ part }) => part)} tints={tints} unit={unit} />}
      {drawn
        .filter(({ part }) => !tints && statusOf(part.id) === 'clear')
        .map(({ part }) => (
          <Tick
            key={part.id}
            x={seenX(face, part.mark.at[0])}
            y={part.mark.at[1]}
            size={Math.min(9 * unit, part.mark.radius * 0.8)}
          />
        ))}
      {drawn
        .filter(({ part }) => !tints && statusOf(part.id) === 'looked-at')
        .map(({ part }) => (
          <circle
            key={part.id}
            cx={seenX(face, part.mark.at[0])}
            cy={part.mark.at[1]}
            r={Math.min(4 * unit, part.mark.radius * 0.4)}
            className="fill-clear-ink"
            pointerEvents="none"
          />
        ))}
      {here?.face === faceId && (
        <path
          d={pathOf(face, here.outline)}
          className="fill-transparent stroke-accent"
          vectorEffect="non-scaling-stroke"
          strokeWidth={3.5}
          strokeLinejoin="round"
          pointerEvents="none"
        />
      )}
      {findings.map(({ id, part: partId, extent, standing }) => {
        const part = style.parts.get(partId);
        if (!extent || part?.face !== faceId || standing === 'dismissed' || standing === 'put-right')
          return null;
        return <ExtentMark key={id} {...{ face, part, extent, unit }} />;
      })}
      {drawnNow && strokePart && <ExtentMark face={face} part={strokePart} extent={drawnNow} unit={unit} />}
      {findings.map((finding) => {
        const part = style.parts.get(finding.part);
        if (part?.face !== faceId) return null;
        const [x, y] = pointOf(face, part, finding.spot);
        return (
          <TapeStrip
            key={finding.id}
            number={finding.number}
            notice={finding.notice}
            standing={finding.standing}
            isGuess={finding.isGuess ?? false}
            warns={finding.warns ?? false}
            x={x}
            y={y}
            height={unit * (close ? 20 : 15)}
          />
        );
      })}
      {dots && <SpotDots style={style} faceId={faceId} dots={dots} unit={unit} />}
      {pending && <PendingMark style={style} faceId={faceId} pending={pending} unit={unit} />}
    </svg>
  );
});

/** A stroke may begin a little beside its part: a rim's edge is hard to hit. */
function isNear({ box }: Part, [x, y]: readonly [number, number]): boolean {
  const air = Math.max(box.width, box.height) * 0.2;
  return x > box.x - air && x < box.x + box.width + air && y > box.y - air && y < box.y + box.height + air;
}
