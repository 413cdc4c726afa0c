import * as THREE from 'three';
import { type Random, range } from './random';
import { grain } from './surroundings';

const RIM = 0.216;
const TYRE = 0.318;
const HALF = 0.1;

const alloy = () =>
  new THREE.MeshPhysicalMaterial({
    color: '#b9bdc0',
    metalness: 0.92,
    roughness: 0.27,
    clearcoat: 0.7,
    clearcoatRoughness: 0.12,
  });
const rubber = () => {
  const map = grain(512, 44, 18, 8);
  map.repeat.set(10, 10);
  return new THREE.MeshStandardMaterial({
    color: '#8a8a8a',
    map,
    bumpMap: map,
    bumpScale: 0.4,
    roughness: 0.88,
  });
};

/** A wheel seen from its side, kerbed on an arc of the rim's edge. Angles clockwise from the top, degrees. */
export function makeWheel(kerb: { from: number; to: number } | undefined, random: Random): THREE.Group {
  const group = new THREE.Group();
  group.add(tyre(), rim(), ...spokes(), brake());
  if (kerb) group.add(kerbing(kerb.from, kerb.to, random));
  return group;
}

const turned = (
  profile: readonly (readonly [number, number])[],
  material: THREE.Material,
  segments = 160,
) => {
  const mesh = new THREE.Mesh(
    new THREE.LatheGeometry(
      profile.map(([r, z]) => new THREE.Vector2(r, z)),
      segments,
    ),
    material,
  );
  mesh.rotation.x = Math.PI / 2;
  mesh.castShadow = true;
  return mesh;
};

function tyre(): THREE.Mesh {
  return turned(
    [
      [RIM + 0.004, HALF - 0.012],
      [RIM + 0.012, HALF + 0.004],
      [RIM + 0.045, HALF + 0.012],
      [RIM + 0.05, HALF + 0.0145],
      [RIM + 0.055, HALF + 0.012],
      [TYRE - 0.026, HALF + 0.004],
      [TYRE - 0.008, HALF - 0.012],
      [TYRE, HALF - 0.035],
      [TYRE, -HALF + 0.035],
      [TYRE - 0.02, -HALF],
      [RIM, -HALF],
    ],
    rubber(),
  );
}

function rim(): THREE.Mesh {
  return turned(
    [
      [RIM - 0.02, -0.06],
      [RIM - 0.022, 0.03],
      [RIM - 0.014, HALF - 0.02],
      [RIM - 0.004, HALF - 0.004],
      [RIM + 0.004, HALF],
      [RIM + 0.007, HALF - 0.006],
      [RIM + 0.006, HALF - 0.014],
    ],
    alloy(),
  );
}

function spokes(): THREE.Object3D[] {
  const material = alloy();
  const hub = turned(
    [
      [0, 0.066],
      [0.03, 0.064],
      [0.034, 0.06],
      [0.066, 0.05],
      [0.074, 0.02],
    ],
    material,
  );
  const made: THREE.Object3D[] = [hub];
  for (let i = 0; i < 5; i++) {
    for (const lean of [-0.13, 0.13]) {
      const shape = new THREE.Shape([
        new THREE.Vector2(-0.017, 0.05),
        new THREE.Vector2(0.017, 0.05),
        new THREE.Vector2(0.013, RIM - 0.006),
        new THREE.Vector2(-0.013, RIM - 0.006),
      ]);
      const spoke = new THREE.Mesh(
        new THREE.ExtrudeGeometry(shape, {
          depth: 0.02,
          bevelSize: 0.005,
          bevelThickness: 0.006,
          bevelSegments: 4,
        }),
        material,
      );
      spoke.position.z = 0.034;
      spoke.rotation.z = (i / 5) * Math.PI * 2 + lean;
      spoke.castShadow = true;
      made.push(spoke);
    }
    const nut = new THREE.Mesh(
      new THREE.CylinderGeometry(0.011, 0.011, 0.02, 6),
      new THREE.MeshStandardMaterial({ color: '#4c4f52', metalness: 0.9, roughness: 0.4 }),
    );
    nut.rotation.x = Math.PI / 2;
    const angle = ((i + 0.5) / 5) * Math.PI * 2;
    nut.position.set(Math.sin(angle) * 0.05, Math.cos(angle) * 0.05, 0.055);
    made.push(nut);
  }
  return made;
}

