import * as THREE from 'three';
import { type Random, range, seeded } from '../../random';
import { Layers } from '../damage/layers';
import { patchOf, type SpotFrame } from '../damage/makePatch';
import { type Extent, measureMask } from '../damage/measureMask';
import { noise, rugged } from '../damage/noise';
import { surfaceMaterial } from '../skin/surfaceMaterial';

export interface SeatScene {
  group: THREE.Group;
  frame: SpotFrame;
  extent: Extent | undefined;
}

const WIDTH = 580;
const DEPTH = 560;
/** Height of the cushion over the sill it is seen from. */
const BASE = 900;

/** Shape of the cushion: flat in the middle, a bolster along its outer edge, quilted by its seams. */
function rise(x: number, y: number): number {
  const bolster = 62 * Math.exp(-(((x - 196) / 62) ** 2));
  const inner = 26 * Math.exp(-(((x + 214) / 66) ** 2));
  const middle = 13 * Math.cos(((x + 6) / 300) * Math.PI) * Math.cos((y / 640) * Math.PI);
  const seams = [-140, 118].reduce((sum, at) => sum - 9 * Math.exp(-(((x - at) / 5) ** 2)), 0);
  const pleats = Math.abs(x + 11) < 122 ? -4.5 * Math.exp(-((((y + 1000) % 92) - 46) ** 2) / 30) : 0;
  // The cover falls away at the front and at both sides.
  const front = -0.006 * Math.max(0, -y - 150) ** 2;
  const sides = -0.05 * Math.max(0, Math.abs(x) - 236) ** 2;
  return bolster + inner + middle + seams + pleats + front + sides;
}

/** A driver's seat cushion as one sees it through the open door. */
export function makeSeat(
  cover: 'leather' | 'cloth',
  fault: 'bolster-wear' | 'stain' | 'none',
  seed: number,
): SeatScene {
  const colour = cover === 'leather' ? '#3a3431' : '#3b3f45';
  const geometry = new THREE.PlaneGeometry(WIDTH, DEPTH, 420, 380);
  const at = geometry.getAttribute('position');
  for (let i = 0; i < at.count; i++) at.setZ(i, rise(at.getX(i), at.getY(i)));
  geometry.rotateX(-Math.PI / 2);
  geometry.translate(0, BASE, 0);
  geometry.computeVertexNormals();
  const layers = new Layers(WIDTH, DEPTH, 0.27);
  const random = seeded(seed);
  if (cover === 'leather') hide(layers);
  else weave(layers);
  const before = layers.mask.slice();
  if (fault === 'bolster-wear') rubbed(layers, random);
  if (fault === 'stain') stained(layers);
  const frame: SpotFrame = {
    at: new THREE.Vector3(0, BASE, 0),
    right: new THREE.Vector3(1, 0, 0),
    up: new THREE.Vector3(0, 0, -1),
    out: new THREE.Vector3(0, 1, 0),
  };
  const patch = { ...patchOf(layers, frame, colour, 'plastic'), reachMm: 200 };
  const cushion = new THREE.Mesh(
    geometry,
    surfaceMaterial({
      colour,
      rough: cover === 'leather' ? 0.52 : 0.95,
      metal: 0,
      coat: cover === 'leather' ? 0.16 : 0,
      flake: 0,
      peelUm: 0,
      dirt: 0,
      patch,
    }),
  );
  cushion.castShadow = true;
  cushion.receiveShadow = true;
  const group = new THREE.Group();
  group.add(cushion, ...surround(colour, cover));
  const own = layers.mask.map((value, i) => (value && !before[i] ? 1 : 0));
  const spot = fault === 'stain' ? [-20, 30] : [196, -20];
  return {
    group,
    frame: {
      ...frame,
      at: new THREE.Vector3(spot[0], BASE + rise(spot[0] as number, spot[1] as number), -(spot[1] as number)),
    },
    extent: fault === 'none' ? undefined : measureMask(own, layers.columns, layers.rows, layers.mmPerPixel),
  };
}

