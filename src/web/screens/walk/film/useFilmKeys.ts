import type { RefObject } from 'react';
import { useKeys } from '../round/useKeys';
import type { StageHandle } from './FilmStage';
import type { FilmDeskState } from './useFilmDesk';

/** The keys of the film's desk, and what they do. */
export const filmKeyHelp: readonly (readonly [key: string, does: string])[] = [
  ['↓ ↑', 'The next statement, the one before'],
  ['A', 'Accept it'],
  ['Shift A', 'Accept all as said'],
  ['C', 'Change it'],
  ['X', 'Leave it out'],
  ['Z', 'Undo'],
  ['P', 'Play and pause'],
  ['?', 'These keys'],
];

export function useFilmKeys(
  desk: FilmDeskState,
  stage: RefObject<StageHandle | undefined>,
  onHelp: () => void,
): void {
  const { current, actions, isTaking, counts } = desk;
  const isOpen = current !== undefined && current.group !== 'done';
  useKeys([
    { key: 'ArrowDown', run: () => desk.step(1) },
    { key: 'ArrowUp', run: () => desk.step(-1) },
    { key: 'a', run: () => isOpen && !isTaking && actions.accept(current) },
    { key: 'A', run: () => !isTaking && counts.said > 0 && desk.acceptAll() },
    { key: 'c', run: () => isOpen && actions.startChange(current.key) },
    { key: 'x', run: () => isOpen && actions.leaveOut(current.key) },
    { key: 'z', run: () => desk.canUndo && desk.undo() },
    { key: 'p', run: () => stage.current?.toggle() },
    { key: '?', run: onHelp },
  ]);
}
