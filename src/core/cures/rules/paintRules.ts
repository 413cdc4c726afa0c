import type { Condition } from '../condition';
import type { WrittenRule } from '../rule';
import { BLUNT_PANELS, FILM, painted } from './shared';

/** House figures [H], common practice of the trade; docs/putting-right.md names each. */
const THIN_UM = 75;
const TOUCH_IN_MM = 5;
const TOUCH_IN_LINE_MM = 30;
const TOUCH_IN_MOST = 15;
const LOCAL_AREA_MM2 = 30_000;
const LOCAL_LENGTH_MM = 200;

const isThin: Condition = { fact: 'paintUm', atMost: THIN_UM };
const MATT = {
  if: { fact: 'finish', is: ['matt'] },
  says: 'matt paint turns shiny where it is polished',
} as const;
const THIN = { if: isThin, says: `the paint reads ${THIN_UM} µm or less: too thin to take any off` } as const;

/** Paint and body. */
export const paintRules: readonly WrittenRule[] = [
  {
    id: 'wipe-off',
    cure: 'clean',
    for: [painted, { fact: 'wipe', is: ['fainter'] }],
    says: 'it grew fainter when it was wiped: it lies on the paint',
    sure: 'should',
  },
  {
    id: 'etching-washed',
    cure: 'clean',
    for: [painted, { fact: 'kind', is: ['etching', 'ghost'] }],
    says: 'a fresh mark comes off with a cleaner',
    sure: 'may',
    never: [
      { if: { fact: 'wipe', is: ['stays'] }, says: 'it stayed when it was wiped: it is in the lacquer' },
      { if: { fact: 'feel', is: ['clear-edge'] }, says: 'its edge is felt: it is in the lacquer' },
    ],
  },
  {
    id: 'polish-line',
    cure: 'polish',
    for: [painted, { fact: 'kind', is: ['scratch', 'scuff'] }],
    says: 'what the nail glides over lies in the lacquer',
    sure: 'will',
    provided: [
      {
        if: { fact: 'nail', is: ['glides', 'just-catches'] },
        says: 'the nail glides over it',
        otherwise: 'the nail catches in it: it goes through the lacquer',
      },
    ],
    weaker: [
      { if: { fact: 'nail', is: ['just-catches'] }, says: 'the nail just catches: the bottom of it stays' },
      { if: { fact: 'howFar', is: ['plain'] }, says: 'it goes to the primer by its look' },
    ],
    never: [THIN, MATT, FILM, { if: { fact: 'howFar', is: ['heavy'] }, says: 'it goes through the paint' }],
  },
  {
    id: 'polish-haze',
    cure: 'polish',
    for: [painted, { fact: 'kind', is: ['swirls', 'etching', 'ghost', 'respray-sign'] }],
    says: 'it lies in the top of the lacquer',
    sure: 'will',
    weaker: [
      {
        if: { fact: 'kind', is: ['etching', 'ghost', 'respray-sign'] },
        says: 'it may go deeper than a polish',
      },
      { if: { fact: 'severity', is: ['heavy'] }, says: 'a heavy one stays as a shadow' },
      { if: { fact: 'feel', is: ['clear-edge'] }, says: 'its edge is felt' },
    ],
    never: [THIN, MATT, FILM],
  },
  {
    id: 'touch-in-chip',
    cure: 'touch-in',
    for: [painted, { fact: 'kind', is: ['stone-chip', 'edge-nick', 'paint-loss', 'old-repair'] }],
    says: 'a small spot is filled with matched paint; seen up close it stays a spot',
    sure: 'should',
    provided: [
      {
        if: { fact: 'lengthMm', atMost: TOUCH_IN_MM },
        says: `none is over ${TOUCH_IN_MM} mm`,
        otherwise: `over ${TOUCH_IN_MM} mm a touched-in spot shows`,
      },
    ],
    never: [
      { if: { fact: 'count', over: TOUCH_IN_MOST }, says: `more than ${TOUCH_IN_MOST} on one panel` },
      FILM,
    ],
  },
  {
    id: 'touch-in-line',
    cure: 'touch-in',
    for: [painted, { fact: 'kind', is: ['scratch'] }],
    says: 'a short deep line is filled with matched paint; it stays to be seen up close',
    sure: 'should',
    provided: [
      {
        if: { fact: 'lengthMm', atMost: TOUCH_IN_LINE_MM },
        says: `it is no longer than ${TOUCH_IN_LINE_MM} mm`,
        otherwise: `a line over ${TOUCH_IN_LINE_MM} mm shows when it is touched in`,
      },
    ],
    never: [
      { if: { fact: 'nail', is: ['glides'] }, says: 'the nail glides over it: there is nothing to fill' },
      FILM,
    ],
  },
  {
    id: 'dent-in-metal',
    cure: 'dent-removal',
    for: [painted, { fact: 'kind', is: ['dent', 'ripple'] }],
    says: 'metal with whole paint is pressed back from behind',
    sure: 'will',
    provided: [
      {
        if: { fact: 'paintBroken', is: ['no'] },
        says: 'the paint is whole and no sharp crease runs through it',
        otherwise: 'the paint is broken there',
      },
    ],
    weaker: [
      { if: { fact: 'material', is: ['aluminium'] }, says: 'aluminium moves less willingly' },
      { if: { fact: 'place', is: ['edge'] }, says: 'near an edge there is little room behind' },
      { if: { fact: 'howFar', is: ['heavy'] }, says: 'it is deep' },
    ],
    never: [
      {
        if: { fact: 'material', is: ['plastic', 'carbon', 'wood'] },
        says: 'only metal is pressed back',
      },
      { if: { fact: 'paintReads', is: ['far-thicker'] }, says: 'the panel reads like filler' },
      {
        if: { fact: 'partKind', is: ['sill', 'pillar-a', 'pillar-b', 'roofrail', 'bumper'] },
        says: 'there is no room behind',
      },
    ],
  },
  {
    id: 'local-paint',
    cure: 'local-paint',
    for: [
      painted,
      {
        fact: 'kind',
        is: ['scratch', 'scuff', 'dent', 'stone-chip', 'paint-loss', 'edge-nick', 'old-repair', 'rust'],
      },
    ],
    says: 'a small place near an edge or low down is painted and blended out',
    sure: 'should',
    provided: [
      {
        if: { fact: 'place', isNot: ['middle'] },
        says: 'it lies near an edge or low down',
        otherwise: 'in the middle of the panel the blend would show',
      },
      {
        if: { fact: 'areaMm2', atMost: LOCAL_AREA_MM2 },
        says: `it takes no more than ${LOCAL_AREA_MM2 / 100} cm²`,
        otherwise: `over ${LOCAL_AREA_MM2 / 100} cm² the whole panel is painted`,
      },
    ],
    never: [
      BLUNT_PANELS,
      { if: { fact: 'lengthMm', over: LOCAL_LENGTH_MM }, says: `longer than ${LOCAL_LENGTH_MM} mm` },
      { if: { fact: 'nail', is: ['glides'] }, says: 'it lies in the lacquer: it polishes out' },
      {
        if: { fact: 'hole', is: ['yes'] },
        says: 'there is a hole: the metal comes before the paint',
      },
      FILM,
    ],
  },
  {
    id: 'paint-panel',
    cure: 'full-panel',
    for: [
      painted,
      {
        fact: 'kind',
        is: [
          'scratch',
          'scuff',
          'dent',
          'stone-chip',
          'paint-loss',
          'edge-nick',
          'old-repair',
          'respray-sign',
          'peel',
          'ripple',
          'rust',
          'bloom',
          'etching',
        ],
      },
    ],
    says: 'the panel is made good and painted whole, the ones beside it blended in',
    sure: 'will',
    weaker: [{ if: { fact: 'kind', is: ['rust', 'bloom'] }, says: 'rust comes back where any was left' }],
    never: [
      { if: { fact: 'wipe', is: ['fainter'] }, says: 'it lies on the paint: it is cleaned off' },
      { if: { fact: 'hole', is: ['yes'] }, says: 'there is a hole: the metal comes before the paint' },
    ],
  },
  {
    id: 'stop-rust',
    cure: 'treat-rust',
    for: [{ fact: 'kind', is: ['rust', 'bloom', 'corrosion'] }],
    says: 'rust on the surface is cleaned to the metal and sealed',
    sure: 'should',
    weaker: [
      { if: { fact: 'howFar', is: ['plain'] }, says: 'where it bubbles there is more under the paint' },
    ],
    never: [
      { if: { fact: 'howFar', is: ['heavy'] }, says: 'it has gone through' },
      { if: { fact: 'hole', is: ['yes'] }, says: 'there is a hole' },
      { if: { fact: 'firm', is: ['soft'] }, says: 'the metal gives when it is pressed' },
    ],
  },
  {
    id: 'cut-and-weld',
    cure: 'repair-panel',
    for: [{ fact: 'kind', is: ['rust'] }],
    says: 'what has gone is cut out, new metal let in',
    sure: 'should',
    never: [{ if: { fact: 'howFar', is: ['slight'] }, says: 'it is on the surface only' }],
  },
  {
    id: 'beat-panel',
    cure: 'repair-panel',
    for: [painted, { fact: 'kind', is: ['dent', 'ripple'] }, { fact: 'severity', is: ['heavy'] }],
    says: 'a deep or bad one is pulled out, filled and painted',
    sure: 'should',
  },
  {
    id: 'set-gap',
    cure: 'adjust',
    for: [{ fact: 'kind', is: ['gap'] }],
    says: 'hinges, catches and buffers are set anew',
    sure: 'may',
    weaker: [{ if: { fact: 'howFar', is: ['heavy'] }, says: 'a wide one may come of an earlier knock' }],
  },
];
