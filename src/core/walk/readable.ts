import { type BodyStyleId, type Part, traitsOf } from '../car';
import { MAX_CAR_TREAD_MM, MAX_TREAD_MM } from '../measure';

/** A paint gauge reads coating over these: magnetic on steel, eddy current on aluminium. */
export const isMetal = ({ material }: Pick<Part, 'material'>): boolean =>
  material === 'steel' || material === 'aluminium';

/** Whether a part may be of metal on some car, whatever it is of on such cars. */
export const canBeMetal = ({ material }: Pick<Part, 'material'>): boolean =>
  material === 'steel' || material === 'aluminium' || material === 'plastic' || material === 'carbon';

/** Tread is read on tyres that run, inner ones of twins too, and on a spare. */
export const hasTyre = ({ kind }: Pick<Part, 'kind'>): boolean =>
  kind === 'tyre' || kind === 'tyre-inner' || kind === 'sparekit';

export const isHeavy = (style: BodyStyleId): boolean => traitsOf(style).isTruck === true;

/** Deepest tread that can be meant on a car of this style, millimetres. */
export const mostTreadMm = (style: BodyStyleId): number => (isHeavy(style) ? MAX_TREAD_MM : MAX_CAR_TREAD_MM);

/** Outside panels a gauge is held to on a walk: those people repaint. Pillars and arches can be read, but nobody is asked to. */
const gaugedKinds: ReadonlySet<Part['kind']> = new Set([
  'bonnet',
  'wing',
  'door',
  'quarter',
  'sill',
  'roof',
  'hardtop',
  'tailgate',
  'swingdoor',
  'bootlid',
  'sleeper',
  'cabback',
]);
/** Painted outside, but of plastic: people hold the gauge to them and wonder. */
const paintedPlastic: ReadonlySet<Part['kind']> = new Set([
  'bumper-front',
  'bumper-rear',
  'mirror',
  'fillerflap',
]);

export const isGauged = (part: Pick<Part, 'kind' | 'material'>): boolean =>
  gaugedKinds.has(part.kind) && isMetal(part);
export const isPaintedPlastic = ({ kind }: Pick<Part, 'kind'>): boolean => paintedPlastic.has(kind);
