import { fault, part, runs, type Table } from './sense';

/** What machines write where something else was said: each heard of real captions, each with a line in the tests. Common practice. */
export const slips: Table = [
  ['nearest side|near sides|mere side|near said', { is: 'side', sideWord: 'nearside' }],
  ['off sides|offsite|off site|off-site|of side|offsides', { is: 'side', sideWord: 'offside' }],
  ['thread|threads|thread depth', part(['tyre'])],
  ['cill|seal panel|side cill', part(['sill'])],
  ['cills', part(['sill'], { isMany: true })],
  ['quota|quota panel|rear quota|rear quota panel|quarter pounder', part(['quarter'])],
  ['allow wheel|a lloy|ally wheel|alloyed wheel|aloy', part(['wheel'])],
  ['allow wheels|alloyed wheels|aloys', part(['wheel'], { isMany: true })],
  ['tale light|tail like|tell light', part(['taillamp'])],
  ['tale lights|tail likes', part(['taillamp'], { isMany: true })],
  ['head lighter|headlighter|head liners', part(['headlining'])],
  ['head like', part(['headlamp'])],
  ['laquer peel|lacker peel|laquer peeling|lacker peeling', fault('peel', 'wheel-flaking')],
  ['curb rush|kerb rush|curb crash|curve brash', fault('kerbing', 'scuff')],
  ['stone shipped|stone ship|stone ships|stoned chips', fault('stone-chip', 'glass-chip')],
  ['back up cam|back-up cam', runs('reversing-camera')],
];
