import * as THREE from 'three';
import type { Patch } from '../damage/patch';
import { blotchTexture } from './blotches';
import { FLAKE_SPAN, flakeTexture } from './flake';
import { ATLAS, type ZonePlace, type Zones } from './zones';

/** What lies on a surface, and how it is told apart. */
export interface SurfaceLook {
  /** The skin of a body; without it the surface is all of one make. */
  skin?: { colour: THREE.Texture; finish: THREE.Texture; height: THREE.Texture; zones: Zones };
  colour: string;
  rough: number;
  metal: number;
  coat: number;
  /** Strength of the metallic flake, 0 for plain paint. */
  flake: number;
  /** Height of the orange peel in micrometres. */
  peelUm: number;
  /** Road film and dust, 0 clean to 1 filthy; it gathers low down. */
  dirt: number;
  /** Holes for the wheels: x, height, radius in millimetres. */
  arches?: readonly (readonly [x: number, height: number, radius: number])[];
  /** The one damage (or dirt that looks like it) this picture is about. */
  patch?: Patch;
  side?: THREE.Side;
}

const vec4 = ({ px }: ZonePlace) => new THREE.Vector4(...px.map((value) => value / ATLAS));
const extent = ({ from, size }: ZonePlace) => new THREE.Vector4(...from, ...size);

/**
 * Coated metal, glass, lamps and trim in one material: the skin says what is where, a patch lays damage over it.
 * Heights bend the normals by their true slope in millimetres, so a dent distorts what the coat mirrors.
 */
export function surfaceMaterial(look: SurfaceLook): THREE.MeshPhysicalMaterial {
  const material = new THREE.MeshPhysicalMaterial({
    color: look.colour,
    roughness: look.rough,
    metalness: look.metal,
    clearcoat: 1,
    clearcoatRoughness: 0.02,
    side: look.side ?? THREE.FrontSide,
  });
  const { skin, patch } = look;
  const uniforms: Record<string, THREE.IUniform> = {
    baseCoat: { value: look.coat },
    blotchMap: { value: blotchTexture() },
    flakeMap: { value: flakeTexture() },
    flakeAmount: { value: look.flake },
    peelMm: { value: look.peelUm / 1000 },
    dirtAmount: { value: look.dirt },
  };
  const defines: Record<string, string> = {};
  if (skin) {
    defines.SKIN = '';
    Object.assign(uniforms, {
      skinColour: { value: skin.colour },
      skinFinish: { value: skin.finish },
      skinHeight: { value: skin.height },
      places: { value: [skin.zones.side, skin.zones.top, skin.zones.nose, skin.zones.tail].map(vec4) },
      extents: { value: [skin.zones.side, skin.zones.top, skin.zones.nose, skin.zones.tail].map(extent) },
      ends: {
        value: new THREE.Vector4(
          skin.zones.noseAxis,
          skin.zones.tailAxis,
          skin.zones.noseEnd,
          skin.zones.tailStart,
        ),
      },
      tailTopStart: { value: skin.zones.tailTopStart },
      tailPane: {
        value: new THREE.Vector2(skin.zones.tailPane?.from ?? 1e6, skin.zones.tailPane?.halfDeg ?? 0),
      },
    });
  }
  if (look.arches) {
    defines.ARCHES = '';
    uniforms.arches = { value: look.arches.map((arch) => new THREE.Vector3(...arch)) };
  }
  if (patch) {
    defines.PATCH = '';
    Object.assign(uniforms, {
      patchColour: { value: patch.colour },
      patchFinish: { value: patch.finish },
      patchHeight: { value: patch.height },
      patchFrame: { value: patch.toPatch },
      patchHalf: { value: new THREE.Vector3(patch.halfWidthMm, patch.halfHeightMm, patch.reachMm) },
    });
  }
  material.defines = { ...material.defines, ...defines };
  material.customProgramCacheKey = () => Object.keys(defines).sort().join();
  material.onBeforeCompile = (shader) => {
    Object.assign(shader.uniforms, uniforms);
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nvarying vec3 vPlace;\nvarying vec3 vOut;')
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvPlace = position; vOut = normal;');
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', `#include <common>\n${declarations}`)
      .replace('#include <map_fragment>', lookUp)
      .replace('#include <roughnessmap_fragment>', 'float roughnessFactor = looks.x;')
      .replace('#include <metalnessmap_fragment>', 'float metalnessFactor = looks.y;')
      .replace('#include <normal_fragment_maps>', bend)
      .replace('#include <clearcoat_normal_fragment_begin>', 'vec3 clearcoatNormal = coatNormal;')
      .replace(
        '#include <lights_physical_fragment>',
        '#include <lights_physical_fragment>\nmaterial.clearcoat = looks.z;\nmaterial.clearcoatRoughness = max(0.025, looks.w);',
      );
  };
  return material;
}

