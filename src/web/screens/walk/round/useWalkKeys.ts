import { useMemo } from 'react';
import type { FaceId, PartId } from '#core/car';
import type { Fact, Spot } from '#core/walk';
import { type KeyAction, useKeys } from './useKeys';
import type { Deck } from './walkModel';

const walkOrder: readonly FaceId[] = ['front', 'left', 'rear', 'right', 'top'];

interface WalkKeys {
  here: PartId;
  /** Where a finding lands that is logged without pointing. */
  middle: () => Spot;

  face: FaceId;
  setDeck: (deck: Deck) => void;
  sayAndWalkOn: (fact: Fact) => void;
  step: (by: number) => void;
  undo: () => void;
  turn: (face: FaceId) => void;
  toggleClose: () => void;
  help: () => void;
  /** A dialog is open: its keys are its own. */
  paused: boolean;
}

/** Keys of the walk screen, as shown by `?`. */
export const walkKeyHelp: readonly [key: string, does: string][] = [
  ['c', 'this part is clear, walk on'],
  ['f', 'log a finding in the middle of this part'],
  ['1 – 9', 'what kind it is, once it is asked; 0 is the same again'],
  ['n', 'could not see this part'],
  ['p', 'photos of this part'],
  ['← →', 'stop before, stop after'],
  ['[ ]', 'turn the car'],
  ['z', 'part large or whole side'],
  ['u', 'undo'],
  ['l', 'what is left'],
  ['h', 'what was logged'],
  ['Esc', 'back to the stop'],
  ['?', 'these keys'],
];

const none: readonly KeyAction[] = [];

export function useWalkKeys({
  here,
  middle,
  face,
  setDeck,
  sayAndWalkOn,
  step,
  undo,
  turn,
  toggleClose,
  help,
  paused,
}: WalkKeys): void {
  const actions = useMemo((): KeyAction[] => {
    const turnBy = (by: number) =>
      turn(walkOrder[(walkOrder.indexOf(face) + by + walkOrder.length) % walkOrder.length] as FaceId);
    return [
      { key: 'c', run: () => sayAndWalkOn({ kind: 'part-cleared', body: { part: here } }) },
      { key: 'f', run: () => setDeck({ mode: 'kinds', part: here, spot: middle() }) },
      { key: 'n', run: () => setDeck({ mode: 'not-seen' }) },
      { key: 'p', run: () => setDeck({ mode: 'photos' }) },
      { key: 'ArrowLeft', run: () => step(-1) },
      { key: 'ArrowRight', run: () => step(1) },
      { key: '[', run: () => turnBy(-1) },
      { key: ']', run: () => turnBy(1) },
      { key: 'z', run: toggleClose },
      { key: 'u', run: undo },
      { key: 'l', run: () => setDeck({ mode: 'left' }) },
      { key: 'h', run: () => setDeck({ mode: 'log' }) },
      { key: '?', run: help },
      { key: 'Escape', run: () => setDeck({ mode: 'stop' }) },
    ];
  }, [here, middle, face, setDeck, sayAndWalkOn, step, undo, turn, toggleClose, help]);
  useKeys(paused ? none : actions);
}
