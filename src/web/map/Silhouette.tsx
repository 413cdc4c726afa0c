import { useMemo } from 'react';
import { type BodyStyleId, bodyStyle, type CarDetails } from '#core/car';
import { pathOf } from './faceGeometry';

/** How light or dark the paint is. The colour's name stands beside it. */
const tones: Record<CarDetails['paintTone'], string> = {
  black: '#17191b',
  dark: '#4a555d',
  mid: '#8b979d',
  silver: '#bfc5c8',
  light: '#dedbd2',
  white: '#ffffff',
};

/** The car's shape from its side, in the tint of its paint, or its tone. */
export function Silhouette({
  bodyStyle: id,
  paintTone,
  tint = '',
}: {
  bodyStyle: BodyStyleId;
  paintTone: CarDetails['paintTone'];
  /** The paint as it looks, where somebody chose it. */
  tint?: string | undefined;
}) {
  const fill = tint || tones[paintTone];
  const style = bodyStyle(id);
  const face = style.faces.left;
  const drawn = useMemo(() => {
    const parts = [...style.parts.values()].filter((part) => part.face === 'left');
    const of = (test: (material: string) => boolean) =>
      parts
        .filter((part) => test(part.material))
        .map((part) => pathOf(face, part.outline))
        .join('');
    const body = face.scenery
      .filter((piece) => piece.role === 'body')
      .map((piece) => pathOf(face, piece.points))
      .join('');
    return {
      body: body + of((m) => m === 'steel' || m === 'plastic'),
      glass: of((m) => m === 'glass'),
      tyres: of((m) => m === 'rubber'),
      wheels: of((m) => m === 'alloy'),
    };
  }, [style, face]);
  return (
    <svg viewBox={`-40 -40 ${face.width + 80} ${face.height + 80}`} className="h-9 w-24" aria-hidden>
      <path d={drawn.body} fill={fill} className="stroke-ink" strokeWidth={40} strokeLinejoin="round" />
      <path d={drawn.body} fill={fill} />
      <path d={drawn.glass} className="fill-glass" />
      <path d={drawn.tyres} className="fill-ink" />
      <path d={drawn.wheels} className="fill-line" />
    </svg>
  );
}