const declarations = /* glsl */ `
varying vec3 vPlace;
varying vec3 vOut;
uniform float baseCoat;
uniform sampler2D flakeMap;
uniform sampler2D blotchMap;
uniform float flakeAmount;
uniform float peelMm;
uniform float dirtAmount;
vec4 looks;
vec3 coatNormal;
#ifdef SKIN
uniform sampler2D skinColour;
uniform sampler2D skinFinish;
uniform sampler2D skinHeight;
uniform vec4 places[4];
uniform vec4 extents[4];
uniform vec4 ends;
uniform float tailTopStart;
uniform vec2 tailPane;
vec2 inZone(int zone, vec2 at) {
  vec2 share = (at - extents[zone].xy) / extents[zone].zw;
  return vec2(places[zone].x + share.x * places[zone].z, places[zone].y + (1.0 - share.y) * places[zone].w);
}
vec2 skinPlace() {
  vec3 p = vPlace; vec3 n = normalize(vOut);
  bool sideways = abs(n.z) > 0.62;
  if (p.x < ends.z && n.y < 0.72) return inZone(2, vec2(degrees(atan(p.z, ends.x - p.x)), p.y));
  float fromMiddle = degrees(atan(p.z, p.x - ends.y));
  // Where the glass turns the corner its own outline decides, not how each piece of the mesh leans.
  bool inPane = p.y > tailPane.x && abs(fromMiddle) < tailPane.y;
  if ((p.x > ends.w && n.y < 0.72) || (p.x > tailTopStart && (!sideways || inPane) && n.y < 0.86))
    return inZone(3, vec2(fromMiddle, p.y));
  return sideways ? inZone(0, p.xy) : inZone(1, vec2(p.x, p.z));
}
#endif
#ifdef ARCHES
uniform vec3 arches[2];
#endif
#ifdef PATCH
uniform sampler2D patchColour;
uniform sampler2D patchFinish;
uniform sampler2D patchHeight;
uniform mat4 patchFrame;
uniform vec3 patchHalf;
#endif
vec2 flat2(vec3 p, vec3 n) {
  vec3 a = abs(n);
  return a.z > 0.6 ? p.xy : (a.y > 0.6 ? p.xz : p.zy);
}
// As the renderer's own bump mapping, but of a height in millimetres over a surface in millimetres.
vec3 bent(vec3 surface, vec3 normalAt, vec2 rise) {
  vec3 sx = dFdx(surface), sy = dFdy(surface);
  vec3 r1 = cross(sy, normalAt), r2 = cross(normalAt, sx);
  float det = dot(sx, r1);
  vec3 gradient = sign(det) * (rise.x * r1 + rise.y * r2);
  return normalize(abs(det) * normalAt - gradient);
}
`;

