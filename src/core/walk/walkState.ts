import type { BodyStyleId, DistanceUnit, ExtraId, FaceId, PartId, SubPartId } from '../car';
import type { MeasureWarning } from '../picture';
import type { RouteRule } from '../route';
import type { CautionId } from './cautions';
import type { Lap, PhotoRole } from './choices';
import type { Conditions } from './conditions';
import type { FilmNoted } from './families/build/state';
import type { Over, StatementMade } from './families/course/sweep';
import type { EquipmentNoted } from './families/equipment/state';
import type { FindingDetails } from './families/findings/bodies';
import type { FirstLine } from './families/firstLines/bodies';
import type { FunctionRun } from './families/functions/state';
import type { Kit } from './families/kit/state';
import type { Papers } from './families/papers/state';
import type { BroughtPhoto, PictureState } from './families/pictures/told';
import type { Readings } from './families/readings/state';
import type { MendChecked, RemedyNoted } from './families/remedies/state';
import type { DroveTold, StoryTold } from './families/story/state';
import type { DriveGroup } from './families/story/storyWords';
import type { ToFollow } from './families/toFollow/bodies';
import type { FilmClip, SaidInFilm, WalkFilm } from './families/walkFilm/state';
import type { SpotAsked } from './families/weakSpots/state';
import type { FindingKind } from './findingKinds';
import type { LookId } from './lookTable';
import type { NotableMaterial } from './notableMaterials';
import type { Spot } from './spot';

/** How a part was last looked at; findings stand beside it, not in it. */
export type PartLook = ClearLook | { status: 'not-seen'; why: string; at: string; who: string };

/** Cleared: by itself, in a sweep, or both; with what was looked for there each time, where that was said. */
export interface ClearLook {
  status: 'clear';
  /** Looked at by itself, not in a sweep alone. */
  isOwn: boolean;
  absent: readonly LookId[];
  /** What a sweep looked for; absent where none went over it. */
  swept?: readonly LookId[];
  at: string;
  who: string;
}

/** Something that was said not to be there, of any size or above one. */
export interface NotThere {
  /** Faults; any at all when left out. */
  kinds?: readonly FindingKind[] | undefined;
  over?: Over | undefined;
}

export type FindingStanding =
  | { status: 'suspected' }
  | { status: 'confirmed' }
  | { status: 'dismissed'; why: string }
  /** It was there and has been mended; photos attached as `after` show how it is now. */
  | { status: 'put-right'; says: string; at: string };

export interface Finding {
  id: string;
  /** Counted in the order of noting; the number on its strip of tape. Dismissed ones keep theirs. */
  number: number;
  part: PartId;
  /** A smaller thing on it. */
  sub?: SubPartId;
  spot: Spot;
  kind: FindingKind;
  standing: FindingStanding;
  details: FindingDetails;
  /** The step-back lap has answered from where it can be seen. */
  isNoticeWalked?: true;
  /** Looked at again after it was to be mended. */
  checked?: MendChecked;
  /** Its size was taken from a picture, and is true within so much 95 times in 100. Gone once a size is typed. */
  measured?: MeasuredSize;
  at: string;
  who: string;
}

export interface MeasuredSize {
  photo: string;
  of: 'length' | 'area' | 'circle';
  /** Millimetres, or square millimetres of an area. */
  value: number;
  /** What gave the scale. */
  by: 'card' | 'line';
  /** Absent where nobody can say. */
  plusMinus?: number;
  warnings: readonly MeasureWarning[];
  /** Millimetres to a pixel of the upright picture, at the mark. */
  mmPerPixel?: number;
}

export interface AttachedPhoto {
  /** Id of the entry that attached it: undoing that entry takes it off again. */
  entry: string;
  sha256: string;
  role: PhotoRole;
  part?: PartId;
  finding?: string;
  /** What it shows not working. */
  function?: string;
  at: string;
}

/** What was said to somebody who asked. */
export interface Answer {
  says: string;
  photos: readonly string[];
  at: string;
}

export interface WalkState extends Readings {
  walk: string;
  begun?: { carId: string; bodyStyle: BodyStyleId; extras?: readonly ExtraId[]; at: string; who: string };
  /** The route chosen last; the usual one while none was. */
  route?: RouteRule;
  /** The lap begun last. */
  lap: Lap;
  /** The step-back lap was walked, at least in part. */
  hasSteppedBack: boolean;
  /** Light, wet and dirt: of the whole car, and of sides where it differs. */
  conditions: { whole?: Conditions; sides: Map<FaceId, Conditions> };
  /** Every set of conditions under which something was looked at. */
  conditionsMet: Conditions[];
  cautionsRead: Set<CautionId>;
  /** The stop last reached: where to come back to. */
  at?: PartId;
  lastEntryAt?: string;
  people: string[];
  looks: Map<PartId, PartLook>;
  /** What was said not to be there, of parts that were not cleared with it. */
  notThere: Map<PartId, NotThere[]>;
  /** What was said of a side, of some parts or of the whole car, by id. */
  statements: Map<string, StatementMade>;
  findings: Finding[];
  photos: AttachedPhoto[];
  /** What is said of pictures: marks, boxes, spots, captions. */
  pictures: Map<string, PictureState>;
  /** Came from a folder and have no place yet, in the order they came. */
  brought: BroughtPhoto[];
  /** Not wanted: out of the report and of every count. */
  setAside: Set<string>;
  /** Taken away from readers, by when: out of every report, also of those frozen before. */
  withdrawn: Map<string, string>;
  /** Milliseconds to add to the camera's times, read as UTC, to get true ones. */
  cameraOffsetMs?: number;
  cover?: string;
  functions: FunctionRun;
  odometer?: { value: number; unit: DistanceUnit; at: string };
  /** Every figure read in this walk: one figure everywhere. */
  odometerReads: { value: number; unit: DistanceUnit }[];
  papers: Papers;
  kit: Kit;
  /** Cures and decisions on what is no finding. */
  remedies: Map<string, RemedyNoted>;
  /** Materials of this car where they are not those of such cars; film, panel by panel. */
  materials: Map<PartId, NotableMaterial>;
  film: Map<PartId, FilmNoted>;
  /** Its story, fact by fact, and how it drove. */
  story: Map<string, StoryTold>;
  drove: Map<DriveGroup, DroveTold>;
  equipment: Map<string, EquipmentNoted>;
  /** What the seller tells a buyer before all else, in the order said. */
  firstLines: Map<string, FirstLine>;
  /** What was promised for later than the report and has not come yet. */
  toFollow: Map<string, ToFollow>;
  /** Films of the walk, by id, in the order they were brought. */
  walkFilms: Map<string, WalkFilm>;
  /** Findings that were said in a film, and how. */
  saidInFilm: Map<string, SaidInFilm>;
  /** What of a film readers may see or hear beside a finding. */
  filmClips: Map<string, FilmClip>;
  /** What such cars are known for, asked of this one, in walking order of the list; and every answer by the same key. */
  weakSpots: Map<string, SpotAsked>;
  spotAnswers: Map<string, SpotAsked['answered']>;
  /** Answers by question, oldest first. */
  answers: Map<string, Answer[]>;
  /** Entries in force, oldest first, that an undo could take back. */
  undoable: string[];
  /** Undos in force, oldest first: undoing the last of them brings something back. */
  redoable: string[];
}

/** Still on the car: neither nothing, nor mended. */
export const isStanding = ({ standing: { status } }: Pick<Finding, 'standing'>): boolean =>
  status !== 'dismissed' && status !== 'put-right';
