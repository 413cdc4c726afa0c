import * as THREE from 'three';
import { type Random, seeded } from '../random';
import { type CameraPose, type Frame, sampleCamera } from './camera';
import { radianceAt, type Sky, towards } from './light/skies';

/** Renders one picture as the mean of many frames, each with its own lens point, moment and piece of sky. */
export class Gatherer {
  private readonly sum: THREE.WebGLRenderTarget;
  private readonly single: THREE.WebGLRenderTarget;
  private readonly adder: FullScreen;
  private readonly shower: FullScreen;

  constructor(
    private readonly renderer: THREE.WebGLRenderer,
    private readonly frame: Frame,
  ) {
    const options = { type: THREE.FloatType, minFilter: THREE.NearestFilter, magFilter: THREE.NearestFilter };
    this.sum = new THREE.WebGLRenderTarget(frame.width, frame.height, { ...options, depthBuffer: false });
    this.single = new THREE.WebGLRenderTarget(frame.width, frame.height, {
      ...options,
      type: THREE.HalfFloatType,
    });
    this.adder = new FullScreen(
      'uniform sampler2D from; varying vec2 at; void main() { gl_FragColor = vec4(min(texture2D(from, at).rgb, vec3(24.0)), 1.0); }',
      THREE.AdditiveBlending,
    );
    // A film-like curve with a soft shoulder, then sRGB. Highlights over the shoulder bleed through a little, as lenses do.
    this.shower = new FullScreen(
      `uniform sampler2D from; uniform float scale; varying vec2 at;
       vec3 curve(vec3 x) { return clamp((x * (2.35 * x + 0.10)) / (x * (2.15 * x + 0.74) + 0.17), 0.0, 1.0); }
       vec3 encode(vec3 c) { return mix(c * 12.92, 1.055 * pow(c, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, c)); }
       void main() { gl_FragColor = vec4(encode(curve(texture2D(from, at).rgb * scale)), 1.0); }`,
      THREE.NoBlending,
    );
  }

  picture(
    scene: THREE.Scene,
    camera: THREE.PerspectiveCamera,
    pose: CameraPose,
    sky: Sky,
    options: {
      frames: number;
      exposure: number;
      seed: number;
      /** Middle and reach of what must cast and catch shadows. */
      around: THREE.Vector3;
      reach: number;
    },
  ): void {
    const { renderer } = this;
    const random = seeded(options.seed);
    const piece = shadowLight(options.around, options.reach, 1024);
    const sun = shadowLight(options.around, options.reach, 2048);
    const sheen = new THREE.AmbientLight(radianceAt(sky, 0.5), 0.16 * Math.PI);
    scene.add(piece, piece.target, sun, sun.target, sheen);
    const order = stratified(options.frames, random);
    renderer.setRenderTarget(this.sum);
    renderer.setClearColor(0x000000, 1);
    renderer.clear();
    for (let i = 0; i < options.frames; i++) {
      aimPiece(piece, sky, order[i] as readonly [number, number], options);
      aimSun(sun, sky, random, options);
      const view = sampleCamera(camera, pose, this.frame, (i + 0.5) / options.frames, random);
      renderer.setRenderTarget(this.single);
      renderer.render(scene, view);
      renderer.setRenderTarget(this.sum);
      renderer.autoClear = false;
      this.adder.run(renderer, this.single.texture);
      renderer.autoClear = true;
    }
    scene.remove(piece, piece.target, sun, sun.target, sheen);
    piece.dispose();
    sun.dispose();
    renderer.setRenderTarget(null);
    this.shower.run(renderer, this.sum.texture, options.exposure / options.frames);
  }
}

function shadowLight(around: THREE.Vector3, reach: number, size: number): THREE.DirectionalLight {
  const light = new THREE.DirectionalLight();
  light.castShadow = true;
  light.target.position.copy(around);
  light.shadow.mapSize.set(size, size);
  light.shadow.radius = 1.5;
  light.shadow.bias = -0.0004;
  light.shadow.normalBias = reach / 350;
  Object.assign(light.shadow.camera, {
    left: -reach,
    right: reach,
    top: reach,
    bottom: -reach,
    near: 10,
    far: 8 * reach,
  });
  return light;
}

interface Place {
  around: THREE.Vector3;
  reach: number;
}

function aimPiece(
  light: THREE.DirectionalLight,
  sky: Sky,
  at: readonly [number, number],
  place: Place,
): void {
  const [azimuthDeg, heightDeg] = at;
  const way = towards(azimuthDeg, heightDeg);
  light.position.copy(place.around).addScaledVector(way, 4 * place.reach);
  light.color.copy(radianceAt(sky, way.y));
  // One light stands for the whole half-sphere: 2 pi steradians of that radiance.
  light.intensity = 2 * Math.PI;
}

function aimSun(light: THREE.DirectionalLight, sky: Sky, random: Random, place: Place): void {
  light.visible = Boolean(sky.sun);
  if (!sky.sun) return;
  const way = towards(
    sky.sun.azimuthDeg + (random() - 0.5) * 1.4,
    sky.sun.heightDeg + (random() - 0.5) * 1.4,
  );
  light.position.copy(place.around).addScaledVector(way, 4 * place.reach);
  light.color.setRGB(...sky.sun.colour);
  light.intensity = sky.sun.strength * Math.PI;
}

/** Directions spread evenly over the upper half-sphere, in random order: azimuth and height in degrees. */
function stratified(count: number, random: Random): [number, number][] {
  const turn = random() * 360;
  const made = Array.from({ length: count }, (_, i): [number, number] => {
    const up = (i + random()) / count;
    return [turn + i * 137.508 + (random() - 0.5) * 40, (Math.asin(Math.max(0.06, up)) * 180) / Math.PI];
  });
  for (let i = made.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [made[i], made[j]] = [made[j] as [number, number], made[i] as [number, number]];
  }
  return made;
}

class FullScreen {
  private readonly scene = new THREE.Scene();
  private readonly camera = new THREE.OrthographicCamera(-1, 1, 1, -1, 0, 1);
  private readonly material: THREE.ShaderMaterial;

  constructor(fragmentShader: string, blending: THREE.Blending) {
    this.material = new THREE.ShaderMaterial({
      uniforms: { from: { value: null }, scale: { value: 1 } },
      vertexShader: 'varying vec2 at; void main() { at = uv; gl_Position = vec4(position.xy, 0.0, 1.0); }',
      fragmentShader,
      blending,
      depthTest: false,
      depthWrite: false,
      toneMapped: false,
    });
    this.scene.add(new THREE.Mesh(new THREE.PlaneGeometry(2, 2), this.material));
  }

  run(renderer: THREE.WebGLRenderer, from: THREE.Texture, scale = 1): void {
    (this.material.uniforms.from as THREE.IUniform).value = from;
    (this.material.uniforms.scale as THREE.IUniform).value = scale;
    renderer.render(this.scene, this.camera);
  }
}