function brake(): THREE.Group {
  const group = new THREE.Group();
  const disc = new THREE.Mesh(
    new THREE.CylinderGeometry(0.15, 0.15, 0.02, 96),
    new THREE.MeshStandardMaterial({ color: '#77736d', metalness: 0.85, roughness: 0.42 }),
  );
  disc.rotation.x = Math.PI / 2;
  const behind = new THREE.Mesh(
    new THREE.CircleGeometry(TYRE * 0.95, 64),
    new THREE.MeshStandardMaterial({ color: '#0b0b0c', roughness: 1 }),
  );
  behind.position.z = -0.07;
  group.add(disc, behind);
  return group;
}

/** Gouges and torn lacquer along the lip. */
function kerbing(from: number, to: number, random: Random): THREE.Group {
  const group = new THREE.Group();
  const bare = new THREE.MeshStandardMaterial({ color: '#dcdad4', metalness: 0.35, roughness: 0.75 });
  const dark = new THREE.MeshStandardMaterial({ color: '#4e4b47', metalness: 0.3, roughness: 0.9 });
  for (let i = 0; i < 900; i++) {
    const middle = 1 - Math.abs(random() + random() - 1);
    const angle = (range(random, from, to) * Math.PI) / 180;
    const size = range(random, 0.0004, 0.0016) * (0.4 + middle);
    const piece = new THREE.Mesh(new THREE.IcosahedronGeometry(size, 0), random() < 0.78 ? bare : dark);
    const r = RIM + range(random, -0.003, 0.006);
    piece.position.set(Math.sin(angle) * r, Math.cos(angle) * r, HALF - range(random, 0.0008, 0.0045));
    piece.scale.set(1, range(random, 1.5, 4.5), 0.5);
    piece.rotation.z = -angle + Math.PI / 2 + range(random, -0.4, 0.4);
    group.add(piece);
  }
  return group;
}

/** A stretch of tread: ribs and blocks cut by grooves of the given depth, on the round of the tyre. */
export function makeTread(depthMm: number, random: Random): THREE.Group {
  const group = new THREE.Group();
  const material = rubber();
  const depth = depthMm / 1000;
  const base = new THREE.Mesh(
    new THREE.CylinderGeometry(TYRE - depth, TYRE - depth, 0.205, 200, 1, true),
    material,
  );
  base.rotation.z = Math.PI / 2;
  group.add(base);
  const ribs = [
    { x: -0.078, width: 0.042, pitch: 4.2, lean: 0.35 },
    { x: -0.034, width: 0.03, pitch: 3.2, lean: -0.5 },
    { x: 0.0, width: 0.024, pitch: 360, lean: 0 },
    { x: 0.034, width: 0.03, pitch: 3.2, lean: 0.5 },
    { x: 0.078, width: 0.042, pitch: 4.2, lean: -0.35 },
  ];
  for (const rib of ribs) {
    if (rib.pitch > 90) {
      const ring = new THREE.Mesh(new THREE.CylinderGeometry(TYRE, TYRE, rib.width, 300), material);
      ring.rotation.z = Math.PI / 2;
      ring.position.x = rib.x;
      group.add(ring);
      continue;
    }
    for (let deg = -50; deg < 90; deg += rib.pitch) {
      const angle = (deg * Math.PI) / 180;
      const block = new THREE.Mesh(
        new THREE.BoxGeometry(rib.width, depth + 0.004, (rib.pitch * Math.PI * TYRE) / 180 - 0.0042),
        material,
      );
      const r = TYRE - (depth + 0.004) / 2 - range(random, 0, 0.0002);
      block.position.set(rib.x, Math.sin(angle) * r, Math.cos(angle) * r);
      block.rotation.x = Math.PI / 2 - angle;
      block.rotation.order = 'XYZ';
      block.rotateY(rib.lean);
      block.castShadow = true;
      block.receiveShadow = true;
      group.add(block);
    }
  }
  return group;
}
