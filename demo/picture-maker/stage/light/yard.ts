import * as THREE from 'three';
import { range, seeded } from '../../random';
import { type Sky, skyDome } from './skies';

/** A made-up yard: what stands behind the car, and what its paint mirrors. Millimetres. */
export function makeYard(sky: Sky): THREE.Group {
  const yard = new THREE.Group();
  const dome = skyDome(sky, 150_000);
  // Last: most of it is hidden.
  dome.renderOrder = 2;
  yard.add(dome, ground(sky), ...sheds(), fence(), ...hedges(), ...lampPosts());
  return yard;
}

/** Noise in grey, tileable enough for ground and rubber. */
export function grain(size: number, base: number, spread: number, seed: number): THREE.CanvasTexture {
  const random = seeded(seed);
  return drawn(size, (pen) => {
    const image = pen.createImageData(size, size);
    for (let i = 0; i < image.data.length; i += 4) {
      const value = base + (random() + random() - 1) * spread;
      image.data[i] = value;
      image.data[i + 1] = value;
      image.data[i + 2] = value * 0.98;
      image.data[i + 3] = 255;
    }
    pen.putImageData(image, 0, 0);
  });
}

export function drawn(
  width: number,
  draw: (pen: CanvasRenderingContext2D) => void,
  height = width,
): THREE.CanvasTexture {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  draw(canvas.getContext('2d') as CanvasRenderingContext2D);
  const texture = new THREE.CanvasTexture(canvas);
  texture.wrapS = THREE.RepeatWrapping;
  texture.wrapT = THREE.RepeatWrapping;
  texture.colorSpace = THREE.SRGBColorSpace;
  return texture;
}

/** Tarmac: stones, patches, worn bay lines. */
function ground(sky: Sky): THREE.Mesh {
  const map = tarmac();
  map.repeat.set(84, 84);
  const wide = blotches();
  // Dry ground mirrors nothing worth its cost.
  const material = sky.wet
    ? new THREE.MeshStandardMaterial({ map, roughness: 0.34, color: '#a4a7ab', envMapIntensity: 0.75 })
    : new THREE.MeshLambertMaterial({ map, color: '#ffffff' });
  material.onBeforeCompile = (shader) => {
    shader.uniforms.wide = { value: wide };
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nvarying vec2 vWide;')
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvWide = position.xy / 16000.0;');
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', '#include <common>\nvarying vec2 vWide;\nuniform sampler2D wide;')
      .replace(
        '#include <map_fragment>',
        '#include <map_fragment>\nvec4 stain = texture2D(wide, vWide);\ndiffuseColor.rgb = mix(diffuseColor.rgb * stain.r * 2.15, vec3(0.62), stain.b * 0.75);',
      )
      .replace(
        '#include <roughnessmap_fragment>', // only in what can be wet
        `#include <roughnessmap_fragment>\nroughnessFactor *= ${sky.wet ? 'mix(0.25, 1.1, smoothstep(0.46, 0.56, stain.r))' : '1.0'};`,
      );
  };
  const mesh = new THREE.Mesh(new THREE.PlaneGeometry(120_000, 120_000), material);
  mesh.rotation.x = -Math.PI / 2;
  mesh.position.x = 2200;
  mesh.receiveShadow = true;
  mesh.renderOrder = 1;
  return mesh;
}

function tarmac(): THREE.CanvasTexture {
  const random = seeded(5);
  return drawn(1024, (pen) => {
    pen.fillStyle = '#4d4c4a';
    pen.fillRect(0, 0, 1024, 1024);
    for (let i = 0; i < 90_000; i++) {
      const light = Math.round(range(random, 44, 108));
      pen.fillStyle = `rgb(${light},${light},${Math.round(light * 0.97)})`;
      const size = range(random, 0.8, 3.4);
      pen.fillRect(random() * 1024, random() * 1024, size, size * range(random, 0.6, 1.3));
    }
  });
}

