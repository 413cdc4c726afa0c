import type { Vocabulary } from '../car';

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

/** How far rust has gone; nothing is said of it until somebody has. */
export const rustDepths = ['on-the-surface', 'bubbling', 'right-through'] as const;
export type RustDepth = (typeof rustDepths)[number];
export const rustWords: Record<RustDepth, string> = {
  'on-the-surface': 'on the surface',
  bubbling: 'bubbling',
  'right-through': 'right through',
};

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

const actionNames: Record<Action, { uk: string; us: string }> = {
  leave: { uk: 'Leave and say so', us: 'Leave and say so' },
  clean: { uk: 'Clean', us: 'Clean' },
  polish: { uk: 'Machine polish', us: 'Machine polish' },
  'touch-in': { uk: 'Touch in', us: 'Touch up' },
  'dent-removal': { uk: 'Paintless dent removal', us: 'Paintless dent removal' },
  'local-paint': { uk: 'Local paint repair', us: 'Spot paint repair' },
  'full-panel': { uk: 'Paint the panel', us: 'Paint the panel' },
  'wheel-refurbish': { uk: 'Refurb the wheel', us: 'Refinish the wheel' },
  'glass-repair': { uk: 'Fill the glass', us: 'Fill the glass' },
  'glass-replace': { uk: 'New glass', us: 'New glass' },
  'lamp-polish': { uk: 'Polish the lamp', us: 'Polish the light' },
  refit: { uk: 'Refit or fix', us: 'Refit or fix' },
  replace: { uk: 'Replace', us: 'Replace' },
};

export function actionName(action: Action, vocabulary: Vocabulary): string {
  return actionNames[action][vocabulary];
}

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
