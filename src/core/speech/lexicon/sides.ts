import type { Table } from './sense';

/** Sides and ends, with the abbreviations of the trade. Common practice. */
export const sides: Table = [
  ['left|lh|left hand|left-hand|left side', { is: 'side', hand: 'l' }],
  ['right|rh|right hand|right-hand|right side', { is: 'side', hand: 'r' }],
  ['nearside|near side|ns|kerb side|kerbside', { is: 'side', sideWord: 'nearside' }],
  ['offside|off side|os', { is: 'side', sideWord: 'offside' }],
  ["driver's side|drivers side|driver side|driver's|drivers|driver", { is: 'side', sideWord: 'driver' }],
  [
    "passenger side|passenger's side|passengers side|passenger|passenger's",
    { is: 'side', sideWord: 'passenger' },
  ],
  ['front|forward', { is: 'side', end: 'front' }],
  ['rear|back', { is: 'side', end: 'rear' }],
  ['fl|lf|left front|front left|lhf', { is: 'side', hand: 'l', end: 'front' }],
  ['fr|rf|right front|front right|rhf', { is: 'side', hand: 'r', end: 'front' }],
  ['rl|lr|left rear|rear left|lhr|left back|back left', { is: 'side', hand: 'l', end: 'rear' }],
  ['rr|right rear|rear right|rhr|back right', { is: 'side', hand: 'r', end: 'rear' }],
  ['nsf|ns front|nearside front|front nearside', { is: 'side', sideWord: 'nearside', end: 'front' }],
  ['osf|os front|offside front|front offside', { is: 'side', sideWord: 'offside', end: 'front' }],
  ['nsr|ns rear|nearside rear|rear nearside', { is: 'side', sideWord: 'nearside', end: 'rear' }],
  ['osr|os rear|offside rear|rear offside', { is: 'side', sideWord: 'offside', end: 'rear' }],
];
