import * as THREE from 'three';
import { type Scale, type ScaleKind, scaleSizes } from '../../spec';
import type { SpotFrame } from '../damage/makePatch';

export interface PlacedScale {
  object: THREE.Object3D;
  /** Its upper edge, as places in the scene. */
  outline: THREE.Vector3[];
}

const TOUCH = 0.15;

/** Lays an object of known size on the surface at a frame of its own. */
export function placeScale({ kind, turnDeg }: Scale, frame: SpotFrame): PlacedScale {
  const { shape, thickMm } = outlineOf(kind);
  const object = new THREE.Group();
  object.add(...makers[kind](shape, thickMm));
  object.matrixAutoUpdate = false;
  object.matrix
    .makeBasis(frame.right, frame.up, frame.out)
    .setPosition(frame.at.clone().addScaledVector(frame.out, TOUCH))
    .multiply(new THREE.Matrix4().makeRotationZ((turnDeg * Math.PI) / 180));
  object.traverse((each) => {
    each.castShadow = true;
    each.receiveShadow = true;
  });
  const height = kind === 'rod' ? thickMm / 2 : thickMm;
  const outline = shape
    .getPoints(kind.startsWith('blank') ? 96 : 10)
    .map((q) => new THREE.Vector3(q.x, q.y, height).applyMatrix4(object.matrix));
  return { object, outline };
}

function outlineOf(kind: ScaleKind): { shape: THREE.Shape; thickMm: number } {
  const size = scaleSizes[kind];
  const shape = new THREE.Shape();
  if ('diameterMm' in size) {
    shape.absarc(0, 0, size.diameterMm / 2, 0, Math.PI * 2, false);
    return { shape, thickMm: size.thickMm };
  }
  const [w, h] = [size.widthMm / 2, size.heightMm / 2];
  const r = 'cornerMm' in size ? size.cornerMm : kind === 'rod' ? h - 0.01 : 0.01;
  shape.moveTo(-w + r, -h);
  shape.lineTo(w - r, -h);
  shape.absarc(w - r, -h + r, r, -Math.PI / 2, 0, false);
  shape.lineTo(w, h - r);
  shape.absarc(w - r, h - r, r, 0, Math.PI / 2, false);
  shape.lineTo(-w + r, h);
  shape.absarc(-w + r, h - r, r, Math.PI / 2, Math.PI, false);
  shape.lineTo(-w, -h + r);
  shape.absarc(-w + r, -h + r, r, Math.PI, Math.PI * 1.5, false);
  return { shape, thickMm: size.thickMm };
}

type Maker = (shape: THREE.Shape, thickMm: number) => THREE.Object3D[];

const slab = (shape: THREE.Shape, thickMm: number, face: THREE.Material, edge: THREE.Material) =>
  new THREE.Mesh(
    new THREE.ExtrudeGeometry(shape, { depth: thickMm, bevelEnabled: false, curveSegments: 64 }),
    [face, edge],
  );

/** A plain blank: a smooth face inside a slightly raised rim, no design. */
const blank =
  (colour: string): Maker =>
  (shape, thickMm) => {
    const metal = new THREE.MeshStandardMaterial({ color: colour, metalness: 0.55, roughness: 0.46 });
    const radius = shape.getPoints(8)[0]?.length() ?? 0;
    const rim = new THREE.Mesh(new THREE.TorusGeometry(radius - 0.9, 0.35, 12, 96), metal);
    rim.position.z = thickMm - 0.12;
    return [slab(shape, thickMm, metal, metal), rim];
  };

const plain = (colour: string, roughness: number) =>
  new THREE.MeshStandardMaterial({ color: colour, roughness, envMapIntensity: 0.8 });

/** Face drawn on a canvas, stretched over the outline's box. */
function printed(
  shape: THREE.Shape,
  thickMm: number,
  edge: string,
  draw: (pen: CanvasRenderingContext2D, perMm: number, widthMm: number, heightMm: number) => void,
): THREE.Object3D[] {
  const points = shape.getPoints(8);
  const w = Math.max(...points.map((q) => q.x)) * 2;
  const h = Math.max(...points.map((q) => q.y)) * 2;
  const perMm = 12;
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(w * perMm);
  canvas.height = Math.round(h * perMm);
  draw(canvas.getContext('2d') as CanvasRenderingContext2D, perMm, w, h);
  const map = new THREE.CanvasTexture(canvas);
  map.colorSpace = THREE.SRGBColorSpace;
  map.repeat.set(1 / w, 1 / h);
  map.offset.set(0.5, 0.5);
  return [
    slab(
      shape,
      thickMm,
      new THREE.MeshStandardMaterial({ map, roughness: 0.55, envMapIntensity: 0.7 }),
      plain(edge, 0.6),
    ),
  ];
}

const makers: Record<ScaleKind, Maker> = {
  'blank-23.25': blank('#a8854a'),
  'blank-24.26': blank('#85888a'),
  card: (shape, thickMm) =>
    printed(shape, thickMm, '#d8d8d4', (pen, per, w, h) => {
      pen.fillStyle = '#eceae4';
      pen.fillRect(0, 0, w * per, h * per);
      pen.fillStyle = '#7c8790';
      pen.fillRect(6 * per, 8 * per, 30 * per, 3 * per);
      pen.fillRect(6 * per, 14 * per, 46 * per, 2 * per);
      pen.fillStyle = '#2f3438';
      pen.font = `${4.2 * per}px sans-serif`;
      pen.fillText('85.60 × 53.98 mm', 6 * per, 46 * per);
    }),
  'tape-measure': (shape, thickMm) =>
    printed(shape, thickMm, '#d8b23a', (pen, per, w, h) => {
      pen.fillStyle = '#f0c93c';
      pen.fillRect(0, 0, w * per, h * per);
      pen.fillStyle = '#1a1a18';
      pen.textAlign = 'center';
      for (let mm = 0; mm <= w; mm++) {
        const long = mm % 10 === 0 ? 7 : mm % 5 === 0 ? 5 : 3.2;
        pen.fillRect(mm * per - 1.6, 0, 3.2, long * per);
        if (mm % 10 === 0 && mm > 0 && mm < w) {
          pen.font = `bold ${4.6 * per}px sans-serif`;
          pen.fillText(String(mm / 10), mm * per, 13 * per);
        }
      }
    }),
  'marker-tape': (shape, thickMm) => [slab(shape, thickMm, plain('#e8541f', 0.7), plain('#c8481c', 0.8))],
  rod: (_shape, thickMm) => {
    // A blunt rod the size of a finger, half sunk into its own outline.
    const length = scaleSizes.rod.widthMm - thickMm;
    const rod = new THREE.Mesh(new THREE.CapsuleGeometry(thickMm / 2, length, 16, 32), plain('#b98b6d', 0.7));
    rod.rotation.z = Math.PI / 2;
    rod.position.z = thickMm / 2;
    return [rod];
  },
};
