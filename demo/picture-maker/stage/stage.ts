import * as THREE from 'three';
import type { Film } from '../films/spec';
import type { Picture } from '../spec';
import type { Truth } from '../truth';
import { makeCamera } from './camera';
import { filmTaker, type TakenFrame } from './filmStage';
import { Gatherer } from './gather';
import { installLighting } from './light/shaders';
import { type SkyName, skies } from './light/skies';
import { makeYard } from './light/yard';
import { setUp } from './scenes/setUp';
import { tellTruth } from './tell';

declare global {
  interface Window {
    takePicture: (picture: Picture, frames: number) => Promise<{ png: string; truth: Truth }>;
    /** Sets a film up: how many frames it has, how long it runs, how large they are. */
    openFilm: (film: Film) => { frames: number; seconds: number; width: number; height: number };
    takeFrame: (n: number) => TakenFrame;
  }
}

const FRAME = { width: 1400, height: 1050 };

installLighting();
const renderer = new THREE.WebGLRenderer({ antialias: false, preserveDrawingBuffer: true });
renderer.setSize(FRAME.width, FRAME.height);
renderer.shadowMap.enabled = true;
renderer.shadowMap.type = THREE.PCFShadowMap;
document.body.append(renderer.domElement);
const gatherer = new Gatherer(renderer, FRAME);

const yards = new Map<SkyName, { yard: THREE.Group; mirrored: THREE.Texture }>();

/** The yard under a sky, and what paint mirrors of it from the height of a person's chest. */
function yardUnder(name: SkyName) {
  const known = yards.get(name);
  if (known) return known;
  const yard = makeYard(skies[name]);
  const target = new THREE.WebGLCubeRenderTarget(512, { type: THREE.HalfFloatType, generateMipmaps: true });
  const camera = new THREE.CubeCamera(100, 320_000, target);
  camera.position.set(2200, 1000, 0);
  const scene = new THREE.Scene();
  // In place of the many small lights that a picture is gathered from.
  const { zenith } = skies[name];
  scene.add(yard, new THREE.HemisphereLight(new THREE.Color(...zenith), '#6b6862', 2.6));
  camera.update(renderer, scene);
  const mirrored = new THREE.PMREMGenerator(renderer).fromCubemap(target.texture).texture;
  target.dispose();
  const made = { yard, mirrored };
  yards.set(name, made);
  return made;
}

window.takePicture = async (picture, frames) => {
  const sky = skies[picture.sky];
  const { yard, mirrored } = yardUnder(picture.sky);
  const set = setUp(picture);
  const scene = new THREE.Scene();
  scene.environment = mirrored;
  if (set.indoors) scene.background = new THREE.Color(0.02, 0.02, 0.02);
  else scene.add(yard);
  scene.add(set.subject);
  const camera = makeCamera(set.pose, FRAME);
  gatherer.picture(scene, camera, set.pose, sky, {
    frames,
    exposure: sky.exposure * 2 ** (picture.camera.exposureEv + set.dimEv),
    seed: picture.seed,
    around: new THREE.Vector3(...set.pose.target),
    reach: set.reach,
  });
  const png = renderer.domElement.toDataURL('image/png');
  // Materials stay, and with them their compiled programs.
  set.subject.traverse((each) => {
    const mesh = each as THREE.Mesh;
    if (mesh.isMesh && !mesh.geometry.userData.kept) mesh.geometry.dispose();
  });
  return { png, truth: tellTruth(picture, set, camera, FRAME) };
};

window.openFilm = (film) => {
  const { take, ...told } = filmTaker(renderer, yardUnder)(film);
  window.takeFrame = take;
  return told;
};