/** Backrest, door sill and floor: what is dimly there around the cushion. */
function surround(colour: string, cover: 'leather' | 'cloth'): THREE.Mesh[] {
  const back = new THREE.Mesh(
    new THREE.CapsuleGeometry(120, 420, 12, 32),
    new THREE.MeshStandardMaterial({ color: colour, roughness: cover === 'leather' ? 0.5 : 0.95 }),
  );
  back.rotation.z = Math.PI / 2;
  back.scale.set(1.5, 1, 0.8);
  back.position.set(0, BASE + 120, -340);
  const carpet = new THREE.Mesh(
    new THREE.PlaneGeometry(3000, 3000),
    new THREE.MeshStandardMaterial({ color: '#1c1d1f', roughness: 1, envMapIntensity: 0.2 }),
  );
  carpet.rotation.x = -Math.PI / 2;
  carpet.position.y = BASE - 170;
  const side = new THREE.Mesh(
    new THREE.CapsuleGeometry(58, 430, 10, 24),
    new THREE.MeshStandardMaterial({ color: '#141516', roughness: 0.6 }),
  );
  side.rotation.x = Math.PI / 2;
  side.position.set(300, BASE - 74, 0);
  // Roof and the far side of the car keep the light out; it comes in through the open door.
  const roof = new THREE.Mesh(new THREE.BoxGeometry(1900, 30, 1900), side.material);
  roof.position.set(-560, BASE + 520, 0);
  const far = new THREE.Mesh(new THREE.BoxGeometry(30, 900, 1900), side.material);
  far.position.set(-1300, BASE + 100, 0);
  const all = [back, carpet, side, roof, far];
  for (const each of all) {
    each.receiveShadow = true;
    each.castShadow = true;
  }
  return all;
}

/** Grain of leather: small cells parted by fine creases. */
function hide(layers: Layers): void {
  layers.each([0, 0], WIDTH / 2, DEPTH / 2, (index, x, y) => {
    const cells =
      Math.abs(noise(x / 1.7, y / 1.7, 3) - 0.5) + 0.5 * Math.abs(noise(x / 0.9, y / 0.9, 5) - 0.5);
    layers.bend(index, -0.09 * (1 - Math.min(1, cells * 4)), false);
    const stitch = [-146, -134, 112, 124].some((at) => Math.abs(x - at) < 0.7) && ((y % 6) + 6) % 6 < 4.2;
    if (stitch)
      layers.lay(index, { colour: [126, 118, 106], amount: 0.29, rough: 0.8, gloss: 0.1, heightMm: 0.4 });
  });
}

function weave(layers: Layers): void {
  layers.each([0, 0], WIDTH / 2, DEPTH / 2, (index, x, y) => {
    const thread = Math.sin(x * 3.1) * Math.sin(y * 3.1);
    layers.bend(index, 0.16 * thread + 0.05 * noise(x / 0.6, y / 0.6, 9), false);
    const fleck = noise(x / 1.3, y / 1.3, 11);
    if (fleck > 0.6) layers.lay(index, { colour: [104, 110, 118], amount: 0.28, rough: 1, gloss: 0 });
  });
}

/** Where people slide in and out: colour gone, creased across. */
function rubbed(layers: Layers, random: Random): void {
  layers.each([196, -20], 74, 190, (index, x, y) => {
    const r = Math.hypot((x - 196) / 60, (y + 20) / 170);
    const amount = (1 - r) * 1.25 * (0.35 + 0.9 * rugged(x / 9, y / 26, 13));
    if (amount > 0.06)
      layers.lay(index, {
        colour: [148, 132, 116],
        amount: Math.min(0.6, amount * 0.75),
        rough: 0.86,
        gloss: 0.2,
      });
  });
  for (let i = 0; i < 34; i++) {
    const cy = range(random, -170, 130);
    const cx = range(random, 168, 224);
    const long = range(random, 14, 46);
    layers.each([cx, cy], long, 4, (index, x, y) => {
      const along = Math.abs(x - cx) / long;
      const off = Math.abs(y - cy - 3 * (noise(x / 12, cy, 17) - 0.5) * 2);
      if (along < 1 && off < 0.9) {
        layers.bend(index, -0.5 * (1 - along) * (1 - off / 0.9), false);
        if (off < 0.35) layers.lay(index, { colour: [92, 78, 66], amount: 0.9, rough: 0.9, gloss: 0.1 });
      }
    });
  }
}

/** A spill that dried: a dark edge, a paler middle. */
function stained(layers: Layers): void {
  layers.each([-20, 30], 110, 90, (index, x, y) => {
    const r = Math.hypot((x + 20) / 88, (y - 30) / 66) + 0.5 * (rugged(x / 34, y / 34, 19) - 0.5);
    if (r > 1) return;
    const ring = Math.exp(-(((r - 0.93) / 0.06) ** 2));
    layers.lay(index, {
      colour: [116, 96, 70],
      amount: 0.34 + 0.42 * ring + 0.14 * rugged(x / 8, y / 8, 23),
      rough: 1,
      gloss: 0,
    });
  });
}
