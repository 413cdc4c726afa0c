import * as THREE from 'three';
import { range, seeded } from '../../random';
import { drawn } from '../light/yard';

/** Top of the desk in the office, with something lying on it. */
function desk(): THREE.Mesh {
  const random = seeded(61);
  const wood = drawn(1024, (pen) => {
    pen.fillStyle = '#8a6f52';
    pen.fillRect(0, 0, 1024, 1024);
    for (let y = 0; y < 1024; y += 1.5) {
      const tone = Math.round(range(random, -16, 16) + 10 * Math.sin(y / 37));
      pen.fillStyle = `rgba(${128 + tone},${100 + tone},${72 + tone},0.6)`;
      pen.fillRect(0, y + 3 * Math.sin(y / 90), 1024, 1.5);
    }
  });
  wood.repeat.set(1.4, 1.4);
  const top = new THREE.Mesh(
    new THREE.PlaneGeometry(1400, 1400),
    new THREE.MeshPhysicalMaterial({ map: wood, roughness: 0.5, clearcoat: 0.2, clearcoatRoughness: 0.35 }),
  );
  top.rotation.x = -Math.PI / 2;
  top.receiveShadow = true;
  return top;
}

const DESK_HEIGHT = 800;

function onDesk(...things: THREE.Object3D[]): THREE.Group {
  const group = new THREE.Group();
  group.add(desk(), ...things);
  group.position.y = DESK_HEIGHT;
  group.traverse((each) => {
    each.receiveShadow = true;
    if (each !== group.children[0]) each.castShadow = true;
  });
  return group;
}

/** Keys side by side: a black shell, three buttons, a blade, a ring with the yard's paper tag. */
export function makeKeys(count: number): THREE.Group {
  return onDesk(...Array.from({ length: count }, (_, i) => key(i)));
}

function key(n: number): THREE.Group {
  const group = new THREE.Group();
  const shell = new THREE.MeshPhysicalMaterial({
    color: '#141517',
    roughness: 0.42,
    clearcoat: 0.3,
    clearcoatRoughness: 0.3,
  });
  const soft = new THREE.MeshStandardMaterial({ color: '#2a2c2f', roughness: 0.9 });
  const steel = new THREE.MeshStandardMaterial({ color: '#b4b6b7', roughness: 0.3, metalness: 1 });
  const outline = new THREE.Shape();
  outline.moveTo(-17, -32);
  outline.bezierCurveTo(-22, 0, -20, 28, -11, 36);
  outline.lineTo(11, 36);
  outline.bezierCurveTo(20, 28, 22, 0, 17, -32);
  outline.bezierCurveTo(8, -40, -8, -40, -17, -32);
  const body = new THREE.Mesh(
    new THREE.ExtrudeGeometry(outline, {
      depth: 8,
      bevelSize: 3,
      bevelThickness: 3,
      bevelSegments: 6,
      curveSegments: 24,
    }),
    shell,
  );
  body.position.z = 3;
  group.add(body);
  for (const y of [18, 2, -14]) {
    const button = new THREE.Mesh(new THREE.CapsuleGeometry(5.2, 7, 8, 20), soft);
    button.rotation.z = Math.PI / 2;
    button.scale.z = 0.4;
    button.position.set(0, y, 13.4);
    group.add(button);
  }
  const blade = new THREE.Mesh(new THREE.BoxGeometry(9, 46, 2.4), steel);
  blade.position.set(0, 60, 7);
  const slot = new THREE.Mesh(
    new THREE.BoxGeometry(2.2, 40, 2.7),
    new THREE.MeshStandardMaterial({ color: '#6d6f70', metalness: 1, roughness: 0.5 }),
  );
  slot.position.set(1.4, 60, 7);
  const ring = new THREE.Mesh(new THREE.TorusGeometry(13, 1, 12, 60), steel);
  ring.position.set(2, -47, 2);
  group.add(blade, slot, ring);
  if (n === 0) {
    const tag = new THREE.Mesh(
      new THREE.BoxGeometry(64, 34, 0.8),
      new THREE.MeshStandardMaterial({
        roughness: 0.85,
        map: drawn(
          512,
          (pen) => {
            pen.fillStyle = '#e9dcae';
            pen.fillRect(0, 0, 512, 272);
            pen.fillStyle = '#33383c';
            pen.font = '90px sans-serif';
            pen.fillText('BT-104', 90, 130);
            pen.font = '52px sans-serif';
            pen.fillText('2 keys', 90, 210);
          },
          272,
        ),
      }),
    );
    tag.position.set(-28, -84, 1.2);
    tag.rotation.z = 0.35;
    group.add(tag);
  }
  group.rotation.x = -Math.PI / 2;
  group.rotation.z = n * 0.5 - 0.25;
  group.position.set(n * 84 - 42, 0, n * 14);
  return group;
}

