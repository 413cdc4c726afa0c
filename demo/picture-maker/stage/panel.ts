import * as THREE from 'three';
import type { Damage } from '../shots';
import { carPaint } from './paint';
import { type Random, range } from './random';

const WIDTH = 1.5;
const HEIGHT = 1;
const TEXTURE = 4096;

/** A door-sized panel, gently crowned, with one damage in its middle. Shut lines frame it. */
export function makePanel(colour: string, damage: Damage, handle: boolean, random: Random): THREE.Group {
  const group = new THREE.Group();
  const geometry = new THREE.PlaneGeometry(WIDTH, HEIGHT, 640, 430);
  bend(geometry, damage);
  const paintwork = paintLayers(colour, damage, random);
  const material = carPaint('#ffffff', {
    map: paintwork.colour,
    roughnessMap: paintwork.rough,
    roughness: 1,
    metalnessMap: paintwork.metal,
    metalness: 0.45,
    clearcoatMap: paintwork.coat,
    bumpMap: paintwork.height,
    bumpScale: 6,
  });
  group.add(new THREE.Mesh(geometry, material));
  group.add(neighbours(colour));
  if (handle) group.add(doorHandle(colour));
  return group;
}

function bend(geometry: THREE.PlaneGeometry, damage: Damage): void {
  const position = geometry.getAttribute('position');
  for (let i = 0; i < position.count; i++) {
    const x = position.getX(i);
    const y = position.getY(i);
    // The crown of a pressed panel, with a feature line below the middle.
    let z = -0.05 * x * x - 0.09 * y * y + 0.006 * Math.exp(-(((y + 0.22) / 0.02) ** 2));
    if (damage.kind === 'dent') {
      const r = Math.hypot(x, y * 1.08) / (damage.diameterMm / 1000 / 2);
      z -= (damage.depthMm / 1000) * Math.exp(-(r ** 2) * 1.1);
    }
    position.setZ(i, z);
  }
  geometry.computeVertexNormals();
}

/** Painted layers on four canvases that share their strokes: what is scratched loses colour, coat and height together. */
function paintLayers(colour: string, damage: Damage, random: Random) {
  const height = Math.round((TEXTURE * HEIGHT) / WIDTH);
  const pens = {
    colour: pen(height, colour),
    rough: pen(height, 'rgb(0,100,0)'),
    metal: pen(height, 'rgb(0,0,255)'),
    coat: pen(height, 'rgb(255,0,0)'),
    height: pen(height, '#808080'),
  };
  const perMm = TEXTURE / (WIDTH * 1000);
  const centre = { x: TEXTURE / 2, y: height / 2 };
  speckle(pens.colour, random, height);
  if (damage.kind === 'scratch') drawScratch(pens, damage, perMm, centre, random);
  if (damage.kind === 'chips') drawChips(pens, damage, perMm, centre, random);
  if (damage.kind === 'scuff') drawScuff(pens, damage, perMm, centre, random);
  return {
    colour: texture(pens.colour, true),
    rough: texture(pens.rough),
    metal: texture(pens.metal),
    coat: texture(pens.coat),
    height: texture(pens.height),
  };
}

type Pens = Record<'colour' | 'rough' | 'metal' | 'coat' | 'height', CanvasRenderingContext2D>;

function pen(height: number, fill: string): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  canvas.width = TEXTURE;
  canvas.height = height;
  const made = canvas.getContext('2d') as CanvasRenderingContext2D;
  made.fillStyle = fill;
  made.fillRect(0, 0, TEXTURE, height);
  made.lineCap = 'round';
  return made;
}

function texture(from: CanvasRenderingContext2D, isColour = false): THREE.CanvasTexture {
  const made = new THREE.CanvasTexture(from.canvas);
  made.anisotropy = 8;
  if (isColour) made.colorSpace = THREE.SRGBColorSpace;
  return made;
}

