import { familyOf, inside } from '../family';
import type { functionBodies } from './bodies';
import { functionStateWords } from './functionStates';
import { functionNoters, noFunctions } from './state';

export const functions = familyOf<typeof functionBodies>()({
  empty: () => ({ functions: noFunctions() }),
  noters: inside((state) => state.functions, functionNoters),
  words: {
    'functions-tried': ({ functions, state, says }, { titleOf }) => {
      const what = functions.length === 1 ? titleOf(functions[0] as string) : `${functions.length} functions`;
      return `${what}: ${functionStateWords[state]}${says ? `, ${says}` : ''}`;
    },
    'function-added': (body, { titleOf }) => `Fitted: ${titleOf(body.function)}`,
    'timer-begun': (body, { titleOf }) => `Test begun: ${titleOf(body.function)}`,
    'lamps-noted': ({ on }) =>
      on.length === 0
        ? 'All warning lamps out'
        : `Lamps on: ${on.map((lamp) => lamp.replaceAll('-', ' ')).join(', ')}`,
    'drive-noted': ({ driver, distance, unit }) =>
      `Road test: ${driver}${distance ? `, ${distance} ${unit ?? ''}` : ''}`,
    'recording-attached': (body, { titleOf }) =>
      `${titleOf(body.function)}: ${body.of}, ${Math.round(body.seconds)} s`,
    'recording-set-aside': () => 'Recording set aside',
  },
});