/** A service record lying open: a ruled page, each visit with date, distance, who and what, and a plain stamp. */
export function makeServiceBook(
  lines: readonly (readonly [date: string, distance: string, by: string, what: string])[],
): THREE.Group {
  const random = seeded(67);
  const page = drawn(1480, (pen) => drawPage(pen, lines, random), 2100);
  page.wrapS = THREE.ClampToEdgeWrapping;
  const sheets = [-1, 1].map((side) => {
    const geometry = new THREE.PlaneGeometry(148, 210, 60, 10);
    const at = geometry.getAttribute('position');
    for (let i = 0; i < at.count; i++) {
      const inner = (at.getX(i) * side + 74) / 148;
      at.setZ(i, 7 + 9 * Math.sin(Math.min(1, inner * 2.2) * Math.PI) * (1 - inner * 0.4) - inner * 3);
    }
    geometry.computeVertexNormals();
    const sheet = new THREE.Mesh(
      geometry,
      new THREE.MeshStandardMaterial(
        side === 1
          ? { map: page, roughness: 0.82, envMapIntensity: 0.6 }
          : { color: '#e4e0d6', roughness: 0.82, envMapIntensity: 0.6 },
      ),
    );
    sheet.rotation.x = -Math.PI / 2;
    sheet.position.set(side * 74, 0, 0);
    return sheet;
  });
  const cover = new THREE.Mesh(
    new THREE.BoxGeometry(304, 3, 216),
    new THREE.MeshStandardMaterial({ color: '#27343d', roughness: 0.6 }),
  );
  cover.position.y = 1.5;
  const pencil = new THREE.Mesh(
    new THREE.CylinderGeometry(3.6, 3.6, 150, 6),
    new THREE.MeshStandardMaterial({ color: '#3c6b50', roughness: 0.45 }),
  );
  pencil.rotation.set(0, 0.5, Math.PI / 2);
  pencil.position.set(196, 4, 40);
  return onDesk(...sheets, cover, pencil);
}

function drawPage(
  pen: CanvasRenderingContext2D,
  lines: readonly (readonly [string, string, string, string])[],
  random: () => number,
): void {
  pen.fillStyle = '#efece3';
  pen.fillRect(0, 0, 1480, 2100);
  pen.fillStyle = '#3b4a54';
  pen.font = '600 74px sans-serif';
  pen.fillText('Service record', 110, 170);
  lines.forEach(([date, distance, by, what], i) => {
    const y = 260 + i * 420;
    pen.strokeStyle = '#a9b0b2';
    pen.lineWidth = 4;
    pen.strokeRect(110, y, 1260, 370);
    pen.fillStyle = '#4a555b';
    pen.font = '38px sans-serif';
    for (const [n, label] of ['Date', 'Distance', 'Work done'].entries())
      pen.fillText(label, 140, y + 70 + n * 110);
    pen.fillStyle = '#16306e';
    pen.font = 'italic bold 66px "DejaVu Serif", serif';
    pen.fillText(date, 380, y + 78);
    pen.fillText(distance, 380, y + 188);
    pen.fillText(what, 380, y + 298);
    pen.save();
    pen.translate(1130, y + 170);
    pen.rotate(range(random, -0.16, 0.12));
    pen.globalAlpha = range(random, 0.75, 1);
    pen.strokeStyle = '#7a2438';
    pen.fillStyle = '#7a2438';
    pen.lineWidth = 7;
    pen.strokeRect(-190, -90, 380, 180);
    pen.textAlign = 'center';
    pen.font = '600 46px sans-serif';
    const words = by.split(' ');
    pen.fillText(words.slice(0, 2).join(' '), 0, -14);
    pen.fillText(words.slice(2).join(' '), 0, 50);
    pen.restore();
    pen.textAlign = 'left';
    pen.globalAlpha = 1;
  });
}
