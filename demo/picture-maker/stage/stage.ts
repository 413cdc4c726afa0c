import * as THREE from 'three';
import type { Picture, Shot } from '../shots';
import { makeCar } from './car';
import { makePanel } from './panel';
import { seeded } from './random';
import { makeYard } from './surroundings';
import { makeTread, makeWheel } from './wheel';

declare global {
  interface Window {
    takePicture: (picture: Picture) => Promise<string>;
  }
}

const WIDTH = 1600;
const HEIGHT = 1200;

const renderer = new THREE.WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
renderer.setSize(WIDTH, HEIGHT);
renderer.toneMapping = THREE.ACESFilmicToneMapping;
renderer.shadowMap.enabled = true;
renderer.shadowMap.type = THREE.PCFSoftShadowMap;
document.body.append(renderer.domElement);

/** What paint mirrors: the yard from the height of a person's chest. */
function reflections(yard: THREE.Scene): THREE.Texture {
  const target = new THREE.WebGLCubeRenderTarget(1024, { type: THREE.HalfFloatType, generateMipmaps: true });
  const camera = new THREE.CubeCamera(0.1, 100, target);
  camera.position.set(0, 1, 0);
  camera.update(renderer, yard);
  return new THREE.PMREMGenerator(renderer).fromCubemap(target.texture).texture;
}

function sun(): THREE.DirectionalLight {
  const light = new THREE.DirectionalLight('#fff3e0', 2.6);
  light.position.set(-4, 7, 5);
  light.castShadow = true;
  light.shadow.mapSize.set(2048, 2048);
  light.shadow.radius = 6;
  light.shadow.bias = -0.0006;
  Object.assign(light.shadow.camera, { left: -4, right: 4, top: 4, bottom: -4 });
  return light;
}

function aim(camera: THREE.PerspectiveCamera, subject: THREE.Object3D, shot: Shot): void {
  switch (shot.scene) {
    case 'car': {
      const angle = (shot.azimuth * Math.PI) / 180;
      camera.fov = 34;
      camera.position.set(-Math.cos(angle) * shot.distance, shot.height, Math.sin(angle) * shot.distance);
      camera.lookAt(0, 0.62, 0);
      break;
    }
    case 'panel': {
      subject.position.y = 0.8;
      const tilt = (shot.tilt * Math.PI) / 180;
      camera.fov = 40;
      camera.position.set(
        Math.sin(tilt) * shot.distance + shot.offset[0],
        0.8 + 0.18 * shot.distance + shot.offset[1],
        Math.cos(tilt) * shot.distance,
      );
      camera.lookAt(shot.offset[0], 0.8 + shot.offset[1], 0);
      break;
    }
    case 'wheel':
      subject.position.y = 0.318;
      camera.fov = 38;
      camera.position.set(
        shot.aim[0] + 0.22 * shot.distance,
        0.318 + shot.aim[1] + 0.24 * shot.distance,
        shot.distance,
      );
      camera.lookAt(shot.aim[0], 0.318 + shot.aim[1], 0.08);
      break;
    case 'tread':
      subject.position.y = 0.318;
      camera.fov = 40;
      camera.position.set(0.07, 0.318 + 0.25, 0.318 + shot.distance * 0.72);
      camera.lookAt(0.01, 0.318 + 0.13, 0.28);
      break;
  }
  camera.updateProjectionMatrix();
}

function subjectOf({ shot, paint, seed }: Picture): THREE.Object3D {
  switch (shot.scene) {
    case 'car':
      return makeCar(paint);
    case 'panel':
      return makePanel(paint, shot.damage, shot.handle ?? false, seeded(seed));
    case 'wheel':
      return makeWheel({ from: shot.kerbFrom, to: shot.kerbTo }, seeded(seed));
    case 'tread':
      return makeTread(shot.depthMm, seeded(seed));
  }
}

window.takePicture = async (picture) => {
  const scene = makeYard();
  scene.add(sun(), new THREE.HemisphereLight('#dfe8f0', '#77736b', 1.5));
  scene.environment = reflections(scene);
  const subject = subjectOf(picture);
  scene.add(subject);
  // A whole car stands before a bright sky: a camera would stop down.
  renderer.toneMappingExposure = picture.shot.scene === 'car' ? 0.8 : 1.1;
  const camera = new THREE.PerspectiveCamera(40, WIDTH / HEIGHT, 0.02, 200);
  aim(camera, subject, picture.shot);
  renderer.render(scene, camera);
  return renderer.domElement.toDataURL('image/png');
};