/** Dust that every parked car wears. */
function speckle(on: CanvasRenderingContext2D, random: Random, height: number): void {
  for (let i = 0; i < 5200; i++) {
    on.fillStyle = `rgba(214,208,196,${range(random, 0.05, 0.3)})`;
    on.fillRect(
      range(random, 0, TEXTURE),
      range(random, 0, height),
      range(random, 0.8, 2.2),
      range(random, 0.8, 2),
    );
  }
}

function trace(on: CanvasRenderingContext2D, points: readonly (readonly [number, number])[]): void {
  on.beginPath();
  for (const [x, y] of points) on.lineTo(x, y);
}

function stroke(
  pens: Pens,
  points: readonly (readonly [number, number])[],
  width: number,
  tint: string,
  depth: number,
): void {
  const styles = {
    colour: tint,
    rough: 'rgb(0,215,0)',
    metal: 'rgb(0,0,20)',
    coat: 'rgb(40,0,0)',
    height: `rgb(${depth},${depth},${depth})`,
  } as const;
  for (const name of Object.keys(styles) as (keyof Pens)[]) {
    const on = pens[name];
    on.strokeStyle = styles[name];
    on.lineWidth = width;
    trace(on, points);
    on.stroke();
  }
}

function drawScratch(
  pens: Pens,
  damage: Extract<Damage, { kind: 'scratch' }>,
  perMm: number,
  { x, y }: { x: number; y: number },
  random: Random,
): void {
  const length = damage.lengthMm * perMm;
  const line = (shift: number, wobble: number) =>
    Array.from({ length: 41 }, (_, i): [number, number] => {
      const t = i / 40 - 0.5;
      return [
        x + t * length,
        y + t * length * -0.16 + Math.sin(t * 5 + shift) * wobble + shift * perMm + range(random, -0.6, 0.6),
      ];
    });
  for (let i = 0; i < 3; i++)
    stroke(
      pens,
      line(range(random, -1.4, 1.6), 5),
      damage.widthMm * perMm * range(random, 0.2, 0.5),
      '#a9b4b6',
      100,
    );
  const middle = line(0, 5);
  stroke(pens, middle, damage.widthMm * perMm, '#c9cfce', 66);
  stroke(pens, middle.slice(12, 30), damage.widthMm * perMm * 0.55, '#e8e6df', 40);
}

function drawChips(
  pens: Pens,
  damage: Extract<Damage, { kind: 'chips' }>,
  perMm: number,
  { x, y }: { x: number; y: number },
  random: Random,
): void {
  const spread = damage.spreadMm * perMm;
  for (let i = 0; i < damage.count; i++) {
    const size = (i === 0 ? damage.largestMm : range(random, 1.1, damage.largestMm * 0.8)) * perMm;
    const cx = x + range(random, -0.5, 0.5) * spread;
    const cy = y + range(random, -0.5, 0.5) * spread * 0.7;
    blob(pens, cx, cy, size / 2, '#d7d8d2', 60, random);
    blob(pens, cx + size * 0.06, cy + size * 0.06, size * 0.24, '#6f6a64', 30, random);
  }
}

function blob(
  pens: Pens,
  cx: number,
  cy: number,
  radius: number,
  tint: string,
  depth: number,
  random: Random,
): void {
  const edge = Array.from({ length: 11 }, () => range(random, 0.66, 1.12));
  const points = edge.map((r, i): [number, number] => {
    const angle = (i / edge.length) * Math.PI * 2;
    return [cx + Math.cos(angle) * radius * r, cy + Math.sin(angle) * radius * r];
  });
  const styles = {
    colour: tint,
    rough: 'rgb(0,200,0)',
    metal: 'rgb(0,0,30)',
    coat: '#000',
    height: `rgb(${depth},${depth},${depth})`,
  } as const;
  for (const name of Object.keys(styles) as (keyof Pens)[]) {
    const on = pens[name];
    on.fillStyle = styles[name];
    trace(on, points);
    on.closePath();
    on.fill();
  }
}

