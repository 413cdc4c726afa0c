import type { FaceId, PartId } from '#core/car';
import type { Fact, FindingKind, LookId, PhotoRole, Spot, StoredDetails } from '#core/walk';
import type { Scale } from '../picture-maker/spec';
import type { Mark } from '../picture-maker/stage/damage/kinds';
import type { SkyName } from '../picture-maker/stage/light/skies';
import type { ScriptedReadings } from './readings';

/** How a finding is photographed: from where it is seen, from close by, or both. */
export interface Shots {
  where?: true;
  what?: true;
  /** What the picture maker puts there; a wheel's kerbing and a tyre's wear have their own. */
  mark?: Mark;
  kerbing?: { fromDeg: number; toDeg: number; depthMm: number };
  tread?: { outerMm: number; centreMm: number; innerMm: number };
  scale?: Scale['kind'];
  /** Its length is taken from the close-up by the tape measure beside it. */
  isMeasured?: true;
}

export interface ScriptedFinding {
  kind: FindingKind;
  spot: Spot;
  suspected?: true;
  dismissed?: string;
  details: StoredDetails;
  shots?: Shots;
}

/** What is said at the stops of a walk; parts not named are clear. */
export interface Script {
  /** Begins the names of its pictures. */
  name: string;
  hoursAgo: number;
  /** What is promised without a day is for so many days from now; less than 0 is late. */
  promisedFor?: number;
  sky: SkyName;
  /** Where the camera stands for the whole-car pictures. */
  whole: readonly { azimuthDeg: number; high?: true }[];
  findings: Readonly<Record<PartId, readonly ScriptedFinding[]>>;
  notSeen: Readonly<Record<PartId, string>>;
  /** What was looked for at parts that are clear. */
  looked?: Readonly<Record<PartId, readonly LookId[]>>;
  /** A side whose clear parts are cleared by one gesture, with what was looked for along it. */
  swept?: { face: FaceId; absent: readonly LookId[] };
  /** Said besides: of sides and the car, of what it is made, its story, what is to become of it. */
  said?: readonly Fact[];
  /** What such cars are known for is asked at the stops, and answered or left. */
  asksSpots?: 'answered' | 'left';
  treads: Readonly<Record<PartId, readonly [lowMm: number, highMm: number]>>;
  /** Tyres whose tread is photographed although nothing is wrong with it. */
  treadPictures?: readonly PartId[];
  odometer?: { value: number; unit: 'mi' | 'km'; lamps: readonly string[]; isPictured?: true };
  readings?: ScriptedReadings;
  /** Only the gauge is used: nothing is said of how parts look. */
  gaugeOnly?: true;
  /** Walk only so far: the number of stops. */
  stops?: number;
}

export interface NamedPhoto {
  /** File in `demo/pictures`, without its ending. */
  file: string;
  role: PhotoRole;
}

/** Names of the pictures of a finding, in the order they are taken. */
export function photosOf(script: Script, part: PartId, index: number): NamedPhoto[] {
  const finding = script.findings[part]?.[index];
  if (!finding) return [];
  const { kind, shots } = finding;
  const stem = `${script.name}-${part}-${kind}${index > 0 ? `-${index + 1}` : ''}`;
  return [
    ...(shots?.where ? [{ file: `${stem}-where`, role: 'where' as const }] : []),
    ...(shots?.what ? [{ file: `${stem}-what`, role: 'what' as const }] : []),
  ];
}

export const wholeName = (script: Script, index: number) => `${script.name}-whole-${index + 1}`;
export const treadName = (script: Script, part: PartId) => `${script.name}-${part}-tread`;
export const odometerName = (script: Script) => `${script.name}-odometer`;

/** Every picture a walk names. */
export function picturesNamed(script: Script): string[] {
  return [
    ...script.whole.map((_, i) => wholeName(script, i)),
    ...(script.treadPictures ?? []).map((part) => treadName(script, part)),
    ...(script.odometer?.isPictured ? [odometerName(script)] : []),
    ...Object.entries(script.findings).flatMap(([part, list]) =>
      list.flatMap((_, i) => photosOf(script, part, i).map((photo) => photo.file)),
    ),
  ];
}

/** Length of an arc of a rim: π × diameter × share of the circle. */
export const arcMm = (rimMm: number, degrees: number) => Math.round((Math.PI * rimMm * degrees) / 360);
