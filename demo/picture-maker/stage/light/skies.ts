import * as THREE from 'three';

export const skyNames = ['bright', 'overcast', 'low-sun', 'dusk', 'wet'] as const;
export type SkyName = (typeof skyNames)[number];

type Colour = readonly [number, number, number];

/** A made-up sky. Colours are linear radiance; 1 is what a white card sends back under the overcast one. */
export interface Sky {
  zenith: Colour;
  horizon: Colour;
  cloud: Colour;
  /** Share of the sky under cloud, 0..1. */
  cover: number;
  sun?: { azimuthDeg: number; heightDeg: number; colour: Colour; strength: number };
  /** Brightness of the picture: what the camera's meter chose. */
  exposure: number;
  wet: boolean;
}

export const skies: Record<SkyName, Sky> = {
  bright: {
    zenith: [0.26, 0.44, 0.78],
    horizon: [0.86, 0.94, 1.02],
    cloud: [1.5, 1.5, 1.48],
    cover: 0.55,
    sun: { azimuthDeg: 128, heightDeg: 47, colour: [1, 0.94, 0.84], strength: 2.6 },
    exposure: 0.82,
    wet: false,
  },
  overcast: {
    zenith: [1.25, 1.28, 1.32],
    horizon: [0.82, 0.85, 0.88],
    cloud: [0.8, 0.83, 0.88],
    cover: 0.9,
    exposure: 0.95,
    wet: false,
  },
  'low-sun': {
    zenith: [0.2, 0.32, 0.62],
    horizon: [1.25, 0.95, 0.66],
    cloud: [1.2, 0.9, 0.7],
    cover: 0.35,
    sun: { azimuthDeg: 152, heightDeg: 17, colour: [1, 0.76, 0.5], strength: 3.6 },
    exposure: 0.85,
    wet: false,
  },
  dusk: {
    zenith: [0.055, 0.085, 0.19],
    horizon: [0.42, 0.27, 0.22],
    cloud: [0.14, 0.12, 0.17],
    cover: 0.5,
    exposure: 3.1,
    wet: false,
  },
  wet: {
    zenith: [0.85, 0.89, 0.95],
    horizon: [0.6, 0.63, 0.67],
    cloud: [0.42, 0.45, 0.5],
    cover: 1,
    exposure: 1.2,
    wet: true,
  },
};

/** Unit vector to a place in the sky: azimuth from the nose over the car's left, height above the horizon. */
export function towards(azimuthDeg: number, heightDeg: number): THREE.Vector3 {
  const a = (azimuthDeg * Math.PI) / 180;
  const h = (heightDeg * Math.PI) / 180;
  return new THREE.Vector3(-Math.cos(a) * Math.cos(h), Math.sin(h), Math.sin(a) * Math.cos(h));
}

/** Light from a part of the sky, without the sun: what one of its many small lights sends. */
export function radianceAt(sky: Sky, up: number): THREE.Color {
  const t = Math.min(1, Math.max(0, up)) ** 0.55;
  const share = (i: 0 | 1 | 2) => {
    const clear = sky.horizon[i] * (1 - t) + sky.zenith[i] * t;
    return clear * (1 - sky.cover * 0.5) + sky.cloud[i] * sky.cover * 0.5;
  };
  return new THREE.Color(share(0), share(1), share(2));
}

/** The dome itself: a gradient, banks of cloud, and the sun where there is one. */
export function skyDome(sky: Sky, radius: number): THREE.Mesh {
  const sun = sky.sun ? towards(sky.sun.azimuthDeg, sky.sun.heightDeg) : new THREE.Vector3(0, -1, 0);
  const material = new THREE.ShaderMaterial({
    side: THREE.BackSide,
    toneMapped: false,
    uniforms: {
      zenith: { value: new THREE.Vector3(...sky.zenith) },
      horizon: { value: new THREE.Vector3(...sky.horizon) },
      cloudColour: { value: new THREE.Vector3(...sky.cloud) },
      cover: { value: sky.cover },
      sun: { value: sun },
      sunColour: {
        value: new THREE.Vector3(...(sky.sun?.colour ?? [0, 0, 0])).multiplyScalar(
          (sky.sun?.strength ?? 0) * 34,
        ),
      },
    },
    vertexShader: /* glsl */ `
      varying vec3 way;
      void main() { way = position; gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }`,
    fragmentShader: /* glsl */ `
      varying vec3 way;
      uniform vec3 zenith, horizon, cloudColour, sun, sunColour;
      uniform float cover;
      float grain(vec2 p) { return fract(sin(dot(p, vec2(12.9898, 78.233))) * 43758.5453); }
      float noise(vec2 p) {
        vec2 i = floor(p), f = fract(p); f = f * f * (3.0 - 2.0 * f);
        return mix(mix(grain(i), grain(i + vec2(1, 0)), f.x), mix(grain(i + vec2(0, 1)), grain(i + vec2(1, 1)), f.x), f.y);
      }
      float billow(vec2 p) {
        float sum = 0.0, part = 0.5;
        for (int i = 0; i < 6; i++) { sum += part * noise(p); p = p * 2.03 + vec2(1.7, 9.2); part *= 0.5; }
        return sum;
      }
      void main() {
        vec3 d = normalize(way);
        float up = max(d.y, 0.0);
        vec3 colour = mix(horizon, zenith, pow(up, 0.55));
        vec2 at = d.xz / (up + 0.16);
        float thick = billow(at * 1.1 + 3.0);
        float bank = smoothstep(0.72 - 0.5 * cover, 0.95 - 0.38 * cover, thick);
        float shade = 0.72 + 0.5 * billow(at * 2.3 + 11.0);
        colour = mix(colour, cloudColour * shade, bank * smoothstep(0.0, 0.12, up));
        float near = dot(d, sun);
        colour += sunColour * smoothstep(0.9994, 0.9998, near) + sunColour * 0.012 * pow(max(near, 0.0), 180.0) + sunColour * 0.004 * pow(max(near, 0.0), 12.0);
        gl_FragColor = vec4(colour, 1.0);
      }`,
  });
  return new THREE.Mesh(new THREE.SphereGeometry(radius, 64, 40), material);
}
