/** What usually happens with what is faulty: one tap each. */
const usual = ['dead', 'now and then', 'slow', 'noisy', 'stuck', 'lamp stays on'] as const;

/** Where the usual words make no sense, those people say instead. Common practice. */
const own: Readonly<Record<string, readonly string[]>> = {
  'starts-cold': ['cranks long', 'does not start', 'starts and dies', 'needs a jump start'],
  'starter-sound': ['grinds', 'slow', 'clicks', 'screeches'],
  'idle-smooth': ['hunts', 'shakes', 'stalls', 'too fast'],
  'engine-noise': ['rattles when cold', 'ticks', 'knocks', 'whines', 'belt squeals'],
  'exhaust-smoke': ['blue', 'white, stays', 'black', 'at start only'],
  'revs-clean': ['hesitates', 'smokes', 'cuts out', 'rattles'],
  'aircon-cold': ['blows warm', 'blows cool', 'no air', 'smells'],
  'heater-hot': ['stays cold', 'one side only', 'smells', 'slow'],
  'gears-all': ['crunches', 'hard to engage', 'jumps out', 'jerks', 'slips'],
  'clutch-bite': ['bites high', 'slips', 'judders', 'heavy'],
  'pulls-straight': ['pulls left', 'pulls right', 'follows ruts'],
  'wheel-straight': ['stands left', 'stands right'],
  'brakes-smooth': ['judder', 'pull to a side', 'squeal', 'grind', 'soft pedal'],
  'handbrake-holds': ['does not hold', 'high travel', 'sticks'],
  'no-shake': ['shakes at speed', 'shakes when braking'],
  'suspension-quiet': ['knocks in front', 'knocks behind', 'creaks', 'bounces on'],
  'wheel-bearings': ['hums in front', 'hums behind'],
  'fuel-gauge': ['stays at empty', 'jumps', 'dead'],
  audio: ['one speaker dead', 'crackles', 'dead', 'needs its code'],
  'driver-seat': ['one way dead', 'stuck', 'rocks', 'slow'],
  'passenger-seat': ['one way dead', 'stuck', 'rocks', 'slow'],
  'front-windows': ['driver’s dead', 'passenger’s dead', 'slow', 'noisy', 'stops halfway'],
  'rear-windows': ['left dead', 'right dead', 'slow', 'noisy'],
};

export const faultWords = (id: string): readonly string[] => own[id] ?? usual;

/** Why something is not tried. */
export const untriedWords = ['battery flat', 'no key', 'not safe here', 'no time', 'needs a drive'] as const;
