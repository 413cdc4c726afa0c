import type { Material, Part } from '../../car';

/** How the size of a kind is told. */
export type MeasuredBy = 'count' | 'length' | 'area' | 'diameter' | 'gap';
export type Test = 'nail' | 'feel' | 'wipe';

export interface FindingKindFacts {
  uk: string;
  us: string;
  measuredBy: MeasuredBy;
  on: readonly Material[];
  /** Only on these part kinds, where the material alone does not say enough. */
  parts?: readonly Part['kind'][];
  /** Never on these, although the material would allow it. */
  notOn?: readonly Part['kind'][];
  /** Only where protective film lies. */
  onFilm?: true;
  tests: readonly Test[];
  caution?: string;
}

export const METAL = ['steel', 'aluminium'] as const;
export const PAINTED = [...METAL, 'plastic'] as const;
/** Of a painted material, yet not painted; or not on the outside. */
export const UNPAINTED = [
  'grille',
  'aerial',
  'roofrail',
  'roofwell',
  'sidestep',
  'cabstep',
  'fueltank',
  'frame',
  'dashboard',
  'console',
  'doorcard',
  'undertray',
  'floor',
  'sillunder',
  'bedfloor',
  'bedliner',
  'loadwall',
  'loaddeck',
] as const;
export const INSIDE_TRIM = ['dashboard', 'console', 'doorcard', 'loadwall', 'bedliner', 'undertray'] as const;
export const STOP_DRIVING = 'Do not drive until a qualified person has checked it.';
