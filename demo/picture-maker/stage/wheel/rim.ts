import * as THREE from 'three';
import { type Random, range } from '../../random';
import { turned } from './turned';
import type { WheelLook } from './wheelLook';

/** How a rim is made: the number of spokes, whether they fork, and what covers the metal. */
const finishes = {
  silver: { color: '#aeb2b4', metalness: 0.85, roughness: 0.34, clearcoat: 0.8, clearcoatRoughness: 0.12 },
  dark: { color: '#3a3d40', metalness: 0.7, roughness: 0.36, clearcoat: 0.8, clearcoatRoughness: 0.12 },
  steel: { color: '#74787a', metalness: 0.45, roughness: 0.55, clearcoat: 0.15, clearcoatRoughness: 0.4 },
} as const;

export function makeRim(look: WheelLook, random: Random): THREE.Group {
  const { rimRadius: r, width, design } = look;
  const h = width / 2;
  const group = new THREE.Group();
  const material = new THREE.MeshPhysicalMaterial(finishes[design.finish]);
  group.add(
    turned(
      [
        [r - 22, -h + 30],
        [r - 26, -h * 0.2],
        [r - 20, h * 0.35],
        [r - 12, h - 34],
        [r - 9, h - 22],
      ],
      material,
      160,
    ),
    lip(look, material, random),
    hub(r, h, material),
    ...Array.from({ length: design.spokes }, (_, i) => spoke(look, material, i)),
    ...nuts(r, h),
  );
  return group;
}

/** The rim's outer edge, finely divided so that kerbing can bite into it. */
function lip(
  { rimRadius: r, width, kerbing }: WheelLook,
  material: THREE.Material,
  random: Random,
): THREE.Mesh {
  const h = width / 2;
  const profile: [number, number][] = [
    [r - 9, h - 22],
    [r - 7, h - 12],
    [r - 3.5, h - 6],
    [r + 1, h - 3.2],
    [r + 4.5, h - 3],
    [r + 6.5, h - 5],
    [r + 7, h - 9],
    [r + 4, h - 18],
  ];
  const line = new THREE.SplineCurve(profile.map(([a, b]) => new THREE.Vector2(a, b)));
  const segments = kerbing ? 2400 : 200;
  const mesh = turned(
    line.getPoints(kerbing ? 56 : 26).map((q) => [q.x, q.y] as const),
    kerbing ? kerbedMaterial(material as THREE.MeshPhysicalMaterial) : material,
    segments,
  );
  if (kerbing) bite(mesh.geometry, kerbing, r, h, random);
  return mesh;
}

function kerbedMaterial(whole: THREE.MeshPhysicalMaterial): THREE.MeshPhysicalMaterial {
  const made = whole.clone();
  made.onBeforeCompile = (shader) => {
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nattribute float torn;\nvarying float vTorn;')
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvTorn = torn;');
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', '#include <common>\nvarying float vTorn;')
      .replace(
        '#include <map_fragment>',
        'float bare = smoothstep(0.12, 0.3, vTorn); float burnt = smoothstep(0.78, 1.0, vTorn); diffuseColor.rgb = mix(diffuseColor.rgb, mix(vec3(0.62, 0.61, 0.6), vec3(0.16, 0.155, 0.15), burnt), bare);',
      )
      .replace('#include <roughnessmap_fragment>', 'float roughnessFactor = mix(roughness, 0.62, bare);')
      .replace('#include <metalnessmap_fragment>', 'float metalnessFactor = mix(metalness, 0.55, bare);')
      .replace(
        '#include <lights_physical_fragment>',
        '#include <lights_physical_fragment>\nmaterial.clearcoat *= 1.0 - bare;',
      );
  };
  made.customProgramCacheKey = () => 'kerbed';
  return made;
}

/** Gouges along the kerb's direction: shallow scrapes over all the arc, deeper bites here and there. */
function bite(
  geometry: THREE.BufferGeometry,
  { fromDeg, toDeg, depthMm }: { fromDeg: number; toDeg: number; depthMm: number },
  r: number,
  h: number,
  random: Random,
): void {
  const scrapes = Array.from({ length: Math.round((toDeg - fromDeg) * 3.2) }, () => {
    const middle = range(random, fromDeg, toDeg);
    return {
      middle,
      reach: Math.min(range(random, 0.5, 5.5) ** 1.15, middle - fromDeg + 0.4, toDeg - middle + 0.4),
      across: range(random, -1, 9.5),
      wide: range(random, 0.35, 1.5),
      deep: depthMm * range(random, 0.08, 1) ** 2.2,
    };
  });
  const at = geometry.getAttribute('position');
  const torn = new Float32Array(at.count);
  for (let i = 0; i < at.count; i++) {
    // The lathe turns about Y here: x and z are the wheel's plane, y is outwards.
    const [x, y, z] = [at.getX(i), at.getY(i), at.getZ(i)];
    const radius = Math.hypot(x, z);
    // Turned by 90 degrees about X, the lathe's z points down.
    const deg = ((Math.atan2(x, -z) * 180) / Math.PI + 360) % 360;
    if (deg < fromDeg - 1 || deg > toDeg + 1 || y < h - 13) continue;
    const across = radius - (r - 3);
    let depth = 0;
    for (const s of scrapes) {
      const along = Math.abs(deg - s.middle) / s.reach;
      const off = Math.abs(across - s.across) / s.wide;
      if (along < 1 && off < 1) depth = Math.max(depth, s.deep * (1 - along ** 3) * (1 - off * off));
    }
    if (depth <= 0) continue;
    depth *= 0.7 + 0.6 * random();
    torn[i] = Math.min(1, depth / (depthMm * 0.7)) * 0.8 + 0.14 + 0.14 * random();
    const share = Math.max(0.2, 1 - depth / radius);
    at.setXYZ(i, x * share, y - depth * 0.8, z * share);
  }
  geometry.setAttribute('torn', new THREE.BufferAttribute(torn, 1));
  geometry.computeVertexNormals();
}