/** Slow changes over metres: red is shade, blue is paint of the bay lines. */
function blotches(): THREE.CanvasTexture {
  const random = seeded(23);
  const texture = drawn(1024, (pen) => {
    pen.fillStyle = 'rgb(150,0,0)';
    pen.fillRect(0, 0, 1024, 1024);
    for (let i = 0; i < 500; i++) {
      const [x, y, r] = [random() * 1024, random() * 1024, range(random, 12, 130)];
      const puff = pen.createRadialGradient(x, y, 0, x, y, r);
      const shade = random() < 0.5 ? '90,0,0' : '190,0,0';
      puff.addColorStop(0, `rgba(${shade},${range(random, 0.06, 0.3)})`);
      puff.addColorStop(1, `rgba(${shade},0)`);
      pen.fillStyle = puff;
      pen.fillRect(x - r, y - r, 2 * r, 2 * r);
    }
    // Bay lines across, worn.
    for (const y of [330, 694]) {
      for (let x = 0; x < 1024; x += 2) {
        if (random() < 0.16) continue;
        pen.fillStyle = `rgba(150,0,255,${range(random, 0.4, 0.95)})`;
        pen.fillRect(x, y + range(random, -0.4, 0.4), 2, 6.4);
      }
    }
  });
  texture.colorSpace = THREE.NoColorSpace;
  return texture;
}

const SHEDS = [
  { x: 21_000, z: -16_000, width: 17_000, height: 5200, depth: 7000, colour: '#8f9a97' },
  { x: -13_000, z: -19_000, width: 15_000, height: 4300, depth: 6000, colour: '#a08d76' },
  { x: -21_000, z: 9000, width: 13_000, height: 4000, depth: 6000, colour: '#78868d' },
  { x: 24_000, z: 15_000, width: 15_000, height: 4600, depth: 6000, colour: '#98948a' },
  { x: 1000, z: 27_000, width: 22_000, height: 4200, depth: 6000, colour: '#a79c8c' },
] as const;

/** Sheds of profiled sheet, each with a roller door, a small door and a window. */
function sheds(): THREE.Object3D[] {
  return SHEDS.map(({ x, z, width, height, depth, colour }, n) => {
    const front = drawn(
      1024,
      (pen) => {
        pen.fillStyle = colour;
        pen.fillRect(0, 0, 1024, 320);
        for (let i = 0; i < 1024; i += 9) {
          pen.fillStyle = 'rgba(0,0,0,0.13)';
          pen.fillRect(i, 0, 4, 320);
          pen.fillStyle = 'rgba(255,255,255,0.07)';
          pen.fillRect(i + 5, 0, 2, 320);
        }
        pen.fillStyle = '#5d6468';
        pen.fillRect(380, 70, 300, 250);
        for (let y = 76; y < 320; y += 12) {
          pen.fillStyle = 'rgba(0,0,0,0.22)';
          pen.fillRect(380, y, 300, 3);
        }
        pen.fillStyle = ['#394a3f', '#4a3a36', '#35404f'][n % 3] as string;
        pen.fillRect(800, 150, 72, 170);
        pen.fillStyle = '#27313a';
        pen.fillRect(130, 110, 130, 90);
        pen.fillStyle = '#d9d5cb';
        pen.fillRect(0, 0, 1024, 12);
      },
      320,
    );
    const group = new THREE.Group();
    const walls = new THREE.Mesh(
      new THREE.BoxGeometry(width, height, depth),
      new THREE.MeshLambertMaterial({ map: front }),
    );
    walls.position.y = height / 2;
    const roof = new THREE.Mesh(
      new THREE.CylinderGeometry(depth * 0.62, depth * 0.62, width + 500, 3, 1),
      new THREE.MeshLambertMaterial({ color: '#5a5e60' }),
    );
    roof.rotation.z = Math.PI / 2;
    roof.scale.set(0.34, 1, 1);
    roof.position.y = height + 200;
    walls.castShadow = true;
    group.add(walls, roof);
    group.position.set(x + 2200, 0, z);
    group.rotation.y = Math.atan2(2200 - (x + 2200), -z);
    return group;
  });
}

