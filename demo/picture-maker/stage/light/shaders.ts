import * as THREE from 'three';

/**
 * Diffuse light comes from many small lights of the sky, one a frame, each with its shadow; what a surface mirrors comes from the
 * yard as seen from the car. So direct lights give no highlight of their own, the mirrored yard gives no diffuse light,
 * and rough metal in shade (a wheel's barrel) does not mirror a sky it cannot see.
 */
export function installLighting(): void {
  const chunk = THREE.ShaderChunk as Record<string, string>;
  const change = (name: string, from: string | RegExp, to: string) => {
    const before = chunk[name] as string;
    const after = before.replace(from, to);
    if (after === before) throw new Error(`The renderer's ${name} is not as expected.`);
    chunk[name] = after;
  };
  change(
    'lights_physical_pars_fragment',
    /clearcoatSpecularDirect \+= ccIrradiance[^;]+;/,
    'clearcoatSpecularDirect += vec3(0.0);',
  );
  change(
    'lights_physical_pars_fragment',
    /reflectedLight\.directSpecular \+= irradiance \*[^;]+;/,
    'reflectedLight.directSpecular += vec3(0.0);',
  );
  change(
    'lights_fragment_maps',
    'iblIrradiance += getIBLIrradiance( geometryNormal );',
    'iblIrradiance += vec3( 0.0 );',
  );
  change('lights_fragment_begin', /^/, 'float seesSky = 1.0;\n');
  change(
    'lights_fragment_begin',
    /(directLight\.color \*= \( directLight\.visible && receiveShadow \) \? getShadow\( directionalShadowMap\[ i \][^;]+;)/,
    '$1\n\t\tif ( UNROLLED_LOOP_INDEX == 0 && dot( geometryNormal, directLight.direction ) > 0.0 ) seesSky = step( 0.0001, directLight.color.r + directLight.color.g );',
  );
  change(
    'lights_fragment_end',
    /$/,
    '\n#ifdef STANDARD\nreflectedLight.indirectSpecular *= mix( 1.0, 0.12 + 0.88 * seesSky, smoothstep( 0.12, 0.4, material.roughness ) );\n#endif\n',
  );
}