const lookUp = /* glsl */ `
#ifdef ARCHES
for (int i = 0; i < 2; i++) if (abs(vPlace.z) > 380.0 && distance(vPlace.xy, arches[i].xy) < arches[i].z) discard;
#endif
looks = vec4(roughness, metalness, baseCoat, 0.02);
vec2 rise = vec2(0.0);
float paintwork = 1.0;
#ifdef SKIN
vec2 skinAt = skinPlace();
vec3 base = texture2D(skinColour, skinAt).rgb;
vec3 finish = texture2D(skinFinish, skinAt).rgb;
diffuseColor.rgb = base;
looks = vec4(finish, 0.02);
paintwork = step(0.3, finish.r) * step(0.5, finish.b);
float skinRise = 8.0 * texture2D(skinHeight, skinAt).r;
vec2 step2 = vec2(dFdx(skinRise), dFdy(skinRise));
// Edges finer than a pixel give only noise; and where two zones meet the height jumps on the sheet, not on the car.
vec2 footprint = (abs(dFdx(skinAt)) + abs(dFdy(skinAt))) * ${ATLAS.toFixed(1)};
rise += step2 * (1.0 - smoothstep(0.9, 1.8, max(footprint.x, footprint.y)));
#endif
#ifdef PATCH
vec3 onPatch = (patchFrame * vec4(vPlace, 1.0)).xyz;
vec2 patchUv = onPatch.xy / (2.0 * patchHalf.xy) + 0.5;
bool inPatch = abs(onPatch.x) < patchHalf.x && abs(onPatch.y) < patchHalf.y && abs(onPatch.z) < patchHalf.z;
float patchRise = 0.0;
if (inPatch) {
  vec4 over = texture2D(patchColour, patchUv);
  vec4 feel = texture2D(patchFinish, patchUv);
  diffuseColor.rgb = mix(diffuseColor.rgb, over.rgb, over.a);
  looks.xy = mix(looks.xy, feel.xy, over.a);
  // The coat goes its own way: a scratch dulls it where the colour below is whole.
  looks.z *= feel.z;
  looks.w = max(looks.w, feel.w);
  patchRise = texture2D(patchHeight, patchUv).r;
}
rise += vec2(dFdx(patchRise), dFdy(patchRise));
#endif
vec2 grainAt = flat2(vPlace, normalize(vOut)) / ${FLAKE_SPAN.toFixed(1)};
vec4 fine = texture2D(flakeMap, grainAt);
float swell = peelMm * 2.0 * fine.b;
vec2 peelRise = vec2(dFdx(swell), dFdy(swell));
float film = 0.0;
if (dirtAmount > 0.0) {
  vec2 at = flat2(vPlace, normalize(vOut));
  float low = 1.0 - smoothstep(180.0, 900.0, vPlace.y);
  float streak = texture2D(blotchMap, at * vec2(0.0021, 0.0006)).r * 0.7 + texture2D(blotchMap, at * 0.0012).g * 0.3;
  float specks = texture2D(blotchMap, at * 0.011).g;
  float dust = smoothstep(0.55, 0.8, specks) * 0.09 + specks * 0.03;
  film = dirtAmount * clamp(low * low * (0.35 + 0.9 * streak) + dust, 0.0, 0.9);
  diffuseColor.rgb = mix(diffuseColor.rgb, vec3(0.33, 0.30, 0.26), film * 0.55);
  looks.x = mix(looks.x, 0.95, film);
  looks.y *= 1.0 - 0.8 * film;
  looks.z *= 1.0 - 0.55 * film;
  looks.w = mix(looks.w, 0.35, film);
}
`;

const bend = /* glsl */ `
vec3 surface = -vViewPosition;
coatNormal = bent(surface, normal, rise + peelRise * paintwork);
normal = bent(surface, normal, rise);
{
  float strength = flakeAmount * paintwork;
  vec3 away = normalize(cross(normal, vec3(0.31, 0.87, 0.39)));
  normal = normalize(normal + strength * ((fine.r - 0.5) * away + (fine.g - 0.5) * cross(normal, away)));
}
`;
