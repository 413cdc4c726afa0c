import type { Vocabulary } from '../car';

interface AlterationFacts {
  uk: string;
  us?: string;
  /** There is a standard part that may come along. */
  hasStandardPart: boolean;
}

/** What people add to or alter on a car. */
export const alterations = {
  wheels: { uk: 'Other wheels', hasStandardPart: true },
  exhaust: { uk: 'Exhaust', hasStandardPart: true },
  remap: { uk: 'Engine remap', us: 'Engine tune', hasStandardPart: false },
  suspension: { uk: 'Suspension, ride height', hasStandardPart: true },
  brakes: { uk: 'Brakes', hasStandardPart: true },
  stereo: { uk: 'Stereo or screen', hasStandardPart: true },
  lamps: { uk: 'Lamps', us: 'Lights', hasStandardPart: true },
  'body-kit': { uk: 'Body parts, spoiler', hasStandardPart: true },
  tint: { uk: 'Tinted glass', hasStandardPart: false },
  wrap: { uk: 'Wrap or film', hasStandardPart: false },
  seats: { uk: 'Seats, steering wheel', hasStandardPart: true },
  tow: { uk: 'Tow bar', us: 'Trailer hitch', hasStandardPart: false },
  alarm: { uk: 'Alarm or tracker', hasStandardPart: false },
  'dash-camera': { uk: 'Camera wired in', hasStandardPart: false },
  other: { uk: 'Something else', hasStandardPart: true },
} as const satisfies Record<string, AlterationFacts>;

export type AlterationKind = keyof typeof alterations;
export const alterationKinds = Object.keys(alterations) as [AlterationKind, ...AlterationKind[]];
export const alterationOf = (kind: AlterationKind): AlterationFacts => alterations[kind];

export const alterationName = (kind: AlterationKind, vocabulary: Vocabulary): string =>
  (vocabulary === 'us' ? alterationOf(kind).us : undefined) ?? alterationOf(kind).uk;

/** Whether the part it replaced comes with the car. */
export const standardParts = ['comes', 'gone', 'not-known'] as const;
export type StandardPart = (typeof standardParts)[number];
export const standardPartWords: Record<StandardPart, string> = {
  comes: 'the standard part comes along',
  gone: 'the standard part does not come along',
  'not-known': 'whether the standard part comes along is not known',
};

/** A change the law of the place or the insurer may want to know of: said wherever alterations are listed. */
export const ALTERATION_NOTE =
  'Altered cars may need approval and must be told to the insurer: local law decides.';
