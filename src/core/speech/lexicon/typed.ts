import { fault, part, type Table } from './sense';

/** Shorter still: what a hand types and no mouth says so alone. Common practice. */
export const typed: Table = [
  ['l', { is: 'side', hand: 'l' }],
  ['r', { is: 'side', hand: 'r' }],
  ['f', { is: 'side', end: 'front' }],
  ['ds', { is: 'side', sideWord: 'driver' }],
  ['ps', { is: 'side', sideWord: 'passenger' }],
  ['lid', part(['tailgate', 'bootlid'])],
  ['rail', part(['roofrail'])],
  ['nose', part(['bumper-front'], { end: 'front' })],
  ['wave', fault('ripple')],
  ['ghost', fault('ghost')],
  ['felt', { is: 'test', of: { feel: 'clear-edge' } }],
  ['stays', { is: 'test', of: { wipe: 'stays' } }],
  ['obvious', { is: 'notice', notice: 'across-the-bay' }],
  ['wash', { is: 'cure', cure: 'clean' }],
  ['swap', { is: 'cure', cure: 'replace' }],
  ['as is', { is: 'decision', decision: 'left' }],
  ['rather', { is: 'correct' }],
];