function hub(r: number, h: number, material: THREE.Material): THREE.Group {
  const group = new THREE.Group();
  group.add(
    turned(
      [
        [r * 0.14, h - 34],
        [r * 0.2, h - 36],
        [r * 0.34, h - 44],
        [r * 0.37, h - 60],
        [r * 0.36, h - 90],
      ],
      material,
      96,
    ),
    turned(
      [
        [0, h - 27],
        [r * 0.1, h - 28],
        [r * 0.135, h - 31],
        [r * 0.14, h - 36],
      ],
      new THREE.MeshPhysicalMaterial({ color: '#2b2e30', roughness: 0.35, clearcoat: 0.6 }),
      64,
    ),
  );
  return group;
}

/** One spoke from hub to lip, dished, forked or plain. */
function spoke({ rimRadius: r, width, design }: WheelLook, material: THREE.Material, n: number): THREE.Group {
  const h = width / 2;
  const group = new THREE.Group();
  const arms = design.forked ? [-0.16, 0.16] : [0];
  const broad = (design.forked ? 0.62 : 1) * (11 / (design.spokes + 4)) * 0.085 * r * 1.6;
  for (const lean of arms) {
    const steps = 14;
    const shape: THREE.Vector3[][] = Array.from({ length: steps + 1 }, (_, i) => {
      const t = i / steps;
      const radius = r * 0.26 + (r - 13 - r * 0.26) * t;
      const around = lean * t ** 0.8;
      const out = h - 42 + 24 * Math.sin(t * Math.PI * 0.5) - 6 * Math.sin(t * Math.PI);
      const half = broad * (1.15 - 0.42 * Math.sin(t * Math.PI * 0.8));
      const ring: THREE.Vector3[] = [];
      // A rounded bar: face, two flanks, open behind.
      for (const [across, back] of [
        [-1, 30],
        [-0.98, 8],
        [-0.86, 2],
        [-0.6, 0],
        [0, -1.2],
        [0.6, 0],
        [0.86, 2],
        [0.98, 8],
        [1, 30],
      ] as const) {
        const x = across * half;
        ring.push(
          new THREE.Vector3(
            Math.sin(around) * radius + Math.cos(around) * x,
            Math.cos(around) * radius - Math.sin(around) * x,
            out - back,
          ),
        );
      }
      return ring;
    });
    group.add(skinned(shape, material));
  }
  group.rotation.z = (-n / design.spokes) * Math.PI * 2;
  return group;
}

function skinned(rings: THREE.Vector3[][], material: THREE.Material): THREE.Mesh {
  const geometry = new THREE.BufferGeometry();
  const per = rings[0]?.length ?? 0;
  geometry.setAttribute(
    'position',
    new THREE.Float32BufferAttribute(
      rings.flat().flatMap((v) => [v.x, v.y, v.z]),
      3,
    ),
  );
  const faces: number[] = [];
  for (let i = 0; i < rings.length - 1; i++)
    for (let j = 0; j < per - 1; j++) {
      const a = i * per + j;
      faces.push(a, a + 1, a + per, a + 1, a + per + 1, a + per);
    }
  geometry.setIndex(faces);
  geometry.computeVertexNormals();
  const mesh = new THREE.Mesh(geometry, material);
  (mesh.material as THREE.Material).side = THREE.DoubleSide;
  mesh.castShadow = true;
  mesh.receiveShadow = true;
  return mesh;
}

function nuts(r: number, h: number): THREE.Mesh[] {
  const steel = new THREE.MeshStandardMaterial({ color: '#5a5d60', metalness: 0.9, roughness: 0.42 });
  return Array.from({ length: 5 }, (_, i) => {
    const a = ((i + 0.5) / 5) * Math.PI * 2;
    const nut = new THREE.Mesh(new THREE.CylinderGeometry(10, 10.5, 20, 6), steel);
    nut.rotation.x = Math.PI / 2;
    nut.position.set(Math.sin(a) * r * 0.255, Math.cos(a) * r * 0.255, h - 38);
    nut.castShadow = true;
    return nut;
  });
}
