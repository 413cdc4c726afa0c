import type { Material, Part } from '../../car';
import type { Cure } from '../cures';
import type { SeverityWords } from '../severity';

/** How the size of a kind is told. */
export type MeasuredBy = 'count' | 'length' | 'area' | 'diameter' | 'gap';
export type Test = 'nail' | 'feel' | 'wipe';

/** How a kind shows: pale or bright in the paint, as a bend in what it mirrors, as dullness, brown. */
export type Shows = 'pale' | 'bend' | 'dull' | 'brown';

/** All there is to a kind of finding: what it is called, where it makes sense, how it is drawn, what it asks, how it is judged. */
export interface FindingKindFacts {
  uk: string;
  us: string;
  measuredBy: MeasuredBy;
  /** Each one is tapped; otherwise its size is drawn, where it has one. */
  isDotted?: true;
  /** A mark in the paint, seen the better the more it differs from it. Against rubber, glass and the like when left out. */
  shows?: Shows;
  /** As thin as a line: half of its length counts to the eye. */
  isThin?: true;
  /** Asks how it feels when pressed, and whether there is a hole. */
  asksFirm?: true;
  /** What usually mends it, the gentlest first: for a slight one the first, for a plain one the second, and so on. Common practice. */
  mends?: readonly Cure[];
  /** Its words for how deep or how far gone it is, the least first; in US English where they differ. */
  howFar?: SeverityWords;
  howFarUs?: SeverityWords;
  /** Asks how well it was done. */
  asksRepair?: true;
  /** Speaks for paintwork where readings are thick. */
  isPaintSign?: true;
  /** Offered on the windscreen, where glass goes without saying, and judged there by its place; not judged when only offered. */
  onScreen?: { short: string; judgedAs?: 'chip' | 'crack' | 'scratch' };
  /** What usually cures it on a lamp. Common practice. */
  lampCure?: string;
  /** What it means for refinishing a wheel. */
  onWheel?: 'kerbed' | 'flaking' | 'bent';
  /** May be found on anything: nobody is asked whether it is meant so. */
  isAnywhere?: true;
  /** Offered after all others. */
  isLast?: true;
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
