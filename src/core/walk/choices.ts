/** From where a finding is noticed, farthest last. Distances are a house convention. */
export const noticeDistances = ['up-close', 'one-step-back', 'across-the-bay'] as const;
export type NoticeDistance = (typeof noticeDistances)[number];

export const noticeWords: Record<NoticeDistance, { name: string; hint: string }> = {
  'up-close': { name: 'Up close', hint: 'you must look for it, about 0.3 m' },
  'one-step-back': { name: 'One step back', hint: 'seen standing at the car, about 1 m' },
  'across-the-bay': { name: 'Across the bay', hint: 'seen walking up, 3 m and more' },
};

/** Answers of the tests that decide: three ways, and that film lies over the paint. */
export const testAnswers = {
  nail: ['glides', 'just-catches', 'catches', 'under-film'],
  feel: ['not-felt', 'slight', 'clear-edge', 'under-film'],
  wipe: ['gone', 'fainter', 'stays'],
} as const;

/** Close lap: log everything. Step-back lap: say from where it can be seen. */
export const laps = ['close', 'step-back'] as const;
export type Lap = (typeof laps)[number];

/** How well an earlier repair was done. */
export const repairQualities = ['hard-to-find', 'seen-up-close', 'plain-to-see'] as const;
export type RepairQuality = (typeof repairQualities)[number];
export const repairWords: Record<RepairQuality, string> = {
  'hard-to-find': 'hard to find',
  'seen-up-close': 'seen up close',
  'plain-to-see': 'plain to see',
};

/** How far rust has gone, as early logs say it. Read as how bad it is; written no more. */
export const rustDepths = ['on-the-surface', 'bubbling', 'right-through'] as const;
export type RustDepth = (typeof rustDepths)[number];

export const testWords = {
  nail: {
    name: 'Nail across it',
    glides: 'glides',
    'just-catches': 'just catches',
    catches: 'catches',
    'under-film': 'under film, cannot tell',
  },
  feel: {
    name: 'Feel it',
    'not-felt': 'not felt',
    slight: 'slight',
    'clear-edge': 'clear edge',
    'under-film': 'under film, cannot tell',
  },
  wipe: { name: 'Wipe it', gone: 'gone', fainter: 'fainter', stays: 'stays' },
} as const;

/** What would be done, as early logs say it: a cure and a promise in one word. Read as both; written no more. */
export const actions = [
  'leave',
  'clean',
  'polish',
  'touch-in',
  'dent-removal',
  'local-paint',
  'full-panel',
  'wheel-refurbish',
  'glass-repair',
  'glass-replace',
  'lamp-polish',
  'refit',
  'replace',
] as const;
export type Action = (typeof actions)[number];

/** What a photo shows: the place, the thing itself, or the whole car. */
/** `after`: how a place looks once its finding was put right. */
export const photoRoles = ['where', 'what', 'whole-car', 'after'] as const;
export type PhotoRole = (typeof photoRoles)[number];

export const notSeenReasons = [
  'against a wall or fence',
  'covered',
  'too dirty',
  'too dark',
  'wet',
  'stuck or locked',
] as const;

/** More chips than this are counted, but no longer drawn one by one. */
export const MOST_DOTS = 300;
