import * as THREE from 'three';
import { type Film, FRAMES_PER_S, isIndoors, timesOf } from '../films/spec';
import { type Picture, phone } from '../spec';
import { shapeOf } from './body/car';
import { type CameraPose, type Frame, makeCamera } from './camera';
import { Gatherer } from './gather';
import { skies } from './light/skies';
import { movedPx, onTheWay, swayPx } from './path';
import type { Scene } from './scenes/scene';
import { setUp } from './scenes/setUp';
import { placesOn, seenParts } from './seenParts';

const FILM: Frame = { width: 1280, height: 720 };
/** What is rendered is a little larger than the film, which sways within it as a hand does. */
const STILL: Frame = { width: 1360, height: 765 };
/** What moves is smeared anyway: half as fine is enough, and four times as quick. */
const MOVING: Frame = { width: 680, height: 382 };
const STILL_GATHERED = 5;
const MOVING_GATHERED = 2;
/** Share of the time between two frames that the shutter is open. */
const SHUTTER = 0.4;
const MOST_SMEAR_PX = 9;
/** A camera that films meters for the car, not for the sky. */
const METER_EV = 0.4;
/** As on a 36 mm wide frame, of the film; what is rendered shows more. */
const FOCAL_MM = 27;

export interface TakenFrame {
  jpeg: string;
  parts: string[];
}

type YardUnder = (name: Film['sky']) => { yard: THREE.Group; mirrored: THREE.Texture };

/** Takes the frames of a film, one after another: each place is rendered once and held, the ways between are rendered frame by frame. */
export function filmTaker(renderer: THREE.WebGLRenderer, yardUnder: YardUnder) {
  const gatherers = {
    still: new Gatherer(renderer, STILL),
    moving: new Gatherer(renderer, MOVING),
  };
  const paper = document.createElement('canvas');
  paper.width = FILM.width;
  paper.height = FILM.height;
  const pen = paper.getContext('2d') as CanvasRenderingContext2D;
  return (film: Film) => {
    const sky = skies[film.sky];
    const { yard, mirrored } = yardUnder(film.sky);
    const shots = timesOf(film);
    const pictures = shots.map((shot, i) => pictureOf(film, shot.view, i));
    const { profile } = shapeOf(film.car.style);
    const middle = new THREE.Vector3(profile.length / 2, profile.height * 0.45, 0);
    const poses = pictures.map((picture) => {
      const { pose, subject } = setUp(picture);
      dispose(subject);
      return pose;
    });
    const places = placesOn(film.car.style);
    let open: { index: number; set: Scene; scene: THREE.Scene } | undefined;
    const sceneOf = (index: number) => {
      if (open?.index === index) return open;
      if (open) dispose(open.set.subject);
      const set = setUp(pictures[index] as Picture);
      const scene = new THREE.Scene();
      scene.environment = mirrored;
      if (set.indoors) scene.background = new THREE.Color(0.02, 0.02, 0.02);
      else scene.add(yard);
      scene.add(set.subject);
      open = { index, set, scene };
      return open;
    };
    /** Where the camera is; which place it stands at, when it stands. */
    const poseAt = (at: number): { index: number; pose: CameraPose; isStill: boolean } => {
      const found = shots.findIndex(({ to }) => at < to);
      const index = found === -1 ? shots.length - 1 : found;
      const [shot, was, pose, before] = [shots[index], shots[index - 1], poses[index], poses[index - 1]];
      if (!shot || !pose) throw new Error(`${film.name} shows nothing at ${at} s`);
      if (at >= shot.from || !before || !was || isIndoors(was)) return { index, pose, isStill: true };
      const share = (at - shot.leavesFor) / (shot.from - shot.leavesFor);
      return {
        index: share < 0.5 ? index - 1 : index,
        pose: onTheWay(before, pose, share, middle),
        isStill: false,
      };
    };
    let held: { index: number; parts: string[] } | undefined;
    const render = (at: number): { of: Frame; parts: string[] } => {
      const { index, pose, isStill } = poseAt(at);
      if (isStill && held?.index === index) return { of: STILL, parts: held.parts };
      const { set, scene } = sceneOf(index);
      const of = isStill ? STILL : MOVING;
      const smear = isStill
        ? 0
        : Math.min(MOST_SMEAR_PX, SHUTTER * movedPx(poseAt(at - 1 / FRAMES_PER_S).pose, pose, of.width));
      const shown: CameraPose = {
        ...pose,
        focalMm: (FOCAL_MM * FILM.width) / STILL.width,
        shakePx: 0.3 + smear,
      };
      const camera = makeCamera(shown, of);
      renderer.setSize(of.width, of.height);
      gatherers[isStill ? 'still' : 'moving'].picture(scene, camera, shown, sky, {
        frames: isStill ? STILL_GATHERED : MOVING_GATHERED,
        exposure: sky.exposure * 2 ** (set.dimEv + METER_EV),
        seed: film.seed,
        around: set.indoors ? new THREE.Vector3(...pose.target) : middle,
        reach: set.indoors ? set.reach : profile.length * 0.72,
      });
      const parts = set.indoors ? [...(shots[index]?.shows ?? [])] : seenParts(places, camera);
      held = isStill ? { index, parts } : undefined;
      return { of, parts };
    };
    return {
      frames: Math.round((shots.at(-1)?.to ?? 0) * FRAMES_PER_S),
      seconds: shots.at(-1)?.to ?? 0,
      ...FILM,
      take: (n: number): TakenFrame => {
        const at = n / FRAMES_PER_S;
        const { of, parts } = render(at);
        const fine = of.width / STILL.width;
        const [right, down] = swayPx(at);
        const left = ((STILL.width - FILM.width) / 2 + right) * fine;
        const top = ((STILL.height - FILM.height) / 2 + down) * fine;
        pen.imageSmoothingQuality = 'high';
        pen.drawImage(
          renderer.domElement,
          left,
          top,
          FILM.width * fine,
          FILM.height * fine,
          0,
          0,
          FILM.width,
          FILM.height,
        );
        return { jpeg: paper.toDataURL('image/jpeg', 0.94), parts };
      },
    };
  };
}

const pictureOf = (film: Film, view: Picture['view'], i: number): Picture => ({
  name: film.name,
  seed: film.seed + i,
  sky: film.sky,
  car: film.car,
  view,
  camera: { ...phone, focalMm: FOCAL_MM },
  minute: 0,
});

function dispose(subject: THREE.Object3D) {
  subject.traverse((each) => {
    const mesh = each as THREE.Mesh;
    if (mesh.isMesh && !mesh.geometry.userData.kept) mesh.geometry.dispose();
  });
}
