/** What a patch may show. Sizes in millimetres, depths of paint in micrometres, angles in degrees from the horizontal. */
export type Mark =
  | { kind: 'dent'; diameterMm: number; depthMm: number }
  | { kind: 'crease'; lengthMm: number; depthMm: number; angleDeg: number }
  | { kind: 'ripple'; widthMm: number; heightMm: number; depthMm: number }
  | { kind: 'scratch'; lengthMm: number; widthMm: number; depthUm: number; angleDeg: number }
  | { kind: 'chips'; count: number; largestMm: number; spreadMm: number; depthUm: number }
  | { kind: 'scuff'; lengthMm: number; heightMm: number; depthUm: number; angleDeg: number }
  | { kind: 'wear'; widthMm: number; heightMm: number; depthUm: number }
  | { kind: 'peel'; widthMm: number; heightMm: number }
  | { kind: 'rust'; widthMm: number; heightMm: number }
  | { kind: 'etching'; widthMm: number; heightMm: number }
  | { kind: 'swirls'; diameterMm: number }
  | { kind: 'touch-in'; diameterMm: number }
  | { kind: 'overspray'; widthMm: number; heightMm: number }
  | { kind: 'tape-line'; lengthMm: number; stepUm: number }
  | { kind: 'glass-chip'; diameterMm: number; legs: number }
  | { kind: 'haze'; widthMm: number; heightMm: number }
  | { kind: 'film-edge'; lengthMm: number; liftMm: number }
  // What only looks like damage.
  | { kind: 'dust'; widthMm: number; heightMm: number }
  | { kind: 'drops'; widthMm: number; heightMm: number }
  | { kind: 'water-run'; lengthMm: number }
  | { kind: 'residue'; widthMm: number; heightMm: number }
  | { kind: 'mud'; widthMm: number; heightMm: number };

export type MarkKind = Mark['kind'];

/** Gone after a wipe. */
export const wipesOff: ReadonlySet<MarkKind> = new Set(['dust', 'drops', 'water-run', 'residue', 'mud']);
