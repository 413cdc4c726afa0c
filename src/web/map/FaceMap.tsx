import { type KeyboardEvent, type MouseEvent, memo, useMemo, useRef } from 'react';
import {
  type BodyStyle,
  type FaceId,
  middleOf,
  type Part,
  type PartId,
  partNameForAnyone,
  type Speech,
  sentence,
} from '#core/car';
import type { Finding, PartStatus, Spot } from '#core/walk';
import { closeUp, pathOf, pointOf, seenX, spotAt, wholeFace } from './faceGeometry';
import { partFill, statusWords } from './partMarks';
import { TapeStrip } from './TapeStrip';
import { useGlide } from './useGlide';
import { useSize } from './useSize';

const sceneryLook = {
  body: 'fill-fill stroke-line',
  glass: 'fill-glass stroke-line',
  lamp: 'fill-ground stroke-soft',
  dark: 'fill-line stroke-soft',
  wheel: 'fill-line stroke-soft',
  line: 'fill-transparent stroke-soft',
} as const;

export type MapFinding = Pick<Finding, 'id' | 'number' | 'part' | 'spot'> & {
  notice?: Finding['details']['notice'];
  standing: 'confirmed' | 'suspected' | 'dismissed';
};

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
  onPart?: (part: PartId, spot: Spot) => void;
  className?: string;
}

/** One face of the car as seen by a person standing at it. */
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
    onPart,
    className,
  } = props;
  const face = style.faces[faceId];
  const svg = useRef<SVGSVGElement>(null);
  const size = useSize(svg);
  const ratio = size.height > 0 ? size.width / size.height : 1.6;
  const here = current === undefined ? undefined : style.parts.get(current);
  const zoomed = close && here?.face === faceId ? here : undefined;
  const view = useGlide(
    zoomed ? closeUp(face, zoomed, ratio) : wholeFace(face, ratio),
    `${style.id} ${faceId} ${ratio}`,
  );
  /** Drawing units per CSS pixel. */
  const unit = size.width > 0 ? view.width / size.width : 4;

  const drawn = useMemo(() => {
    const parts = [...style.parts.values()].filter((part) => part.face === faceId);
    return parts.map((part) => ({ part, path: pathOf(style.faces[faceId], part.outline) }));
  }, [style, faceId]);

  const tap = (part: Part) => (event: MouseEvent<SVGElement>) => {
    event.stopPropagation();
    const matrix = svg.current?.getScreenCTM();
    if (!matrix || !onPart) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onPart(part.id, spotAt(face, part, [x, y]));
  };
  const press = (part: Part) => (event: KeyboardEvent<SVGElement>) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    onPart?.(part.id, middleOf(part));
  };
  const label = ({ id, kind, position }: Part) => {
    const numbers = findings.filter((f) => f.part === id && f.standing !== 'dismissed').map((f) => f.number);
    const said = numbers.length > 0 ? `findings ${numbers.join(', ')}` : statusWords[statusOf(id)];
    return `${sentence(partNameForAnyone({ kind, position }, speech))}: ${said}`;
  };

  return (
    <svg
      ref={svg}
      className={className}
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
      role={onPart ? 'group' : 'img'}
      aria-label={`The ${faceId} of the car`}
      data-face={faceId}
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
      {/* biome-ignore-start lint/a11y/noStaticElementInteractions: with a handler every part is a button; without one, a picture. */}
      {face.scenery.map((piece, i) => {
        const target = piece.leadsTo && style.parts.get(piece.leadsTo);
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: scenery never changes order.
            key={i}
            d={pathOf(face, piece.points)}
            className={sceneryLook[piece.role]}
            strokeWidth={unit}
            strokeLinejoin="round"
            pointerEvents={target ? undefined : 'none'}
            onClick={target ? tap(target) : undefined}
          />
        );
      })}
      {drawn.map(({ part, path }) => (
        <path
          key={part.id}
          d={path}
          data-part={part.id}
          className={`${partFill[statusOf(part.id)]} stroke-ink outline-none focus-visible:stroke-accent ${part.kind === 'tyre' ? 'brightness-90' : ''}`}
          strokeWidth={unit * (part.id === current ? 3.5 : 1.25)}
          strokeLinejoin="round"
          onClick={onPart && tap(part)}
          onKeyDown={onPart && press(part)}
          role={onPart ? 'button' : undefined}
          tabIndex={onPart ? (part.id === current ? 0 : -1) : undefined}
          aria-label={onPart ? label(part) : undefined}
          aria-current={part.id === current || undefined}
        />
      ))}
      {/* biome-ignore-end lint/a11y/noStaticElementInteractions: as above. */}
      {face.scenery
        .filter((piece) => piece.role === 'line' || piece.role === 'dark' || piece.role === 'lamp')
        .map((piece, i) => (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: scenery never changes order.
            key={i}
            d={pathOf(face, piece.points)}
            className={sceneryLook[piece.role]}
            strokeWidth={unit}
            pointerEvents="none"
          />
        ))}
      {drawn
        .filter(({ part }) => statusOf(part.id) === 'clear')
        .map(({ part }) => (
          <Tick
            key={part.id}
            x={seenX(face, part.mark.at[0])}
            y={part.mark.at[1]}
            size={Math.min(9 * unit, part.mark.radius * 0.8)}
          />
        ))}
      {here?.face === faceId && (
        <path
          d={pathOf(face, here.outline)}
          className="fill-transparent stroke-accent"
          strokeWidth={unit * 3.5}
          strokeLinejoin="round"
          pointerEvents="none"
        />
      )}
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
            x={x}
            y={y}
            height={unit * (close ? 20 : 15)}
          />
        );
      })}
      {pending && <PendingMark style={style} faceId={faceId} pending={pending} unit={unit} />}
    </svg>
  );
});

function Tick({ x, y, size: s }: { x: number; y: number; size: number }) {
  return (
    <path
      d={`M${x - s} ${y}l${s * 0.7} ${s * 0.7}l${s * 1.3} ${-s * 1.4}`}
      className="fill-transparent stroke-clear-ink"
      strokeWidth={s * 0.24}
      strokeLinecap="round"
      strokeLinejoin="round"
      pointerEvents="none"
    />
  );
}

function PendingMark({
  style,
  faceId,
  pending,
  unit,
}: Required<Pick<FaceMapProps, 'style' | 'pending'>> & { faceId: FaceId; unit: number }) {
  const part = style.parts.get(pending.part);
  if (part?.face !== faceId) return null;
  const [x, y] = pointOf(style.faces[faceId], part, pending.spot);
  return (
    <circle
      cx={x}
      cy={y}
      r={unit * 11}
      className="fill-tape stroke-ink"
      strokeWidth={unit * 2}
      pointerEvents="none"
    />
  );
}