/** Weathered boards between posts, round the yard. */
function fence(): THREE.Group {
  const group = new THREE.Group();
  const random = seeded(41);
  const boards = drawn(
    512,
    (pen) => {
      pen.fillStyle = '#76695b';
      pen.fillRect(0, 0, 512, 256);
      for (let x = 0; x < 512; x += 22) {
        const tone = range(random, -18, 18);
        pen.fillStyle = `rgb(${118 + tone},${106 + tone},${92 + tone})`;
        pen.fillRect(x, 0, 20, 256);
        pen.fillStyle = 'rgba(30,24,20,0.8)';
        pen.fillRect(x + 20, 0, 2, 256);
      }
    },
    256,
  );
  const wood = new THREE.MeshLambertMaterial({ map: boards });
  const count = 56;
  for (let i = 0; i < count; i++) {
    if (i % 14 === 5) continue;
    const angle = ((i + 0.5) / count) * Math.PI * 2;
    const panel = new THREE.Mesh(new THREE.BoxGeometry(1980, range(random, 1650, 1720), 45), wood);
    panel.position.set(2200 + Math.cos(angle) * 17_600, 850, Math.sin(angle) * 17_600);
    panel.rotation.y = -angle + Math.PI / 2;
    panel.castShadow = true;
    group.add(panel);
  }
  return group;
}

/** Trees and bushes beyond the fence: crowns of loose leaves, darker inside and below. */
function hedges(): THREE.Object3D[] {
  const random = seeded(77);
  const crowns = Array.from({ length: 58 }, () => {
    const angle = random() * Math.PI * 2;
    const far = range(random, 22_000, 44_000);
    const size = range(random, 1500, 3800);
    return {
      x: 2200 + Math.cos(angle) * far,
      y: size * 0.95,
      z: Math.sin(angle) * far,
      size,
      tone: range(random, 0.75, 1.2),
    };
  });
  const leaf = new THREE.PlaneGeometry(1, 0.7);
  const each = 1500;
  const material = new THREE.MeshLambertMaterial({ side: THREE.DoubleSide });
  const leaves = new THREE.InstancedMesh(leaf, material, crowns.length * each);
  const place = new THREE.Object3D();
  const colour = new THREE.Color();
  crowns.forEach(({ x, y, z, size, tone }, n) => {
    for (let i = 0; i < each; i++) {
      const around = random() * Math.PI * 2;
      const up = range(random, -0.75, 1);
      // Lobes, so that the outline is not a ball's.
      const lobe = 0.8 + 0.2 * Math.sin(around * 3 + n) * Math.cos(up * 5 + n);
      const r = size * lobe * (1 - 0.4 * random() ** 2);
      const ring = Math.sqrt(1 - Math.min(1, up * up));
      place.position.set(x + Math.cos(around) * ring * r, y + up * r, z + Math.sin(around) * ring * r);
      place.rotation.set(random() * 6, random() * 6, random() * 6);
      place.scale.setScalar(range(random, 0.07, 0.17) * (500 + size * 0.5));
      place.updateMatrix();
      leaves.setMatrixAt(n * each + i, place.matrix);
      const light = tone * (0.55 + 0.3 * (up + 0.75)) * range(random, 0.6, 1.25);
      leaves.setColorAt(n * each + i, colour.setRGB(0.105 * light, 0.135 * light, 0.06 * light));
    }
  });
  leaves.frustumCulled = false;
  return [leaves];
}

function lampPosts(): THREE.Object3D[] {
  const steel = new THREE.MeshStandardMaterial({ color: '#8b9094', roughness: 0.5, metalness: 0.6 });
  return [
    [-6500, -13_500],
    [12_500, 14_200],
    [-9500, 12_800],
  ].map(([x, z]) => {
    const post = new THREE.Mesh(new THREE.CylinderGeometry(50, 75, 6200, 12), steel);
    post.position.set(x as number, 3100, z as number);
    post.castShadow = true;
    return post;
  });
}
