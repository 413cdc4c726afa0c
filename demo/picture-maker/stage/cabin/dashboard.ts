import * as THREE from 'three';
import { drawn } from '../light/yard';
import { lampDrawings } from './lamps';

const SIZE = { width: 520, height: 236 };

/** The instruments as the driver's eye sees them, over the rim of the steering wheel. The glass faces +Z. */
export function makeDashboard(distance: string, unit: 'mi' | 'km', lamps: readonly string[]): THREE.Group {
  const group = new THREE.Group();
  const face = drawn(2080, (pen) => drawFace(pen, distance, unit, lamps), 944);
  face.wrapS = THREE.ClampToEdgeWrapping;
  const dial = new THREE.Mesh(
    new THREE.PlaneGeometry(SIZE.width, SIZE.height),
    new THREE.MeshStandardMaterial({
      map: face,
      emissiveMap: face,
      emissive: '#ffffff',
      emissiveIntensity: 0.5,
      roughness: 0.7,
    }),
  );
  const soft = new THREE.MeshStandardMaterial({ color: '#17181a', roughness: 0.82, envMapIntensity: 0.5 });
  const hood = new THREE.Mesh(new THREE.TorusGeometry(268, 44, 24, 90, Math.PI), soft);
  hood.scale.set(1.03, 0.58, 2.4);
  hood.position.set(0, 10, 10);
  const floor = new THREE.Mesh(new THREE.BoxGeometry(900, 60, 200), soft);
  floor.position.set(0, -148, 30);
  const behind = new THREE.Mesh(new THREE.PlaneGeometry(2400, 1200), soft);
  behind.position.z = -8;
  const top = new THREE.Mesh(new THREE.BoxGeometry(2000, 40, 600), soft);
  top.position.set(0, 172, -250);
  const pane = new THREE.Mesh(
    new THREE.PlaneGeometry(SIZE.width - 8, SIZE.height - 8),
    new THREE.MeshPhysicalMaterial({
      color: '#000000',
      roughness: 0.06,
      transparent: true,
      opacity: 0.12,
      clearcoat: 0.5,
    }),
  );
  pane.position.z = 26;
  pane.rotation.x = -0.12;
  const wheel = new THREE.Mesh(
    new THREE.TorusGeometry(236, 17, 24, 140),
    new THREE.MeshPhysicalMaterial({
      color: '#1b1b1d',
      roughness: 0.45,
      clearcoat: 0.25,
      clearcoatRoughness: 0.4,
    }),
  );
  wheel.position.set(0, -96, 110);
  wheel.rotation.x = -0.34;
  group.add(dial, hood, floor, behind, top, pane, wheel, ...needles());
  group.position.set(0, 1050, 0);
  group.traverse((each) => {
    each.castShadow = each !== pane;
    each.receiveShadow = true;
  });
  return group;
}

const CENTRES = [-152, 152] as const;
const RADIUS = 92;

function needles(): THREE.Mesh[] {
  const red = new THREE.MeshStandardMaterial({ color: '#d84020', roughness: 0.5, emissive: '#5c1206' });
  return CENTRES.map((x) => {
    const needle = new THREE.Mesh(new THREE.BoxGeometry(76, 2.6, 2), red);
    needle.geometry.translate(-32, 0, 0);
    needle.rotation.z = (38 * Math.PI) / 180;
    needle.position.set(x, 4, 5);
    return needle;
  });
}

function drawFace(
  pen: CanvasRenderingContext2D,
  distance: string,
  unit: 'mi' | 'km',
  lamps: readonly string[],
): void {
  pen.fillStyle = '#08090a';
  pen.fillRect(0, 0, 2080, 944);
  pen.translate(1040, 456);
  pen.scale(4, 4);
  dial(pen, CENTRES[0], 8, 1, 6.5);
  dial(pen, CENTRES[1], 12, unit === 'mi' ? 12 : 20, Number.POSITIVE_INFINITY);
  pen.fillStyle = '#141a1c';
  pen.beginPath();
  pen.roundRect(-48, -58, 96, 118, 6);
  pen.fill();
  pen.fillStyle = '#d9e6e4';
  pen.textAlign = 'center';
  pen.font = '600 20px "DejaVu Sans Mono", monospace';
  pen.fillText(distance, 0, 26);
  pen.font = '9px sans-serif';
  pen.fillText(unit === 'mi' ? 'miles' : 'km', 0, 42);
  pen.font = '10px sans-serif';
  pen.fillStyle = '#93a5a2';
  pen.fillText('11.5 °C', 0, -38);
  pen.fillText('trip  214.8', 0, -20);
  lamps.forEach((name, i) => {
    const draw = lampDrawings[name];
    if (!draw) throw new Error(`There is no warning lamp called ${name}.`);
    pen.save();
    pen.translate((i - (lamps.length - 1) / 2) * 30, 88);
    draw(pen);
    pen.restore();
  });
}

function dial(pen: CanvasRenderingContext2D, x: number, marks: number, step: number, redFrom: number): void {
  pen.save();
  pen.translate(x, -4);
  const ring = pen.createRadialGradient(0, 0, RADIUS - 10, 0, 0, RADIUS + 4);
  ring.addColorStop(0, '#101214');
  ring.addColorStop(0.7, '#4a4f52');
  ring.addColorStop(1, '#15171a');
  pen.fillStyle = ring;
  pen.beginPath();
  pen.arc(0, 0, RADIUS + 4, 0, Math.PI * 2);
  pen.fill();
  pen.fillStyle = '#0c0d0f';
  pen.beginPath();
  pen.arc(0, 0, RADIUS - 3, 0, Math.PI * 2);
  pen.fill();
  for (let i = 0; i <= marks * 2; i++) {
    const a = (140 + (i / (marks * 2)) * 260) * (Math.PI / 180);
    const whole = i % 2 === 0;
    pen.strokeStyle = i / 2 >= redFrom ? '#d84020' : '#e6e9e8';
    pen.lineWidth = whole ? 2 : 1;
    pen.beginPath();
    pen.moveTo(Math.cos(a) * (RADIUS - 6), Math.sin(a) * (RADIUS - 6));
    pen.lineTo(Math.cos(a) * (RADIUS - (whole ? 16 : 12)), Math.sin(a) * (RADIUS - (whole ? 16 : 12)));
    pen.stroke();
    if (!whole || (marks > 8 && i % 4 !== 0)) continue;
    pen.fillStyle = '#e6e9e8';
    pen.font = '11px sans-serif';
    pen.textAlign = 'center';
    pen.fillText(String((i / 2) * step), Math.cos(a) * (RADIUS - 27), Math.sin(a) * (RADIUS - 27) + 4);
  }
  pen.fillStyle = '#1a1c1e';
  pen.beginPath();
  pen.arc(0, 0, 12, 0, Math.PI * 2);
  pen.fill();
  pen.restore();
}