function drawScuff(
  pens: Pens,
  damage: Extract<Damage, { kind: 'scuff' }>,
  perMm: number,
  { x, y }: { x: number; y: number },
  random: Random,
): void {
  const half = (damage.lengthMm * perMm) / 2;
  for (let i = 0; i < 210; i++) {
    const dy = range(random, -0.5, 0.5) * damage.heightMm * perMm;
    const reach =
      half * Math.sqrt(Math.max(0, 1 - (dy / (damage.heightMm * perMm * 0.52)) ** 2)) * range(random, 0.5, 1);
    const from = x - reach * range(random, 0.5, 1);
    const to = x + reach * range(random, 0.5, 1);
    const tint = ['#b8bfbf', '#8d979a', '#dedfda', '#565f63'][Math.floor(random() * 4)] as string;
    stroke(
      pens,
      [
        [from, y + dy],
        [(from + to) / 2, y + dy + range(random, -3, 3)],
        [to, y + dy + range(random, -5, 5)],
      ],
      range(random, 0.6, 3.6),
      tint,
      95,
    );
  }
}

function neighbours(colour: string): THREE.Group {
  const group = new THREE.Group();
  const material = carPaint(colour);
  const place = (w: number, h: number, x: number, y: number) => {
    const geometry = new THREE.PlaneGeometry(w, h, 40, 40);
    const position = geometry.getAttribute('position');
    for (let i = 0; i < position.count; i++) {
      const gx = position.getX(i) + x;
      const gy = position.getY(i) + y;
      position.setXYZ(
        i,
        gx,
        gy,
        -0.05 * gx * gx - 0.09 * gy * gy + 0.006 * Math.exp(-(((gy + 0.22) / 0.02) ** 2)),
      );
    }
    geometry.computeVertexNormals();
    group.add(new THREE.Mesh(geometry, material));
  };
  place(1.2, HEIGHT, -WIDTH / 2 - 0.6 - 0.0045, 0);
  place(1.2, HEIGHT, WIDTH / 2 + 0.6 + 0.0045, 0);
  const dark = new THREE.Mesh(
    new THREE.PlaneGeometry(6, 2.2),
    new THREE.MeshStandardMaterial({ color: '#0c0d0e', roughness: 0.9 }),
  );
  dark.position.z = -0.16;
  group.add(dark);
  const glass = new THREE.Mesh(
    new THREE.PlaneGeometry(4, 0.6),
    new THREE.MeshPhysicalMaterial({ color: '#0d1416', roughness: 0.04, metalness: 0, clearcoat: 1 }),
  );
  glass.position.set(0, HEIGHT / 2 + 0.33, -0.045);
  glass.rotation.x = -0.35;
  const rubber = new THREE.Mesh(
    new THREE.BoxGeometry(4, 0.03, 0.02),
    new THREE.MeshStandardMaterial({ color: '#131415', roughness: 0.75 }),
  );
  rubber.position.set(0, HEIGHT / 2 + 0.014, -0.02);
  group.add(glass, rubber);
  return group;
}

function doorHandle(colour: string): THREE.Group {
  const group = new THREE.Group();
  const grip = new THREE.Mesh(new THREE.CapsuleGeometry(0.016, 0.17, 12, 24), carPaint(colour));
  grip.rotation.z = Math.PI / 2;
  grip.scale.set(1, 1, 0.7);
  grip.position.z = 0.034;
  const bowl = new THREE.Mesh(
    new THREE.SphereGeometry(0.05, 32, 24),
    new THREE.MeshStandardMaterial({ color: '#0e1517', roughness: 0.5 }),
  );
  bowl.scale.set(1.35, 0.62, 0.13);
  group.add(grip, bowl);
  group.position.set(0.34, 0.22, -0.012);
  return group;
}
