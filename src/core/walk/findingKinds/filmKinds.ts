import { type FindingKindFacts, PAINTED, UNPAINTED } from './findingKindFacts';

/** Film, vinyl and brightwork. */
export const filmKinds = {
  'film-lift': {
    uk: 'Film edge lifting',
    us: 'Film edge lifting',
    measuredBy: 'length',
    on: [...PAINTED, 'vinyl', 'glass'],
    onFilm: true,
    tests: ['feel'],
  },
  'film-bubble': {
    uk: 'Bubble under film',
    us: 'Bubble under film',
    measuredBy: 'count',
    isDotted: true,
    on: [...PAINTED, 'vinyl', 'glass'],
    onFilm: true,
    tests: ['feel'],
  },
  'film-gash': {
    uk: 'Gash in the film',
    us: 'Gash in the film',
    measuredBy: 'length',
    on: [...PAINTED, 'vinyl', 'glass'],
    onFilm: true,
    tests: ['feel'],
  },
  'film-short': {
    uk: 'Film cut short of the edge',
    us: 'Film cut short of the edge',
    measuredBy: 'length',
    on: [...PAINTED, 'vinyl', 'glass'],
    onFilm: true,
    tests: [],
  },
  decal: {
    uk: 'Stripe dried, cracked or lifting',
    us: 'Stripe dried, cracked or lifting',
    measuredBy: 'length',
    on: ['vinyl'],
    parts: ['stripe'],
    tests: ['feel'],
  },
  ghost: {
    uk: 'Ghost of a removed sign',
    us: 'Ghost of a removed sign',
    measuredBy: 'area',
    shows: 'dull',
    on: PAINTED,
    notOn: UNPAINTED,
    tests: ['wipe', 'feel'],
  },
  pitting: {
    uk: 'Brightwork pitted or dull',
    us: 'Brightwork pitted or dull',
    measuredBy: 'area',
    on: ['chrome', 'aluminium'],
    tests: ['wipe', 'feel'],
  },
} as const satisfies Record<string, FindingKindFacts>;
