import * as THREE from 'three';
import { type Random, range, seeded } from './random';

const clouds = seeded(99);

/** A made-up yard under a broken sky: what paint reflects, and what stands behind the car. */
export function makeYard(): THREE.Scene {
  const yard = new THREE.Scene();
  yard.add(sky(), ground());
  yard.add(...sheds());
  yard.add(fence());
  return yard;
}

function sky(): THREE.Mesh {
  const canvas = document.createElement('canvas');
  canvas.width = 2048;
  canvas.height = 1024;
  const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
  const wash = pen.createLinearGradient(0, 0, 0, 1024);
  wash.addColorStop(0, '#7f9cbc');
  wash.addColorStop(0.36, '#b9c9d8');
  wash.addColorStop(0.5, '#eef0ee');
  wash.addColorStop(0.51, '#8f8d86');
  wash.addColorStop(1, '#6f6d68');
  pen.fillStyle = wash;
  pen.fillRect(0, 0, 2048, 1024);
  for (let i = 0; i < 260; i++) cloud(pen, clouds);
  const map = new THREE.CanvasTexture(canvas);
  map.colorSpace = THREE.SRGBColorSpace;
  return new THREE.Mesh(
    new THREE.SphereGeometry(60, 48, 32),
    new THREE.MeshBasicMaterial({
      map,
      side: THREE.BackSide,
      toneMapped: false,
      color: new THREE.Color(1.9, 1.9, 1.9),
    }),
  );
}

function cloud(pen: CanvasRenderingContext2D, random: Random): void {
  const x = range(random, 0, 2048);
  const y = range(random, 20, 440);
  const r = range(random, 30, 130) * (0.4 + y / 500);
  const puff = pen.createRadialGradient(x, y, 0, x, y, r);
  puff.addColorStop(0, `rgba(255,255,255,${range(random, 0.05, 0.3)})`);
  puff.addColorStop(1, 'rgba(255,255,255,0)');
  pen.fillStyle = puff;
  pen.save();
  pen.translate(0, y * 0.55);
  pen.scale(1, 0.45);
  pen.fillRect(x - r, y - r, 2 * r, 2 * r);
  pen.restore();
}

/** Grain of tarmac, also used for rubber. */
export function grain(size: number, base: number, spread: number, seed: number): THREE.CanvasTexture {
  const canvas = document.createElement('canvas');
  canvas.width = size;
  canvas.height = size;
  const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
  const image = pen.createImageData(size, size);
  const random = seeded(seed);
  for (let i = 0; i < image.data.length; i += 4) {
    const value = base + (random() + random() - 1) * spread;
    image.data[i] = value;
    image.data[i + 1] = value;
    image.data[i + 2] = value * 0.98;
    image.data[i + 3] = 255;
  }
  pen.putImageData(image, 0, 0);
  const texture = new THREE.CanvasTexture(canvas);
  texture.wrapS = THREE.RepeatWrapping;
  texture.wrapT = THREE.RepeatWrapping;
  texture.colorSpace = THREE.SRGBColorSpace;
  texture.anisotropy = 8;
  return texture;
}

function ground(): THREE.Mesh {
  const map = grain(1024, 104, 46, 5);
  map.repeat.set(26, 26);
  const mesh = new THREE.Mesh(
    new THREE.PlaneGeometry(80, 80),
    new THREE.MeshStandardMaterial({ map, bumpMap: map, bumpScale: 1.5, roughness: 0.92 }),
  );
  mesh.rotation.x = -Math.PI / 2;
  mesh.receiveShadow = true;
  return mesh;
}

function sheds(): THREE.Mesh[] {
  const specs = [
    [-9, -13, 11, 3.6, '#a9aeab'],
    [6, -15, 14, 4.4, '#b7a58d'],
    [17, 2, 9, 3.4, '#8d9ba2'],
    [-16, 6, 12, 4, '#9a958a'],
    [2, 17, 18, 3.8, '#a39d93'],
  ] as const;
  return specs.map(([x, z, width, height, colour]) => {
    const mesh = new THREE.Mesh(
      new THREE.BoxGeometry(width, height, 6),
      new THREE.MeshStandardMaterial({ color: colour, roughness: 0.95 }),
    );
    mesh.position.set(x, height / 2, z);
    mesh.lookAt(0, height / 2, 0);
    return mesh;
  });
}

function fence(): THREE.Group {
  const group = new THREE.Group();
  const wood = new THREE.MeshStandardMaterial({ color: '#8b7d6e', roughness: 1 });
  for (let i = 0; i < 120; i++) {
    const angle = (i / 120) * Math.PI * 2;
    const post = new THREE.Mesh(new THREE.BoxGeometry(0.5, 1.5, 0.05), wood);
    post.position.set(Math.cos(angle) * 11, 0.75, Math.sin(angle) * 11);
    post.lookAt(0, 0.75, 0);
    group.add(post);
  }
  return group;
}
